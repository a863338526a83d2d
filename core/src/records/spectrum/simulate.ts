import { z } from 'zod'
import { InputError } from '../../errors/input-error.ts'
import { seededRandom } from '../../seat/simulate-fit.ts'
import { calculation } from '../../working/calculation.ts'
import { refused } from '../running-hours.ts'
import { linesOf, SpectrumBearing } from './bearing.ts'
import { momentsOf } from './moments.ts'

export const simulatedFaults = ['none', 'outer', 'inner', 'element', 'cage', 'unbalance', 'misalignment', 'looseness', 'electrical'] as const // prettier-ignore

export const SimulateInput = z.strictObject({
  seed: z.int().min(0).max(4_294_967_295).meta({ description: 'Makes the chance repeat itself' }),
  sampleRateHz: z.number().min(1000).max(102_400).meta({ unit: 'Hz', description: 'Sample rate' }),
  samples: z.int().min(1024).max(131_072).meta({ description: 'How many samples' }),
  speedRpm: z.number().min(30).max(30_000).meta({ unit: 'r/min', description: 'True speed of the shaft' }),
  fault: z.enum(simulatedFaults).meta({ description: 'What is wrong with it' }),
  severity: z.number().min(0).max(1).default(0.5).meta({ description: 'How far it has gone' }),
  bearing: SpectrumBearing.optional(),
  noiseMs2: z.number().min(0).max(50).default(0.5).meta({ unit: 'm/s²', description: 'Noise, r.m.s.' }),
  slipPercent: z.number().min(-3).max(3).default(0).meta({ unit: '%', description: 'Slip of the elements' }),
  jitterPercent: z.number().min(0).max(5).default(0.5).meta({ unit: '%', description: 'Spread of the strikes' }),
  resonanceHz: z.number().min(200).max(40_000).default(3000).meta({ unit: 'Hz', description: 'What the strikes ring' }),
  dampingPercent: z.number().min(1).max(20).default(4).meta({ unit: '%', description: 'Damping of it' }),
  lineHz: z.number().min(16).max(400).default(50).meta({ unit: 'Hz', description: 'Line frequency' }),
  direction: z.enum(['radial', 'axial']).default('radial').meta({ description: 'Across the shaft, or along it' }),
})
export type SimulateInput = z.output<typeof SimulateInput>

export interface SimulatedSignal {
  samples: number[]
  count: number
  seconds: number
  meanMs2: number
  rmsMs2: number
  peakMs2: number
  kurtosis: number | null
}

/** Orders of the shaft that are drawn, always and in this order: chance goes by it. */
export const shaftOrders = [0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 9, 10] as const
/** Velocities of a sound machine, mm/s r.m.s., by order, and at twice the line frequency. */
const sound: Readonly<Record<number, number>> = { 1: 0.5, 2: 0.15, 3: 0.05 }
const soundLine = 0.05
const looseness = [2, 3, 1.5, 3, 1, 2.5, 0.8, 2, 1.6, 1.3, 1, 0.8, 0.6, 0.5] as const
/** What a fault of full severity adds to an order, mm/s r.m.s. */
function added({ fault, direction }: SimulateInput, order: number, place: number): number {
  const axial = direction === 'axial'
  switch (fault) {
    case 'unbalance':
      return order === 1 ? (axial ? 2 : 10) : 0
    case 'misalignment':
      return order === 1 ? (axial ? 5 : 3) : order === 2 ? 7 : order === 3 ? 1.5 : 0
    case 'looseness':
      return looseness[place] ?? 0
    default:
      return 0
  }
}
const humOfFault = 5
/** No line above this share of the sample rate. */
const usable = 0.45

/**
 * A vibration signal as a machine with a fault would give it: noise, lines of the shaft and the supply, and strikes of a damaged
 * bearing that ring a resonance. The stand-in for a collector; cleaner than any machine.
 *
 * @returns acceleration, m/s², sample i at i / sampleRateHz; the same seed gives the same samples
 * @throws InputError on `bearing` where a fault of it is asked without one, `resonanceHz` where the sample rate is too low
 */
export function simulateSignal(input: SimulateInput): Float64Array {
  const { seed, sampleRateHz, samples: count, speedRpm, noiseMs2, lineHz, severity, fault } = input
  const draw = seededRandom(seed)
  const gauss = (): number => {
    const [first, second] = [draw(), draw()]
    return Math.sqrt(-2 * Math.log(1 - first)) * Math.cos(2 * Math.PI * second)
  }
  const signal = new Float64Array(count)
  for (let i = 0; i < count; i++) signal[i] = noiseMs2 * gauss()
  const turnHz = speedRpm / 60
  const addLine = (hz: number, velocityMmPerS: number): void => {
    const phase = 2 * Math.PI * draw()
    if (velocityMmPerS <= 0 || hz >= usable * sampleRateHz) return
    const height = (velocityMmPerS * Math.SQRT2 * 2 * Math.PI * hz) / 1000
    for (let i = 0; i < count; i++)
      signal[i] = (signal[i] ?? 0) + height * Math.sin((2 * Math.PI * hz * i) / sampleRateHz + phase)
  }
  for (const [place, order] of shaftOrders.entries())
    addLine(order * turnHz, (sound[order] ?? 0) + severity * added(input, order, place))
  addLine(2 * lineHz, soundLine + (fault === 'electrical' ? severity * humOfFault : 0))
  strike(input, signal, draw, gauss)
  return signal
}

/** Strikes of a damaged bearing, each with what it rings. */
function strike(input: SimulateInput, signal: Float64Array, draw: () => number, gauss: () => number): void {
  const { fault, bearing, sampleRateHz, speedRpm, severity, slipPercent, jitterPercent, resonanceHz, dampingPercent } = input // prettier-ignore
  if (fault !== 'outer' && fault !== 'inner' && fault !== 'element' && fault !== 'cage') return
  if (!bearing) throw refused('bearing', undefined, `given, for a fault of its ${fault}`, 'MISSING')
  if (resonanceHz >= usable * sampleRateHz)
    throw new InputError({ code: 'FIELDS_DISAGREE', field: 'resonanceHz', value: resonanceHz, allowed: `below ${usable * sampleRateHz} Hz at this sample rate`, fix: 'Sample faster, or ring lower.' }) // prettier-ignore
  const { bpfoHz, bpfiHz, bsfHz, ftfHz } = linesOf(bearing, speedRpm)
  const lineHz = { outer: bpfoHz, inner: bpfiHz, element: 2 * bsfHz, cage: ftfHz }[fault]
  const rateHz = lineHz * (1 + slipPercent / 100)
  // A defect on the ring that turns comes and goes with the shaft, one on an element with the cage.
  const modulatedHz = fault === 'element' ? ftfHz : fault === bearing.rotatingRing ? speedRpm / 60 : null
  const seconds = signal.length / sampleRateHz
  const damping = dampingPercent / 100
  const omega = 2 * Math.PI * resonanceHz
  const rings = omega * Math.sqrt(1 - damping ** 2)
  let t = draw() / rateHz
  for (let k = 0; t < seconds; k++) {
    const inZone = modulatedHz === null ? 1 : 0.1 + 0.9 * Math.max(0, 1 - (1 - Math.cos(2 * Math.PI * modulatedHz * t)) / 0.8) ** 1.5 // prettier-ignore
    // An element strikes the other ring every second time.
    const share = fault === 'element' && k % 2 === 1 ? inZone * 0.6 : inZone
    const height = 20 * severity * share * Math.max(0, 1 + 0.1 * gauss())
    for (let i = Math.ceil(t * sampleRateHz); i < signal.length; i++) {
      const after = i / sampleRateHz - t
      if (damping * omega * after >= 12) break
      signal[i] = (signal[i] ?? 0) + height * Math.exp(-damping * omega * after) * Math.sin(rings * after)
    }
    t += Math.max(0.2, 1 + (jitterPercent / 100) * gauss()) / rateHz
  }
}

/** The same with what a glance tells of it. */
export function simulateSpectrum(input: SimulateInput): SimulatedSignal {
  const signal = simulateSignal(input)
  const { mean, rms, peak, kurtosis } = momentsOf(signal)
  return { samples: [...signal], count: signal.length, seconds: signal.length / input.sampleRateHz, meanMs2: mean, rmsMs2: rms, peakMs2: peak, kurtosis } // prettier-ignore
}

export const simulateSpectrumCalculation = calculation(
  'spectrum.simulate',
  'A made-up vibration signal',
  'Textbook signal; stand-in for a collector',
  SimulateInput,
  simulateSpectrum,
)
