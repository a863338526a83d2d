import { clamp } from '../compare.ts'
import { strongest } from './comb.ts'
import { shaftOrders } from './simulate.ts'

export interface VelocityLine {
  hz: number
  velocityMmPerS: number
  ratio: number
}

export const machineFaults = ['unbalance', 'misalignment', 'looseness', 'electrical'] as const
export type MachineFault = (typeof machineFaults)[number]

/** What the spectrum says of the machine. */
export interface MachineFinding {
  fault: MachineFault
  confidence: number
  /** mm/s r.m.s. */
  strength: number
  share?: number
  twoToOne?: number | null
  halfOrders?: number
  wholeOrders?: number
}

/** Velocities at orders of the shaft, mm/s r.m.s., and at twice the line frequency. */
export interface ShaftLines {
  at: (order: number) => number
  orders: { order: number; mmPerS: number }[]
  lineMmPerS: number
}

export function shaftLines(
  lines: readonly VelocityLine[],
  { turnHz, resolutionHz, lineHz }: { turnHz: number; resolutionHz: number; lineHz: number },
): ShaftLines {
  const near = (hz: number, within: number) => strongest(lines, hz, within)?.velocityMmPerS ?? 0
  const orders = shaftOrders.map((order) => ({
    order,
    mmPerS: near(order * turnHz, 1.5 * resolutionHz + 0.001 * order * turnHz),
  }))
  const byOrder = new Map<number, number>(orders.map(({ order, mmPerS }) => [order, mmPerS]))
  return { at: (order) => byOrder.get(order) ?? 0, orders, lineMmPerS: near(2 * lineHz, 1.5 * resolutionHz) }
}

const mostWhereMixed = 0.45

/**
 * What the machine is sick of, by the orders that stand out.
 *
 * @param clashes - whole orders that lie on twice the line frequency
 * @param axial - velocities along the shaft; null where nobody read them
 * @param levelMmPerS - velocity from which a machine is watched
 */
export function machineFindings(
  lines: ShaftLines,
  { clashes, axial, levelMmPerS }: { clashes: readonly number[]; axial: ShaftLines | null; levelMmPerS: number },
): MachineFinding[] {
  const { at, orders, lineMmPerS } = lines
  const loud = (velocity: number) => clamp((velocity - 0.5 * levelMmPerS) / levelMmPerS)
  const [first, second] = [at(1), at(2)]
  const power = orders.reduce((sum, { mmPerS }) => sum + mmPerS ** 2, 0)
  const clash = clashes.length > 0
  const whole = power + (clash ? 0 : lineMmPerS ** 2)
  const share = whole > 0 ? first ** 2 / whole : 0

  const halfOrders = [0.5, 1.5, 2.5, 3.5].filter((order) => at(order) > 0).length
  const least = 0.1 * Math.max(first, second)
  const wholeOrders = [3, 4, 5, 6, 7, 8, 9, 10].filter((order) => at(order) > 0 && at(order) >= least - 1e-9).length
  const loose = Math.max(clamp((halfOrders - 1) / 2), clamp((wholeOrders - 3) / 3))

  const twice = ratioClamped(second, first)
  const along = axial ? Math.max(axial.at(1), axial.at(2)) : 0
  const lengthwise = axial ? ratioClamped(along, Math.max(first, second)) : 0
  const across = loud(second) * twice
  const both = axial ? loud(Math.max(second, along)) * (1 - (1 - twice) * (1 - lengthwise)) : 0
  const bent = Math.max(across, both) * (1 - loose)

  const hum = clamp((lineMmPerS - 0.25 * levelMmPerS) / (0.5 * levelMmPerS)) * (clash ? 0.8 : 1)
  const humAtMost = (clash && loose >= 0.5) || clashes.includes(2) ? mostWhereMixed : 1
  const bentAtMost = clashes.includes(2) && lengthwise < 0.5 ? mostWhereMixed : 1
  return [
    { fault: 'unbalance', confidence: loud(first) * clamp((share - 0.4) / 0.4), strength: first, share },
    {
      fault: 'misalignment',
      confidence: Math.min(bent, bentAtMost),
      strength: Math.max(second, along),
      twoToOne: first > 0 ? second / first : null,
    },
    {
      fault: 'looseness',
      confidence: loud(Math.sqrt(power)) * loose,
      strength: Math.sqrt(power),
      halfOrders,
      wholeOrders,
    },
    { fault: 'electrical', confidence: Math.min(hum, humAtMost), strength: lineMmPerS },
  ]
}

/** From 0.4 on it counts, from 1 on wholly; something over nothing counts wholly. */
const ratioClamped = (above: number, below: number): number =>
  below > 0 ? clamp((above / below - 0.4) / 0.6) : above > 0 ? 1 : 0
