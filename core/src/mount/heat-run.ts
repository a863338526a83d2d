import { heatCapacity, heatTransfer } from './window.ts'

/** A bearing on a heater, as two lumps: the inner ring that is heated, and the rest that follows it. */
export interface HeatedBearing {
  massKg: number
  /** All exposed surface, mm². */
  areaMm2: number
  roomC: number
}

export interface RingTemperatures {
  innerC: number
  outerC: number
}

/** Share of the mass that is inner ring. */
const innerShare = 0.4

/** Heat that passes from ring to ring through the elements and their grease, W/K: grows with the size of the contacts. */
const passesWPerK = (massKg: number): number => 18 * Math.sqrt(massKg)

/** Longest step that stays exact to hundredths of a degree, s. */
const longestStepS = 0.1

/**
 * Temperatures of both rings after some seconds under a heating power; 0 W for a ring that cools in still air.
 *
 *     m_i c dT_i/dt = P − G (T_i − T_o) − h A/2 (T_i − T_room)        m_o c dT_o/dt = G (T_i − T_o) − h A/2 (T_o − T_room)
 *
 * @param powerW - into the inner ring
 * @see lumped heat balance; midpoint steps
 */
export function heatFor(
  { massKg, areaMm2, roomC }: HeatedBearing,
  from: RingTemperatures,
  powerW: number,
  seconds: number,
): RingTemperatures {
  const [innerJ, outerJ] = [innerShare * massKg * heatCapacity, (1 - innerShare) * massKg * heatCapacity]
  const passes = passesWPerK(massKg)
  const loses = (heatTransfer * areaMm2 * 1e-6) / 2
  const slope = ({ innerC, outerC }: RingTemperatures) => {
    const through = passes * (innerC - outerC)
    return {
      inner: (powerW - through - loses * (innerC - roomC)) / innerJ,
      outer: (through - loses * (outerC - roomC)) / outerJ,
    }
  }
  const steps = Math.max(1, Math.ceil(seconds / longestStepS))
  const h = seconds / steps
  let now = from
  for (let step = 0; step < steps; step++) {
    const first = slope(now)
    const half = { innerC: now.innerC + (first.inner * h) / 2, outerC: now.outerC + (first.outer * h) / 2 }
    const middle = slope(half)
    now = { innerC: now.innerC + middle.inner * h, outerC: now.outerC + middle.outer * h }
  }
  return now
}

/** Exposed surface of a bearing taken as a hollow cylinder, mm². */
export const exposedArea = (boreMm: number, odMm: number, widthMm: number): number =>
  Math.PI * (boreMm + odMm) * widthMm + (Math.PI * (odMm ** 2 - boreMm ** 2)) / 2

/** Difference between the rings that a clearance class bears while it is heated, K. */
export function differenceLimit(clearanceClass: string | null): number {
  if (clearanceClass === 'C1' || clearanceClass === 'C2') return 20
  return clearanceClass === null || clearanceClass === 'CN' ? 35 : 50
}

const kelvin = 273.15

/**
 * What an infrared thermometer shows of a ring, °C.
 *
 *     T_app = [T_room⁴ + (ε/ε_set)(T⁴ − T_room⁴)]^¼
 *
 * @param emissivity - of the surface: bright steel 0.1 to 0.2
 * @param set - what the thermometer is set to
 * @see grey body, broad band
 */
export function infraredReading(trueC: number, roomC: number, emissivity: number, set = 0.95): number {
  const room4 = (roomC + kelvin) ** 4
  return (room4 + (emissivity / set) * ((trueC + kelvin) ** 4 - room4)) ** 0.25 - kelvin
}

/** The ring behind what an infrared thermometer shows, °C. */
export const ringBehind = (shownC: number, roomC: number, emissivity: number, set = 0.95): number =>
  infraredReading(shownC, roomC, set, emissivity)
