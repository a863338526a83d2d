import { z } from 'zod'
import { calculation } from '../working/calculation.ts'
import { sliding } from './sliding.ts'

export const shocks = ['none', 'moderate', 'heavy'] as const
export const dirts = ['clean', 'dusty', 'abrasive'] as const

export const PlainOrRollingInput = z.strictObject({
  journalDiameterMm: z.number().min(5).max(1000).meta({ unit: 'mm', description: 'Journal diameter' }),
  speedRpm: z.number().min(0).max(100_000).meta({ unit: 'r/min', description: 'Speed' }),
  loadN: z.number().min(0).max(1e8).meta({ unit: 'N', description: 'Load' }),
  lubrication: z.enum(['none', 'grease', 'oil-fed']).meta({ description: 'Lubrication' }),
  lengthMm: z.number().min(1).max(2000).optional().meta({ unit: 'mm', description: 'Length; the diameter where left out' }),
  axialN: z.number().min(0).max(1e8).default(0).meta({ unit: 'N', description: 'Axial load' }),
  shock: z.enum(shocks).default('none').meta({ description: 'Shock' }),
  radialSpace: z.enum(['ample', 'tight']).default('ample').meta({ description: 'Room round the shaft' }),
  noise: z.enum(['ordinary', 'quiet']).default('ordinary').meta({ description: 'Noise' }),
  startsPerDay: z.number().min(0).max(1e6).default(1).meta({ description: 'Starts a day' }),
  dirt: z.enum(dirts).default('clean').meta({ description: 'Dirt' }),
  wet: z.boolean().default(false).meta({ description: 'Water comes to it' }),
  growthMm: z.number().min(0).max(1000).default(0).meta({ unit: 'mm', description: 'The shaft slides along its axis by' }),
  splitNeeded: z.boolean().default(false).meta({ description: 'It has to go in over the shaft' }),
  oscillating: z.boolean().default(false).meta({ description: 'It swings and does not turn' }),
  lowFriction: z.boolean().default(false).meta({ description: 'It must start easily' }),
  failureCost: z.enum(['ordinary', 'high']).default('ordinary').meta({ description: 'What a failure costs' }),
}) // prettier-ignore
type Given = z.output<typeof PlainOrRollingInput>

export const plainRules = ['stock', 'speed', 'boundary-duty', 'slow-heavy', 'swing', 'shock', 'space', 'noise', 'starts', 'dirt', 'wet', 'growth', 'split', 'friction', 'axial', 'failure'] as const // prettier-ignore
export type PlainRule = (typeof plainRules)[number]

export interface PlainOrRolling {
  velocityMPerS: number
  pressureMPa: number
  /** Journal diameter times speed, mm/min. */
  dn: number
  /** Points for plain, against it below nothing. */
  score: number
  recommendation: 'plain' | 'rolling' | 'either'
  /** Rules that speak, in their order. */
  reasons: { rule: PlainRule; points: number }[]
}

/** A bush without a film bears no more speed, m/s, nor for long more pressure times speed, MPa·m/s. */
const [fastestBush, mostGreased, mostDry] = [2.5, 1, 0.5]

type Duty = Given & { v: number; p: number; dn: number; oiled: boolean }

/** What each rule is worth for plain; minus for rolling. */
const points: Record<PlainRule, (duty: Duty) => number> = {
  stock: () => -1,
  speed: ({ oiled, dn, v }) => (oiled ? (dn >= 500_000 ? 3 : dn >= 300_000 ? 1 : 0) : v > fastestBush ? -3 : 0),
  'boundary-duty': ({ oiled, v, p, lubrication }) =>
    !oiled && v <= fastestBush && p * v > (lubrication === 'none' ? mostDry : mostGreased) ? -2 : 0,
  'slow-heavy': ({ p, v }) => (p > 10 && v < 0.1 ? 2 : 0),
  swing: ({ oscillating }) => (oscillating ? 1 : 0),
  shock: ({ shock }) => shocks.indexOf(shock),
  space: ({ radialSpace }) => (radialSpace === 'tight' ? 2 : 0),
  noise: ({ noise }) => (noise === 'quiet' ? 1 : 0),
  starts: ({ oiled, v, startsPerDay }) => (oiled && v >= 0.5 ? (startsPerDay > 50 ? -2 : startsPerDay > 10 ? -1 : 0) : 0),
  dirt: ({ dirt }) => (dirt === 'abrasive' ? 1 : 0),
  wet: ({ wet, v }) => (wet && v <= fastestBush ? 1 : 0),
  growth: ({ growthMm }) => (growthMm > 5 ? 2 : growthMm > 1 ? 1 : 0),
  split: ({ splitNeeded }) => (splitNeeded ? 1 : 0),
  friction: ({ lowFriction }) => (lowFriction ? -2 : 0),
  axial: ({ axialN, loadN }) => (axialN > 0.1 * loadN ? -1 : 0),
  failure: ({ failureCost, oiled, v }) => (failureCost === 'high' ? (oiled && v >= 1 ? 1 : -1) : 0),
} // prettier-ignore

/**
 * Whether a plain or a rolling bearing suits a duty, by points that can be argued with.
 *
 * @example plainOrRolling({ journalDiameterMm: 60, speedRpm: 1480, loadN: 2500, lubrication: 'grease', … }).recommendation // 'rolling'
 * @see judgement, stated rule by rule
 */
export function plainOrRolling(given: Given): PlainOrRolling {
  const { journalDiameterMm: d, speedRpm, loadN, lengthMm = d, lubrication } = given
  const { velocityMPerS, pressureMPa } = sliding({ journalDiameterMm: d, lengthMm, loadN, speedRpm })
  const dn = d * speedRpm
  const duty = { ...given, v: velocityMPerS, p: pressureMPa, dn, oiled: lubrication === 'oil-fed' }
  const reasons = plainRules
    .map((rule) => ({ rule, points: points[rule](duty) }))
    .filter(({ points: worth }) => worth !== 0)
  const score = reasons.reduce((sum, { points: worth }) => sum + worth, 0)
  const recommendation = score >= 2 ? 'plain' : score <= -1 ? 'rolling' : 'either'
  return { velocityMPerS, pressureMPa, dn, score, recommendation, reasons }
}

export const plainOrRollingCalculation = calculation(
  'sleeve.compare',
  'Plain or rolling',
  'Judgement, stated rule by rule',
  PlainOrRollingInput,
  plainOrRolling,
)
