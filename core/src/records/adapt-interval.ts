import { z } from 'zod'
import { calculation } from '../working/calculation.ts'
import { above, atLeast, atMost, below } from './compare.ts'
import { refused } from './running-hours.ts'

export const purged = ['fresh', 'darkened', 'hard', 'oily', 'water', 'metal', 'nothing'] as const
export type Purged = (typeof purged)[number]
export const greaseActions = ['inspect', 'seal', 'reduce-quantity', 'check-temperature', 'check-grease-type', 'check-path'] as const // prettier-ignore
export type GreaseAction = (typeof greaseActions)[number]

const degrees = z.number().min(-40).max(200)
const decibels = z.number().min(-50).max(150)
const hours = (description: string) => z.number().min(1).max(30_000).meta({ unit: 'h', description })

export const AdaptIntervalInput = z.strictObject({
  intervalH: hours('Interval now'),
  formulaH: hours('Interval by formula').optional(),
  school: z
    .enum(['evidence', 'formula'])
    .default('evidence')
    .meta({ description: 'Whether the interval goes by what was seen' }),
  goodInRow: z.int().min(0).max(100).default(0).meta({ description: 'Good observations in a row before this one' }),
  purged: z.enum(purged).optional().meta({ description: 'What came out' }),
  temperature: z
    .strictObject({ beforeC: degrees, peakC: degrees, settledC: degrees })
    .optional()
    .meta({ unit: '°C', description: 'Housing before, at its hottest, and a day after' }),
  ultrasound: z
    .strictObject({ baselineDb: decibels, beforeDb: decibels, afterDb: decibels })
    .optional()
    .meta({ unit: 'dB', description: 'When all was well, before, and five minutes after' }),
})

type Given = z.output<typeof AdaptIntervalInput>
type Evidence = 'purged' | 'temperature' | 'ultrasound'
export type AdaptRemark = 'one-more-good' | 'no-evidence' | 'bounded' | 'continuous' | 'find-cause'
export interface AdaptedInterval {
  newIntervalH: number
  factor: number
  verdict: 'shorten' | 'keep' | 'lengthen'
  votes: { from: Evidence; factor: number }[]
  actions: GreaseAction[]
  good: boolean
  goodInRow: number
  schools: { formula: { intervalH: number | null }; evidence: { intervalH: number } }
  signs: string[]
  remarks: AdaptRemark[]
}

interface Seen {
  from: Evidence
  factor: number
  actions: GreaseAction[]
  signs: string[]
}

const byPurged: Record<Purged, Omit<Seen, 'from'>> = {
  fresh: { factor: 1.25, actions: [], signs: [] },
  darkened: { factor: 1, actions: [], signs: [] },
  hard: { factor: 0.5, actions: ['check-temperature'], signs: ['grease-dry-black'] },
  oily: { factor: 0.7, actions: ['check-grease-type'], signs: ['grease-runny'] },
  water: { factor: 0.5, actions: ['seal'], signs: ['grease-milky'] },
  metal: { factor: 0.7, actions: ['inspect'], signs: ['grease-metal'] },
  nothing: { factor: 1, actions: ['check-path'], signs: [] },
}

const [shortestH, longestH] = [24, 30_000]
/** An interval is not stretched beyond so many times what the formula says. */
const mostOfFormula = 3
/** Below this share of the formula greasing more often cures nothing. */
const leastOfFormula = 0.2

/**
 * Whether the interval should change, by what came out, how warm it ran and how it sounded.
 *
 * Any reason to shorten stands, the strongest alone; to lengthen takes two good observations in a row. It proposes: a person
 * takes it.
 *
 * @returns hours; one step is between half and a quarter more, within 24 h and three times the formula
 * @throws InputError on `temperature` (a peak below what it rose from or fell to), `formulaH` (missing for its school)
 * @see general practice
 */
export function adaptInterval(input: z.output<typeof AdaptIntervalInput>): AdaptedInterval {
  const { intervalH, formulaH, school, goodInRow } = input
  if (school === 'formula' && formulaH === undefined)
    throw refused('formulaH', undefined, 'given where the interval goes by the formula', 'MISSING')
  const seen = weighed(input)
  const { factor, good, oneMore } = weigh(seen, goodInRow)
  const mostH = Math.max(shortestH, Math.min(longestH, formulaH === undefined ? longestH : mostOfFormula * formulaH))
  const evidenceH = Math.min(mostH, Math.max(shortestH, intervalH * factor))
  const byFormulaH = formulaH === undefined ? null : Math.min(longestH, Math.max(shortestH, formulaH))
  const newIntervalH = school === 'formula' && byFormulaH !== null ? byFormulaH : evidenceH
  return {
    newIntervalH,
    factor,
    verdict: below(newIntervalH, 0.995 * intervalH)
      ? 'shorten'
      : above(newIntervalH, 1.005 * intervalH)
        ? 'lengthen'
        : 'keep',
    votes: seen.map((one) => ({ from: one.from, factor: one.factor })),
    actions: greaseActions.filter((action) => seen.some(({ actions }) => actions.includes(action))),
    good,
    goodInRow: factor > 1 ? 0 : good ? goodInRow + 1 : 0,
    schools: { formula: { intervalH: byFormulaH }, evidence: { intervalH: evidenceH } },
    signs: seen.flatMap(({ signs }) => signs),
    remarks: [
      ...(oneMore ? (['one-more-good'] as const) : []),
      ...(seen.length === 0 ? (['no-evidence'] as const) : []),
      ...(Math.abs(evidenceH - intervalH * factor) > 1e-9 ? (['bounded'] as const) : []),
      ...(atMost(newIntervalH, shortestH) ? (['continuous'] as const) : []),
      ...(formulaH !== undefined && below(evidenceH, leastOfFormula * formulaH) ? (['find-cause'] as const) : []),
    ],
  }
}

/** What was seen at one greasing, each as it was seen. */
type Evidenced = Pick<Given, 'purged' | 'temperature' | 'ultrasound'>

const weighed = ({ purged: came, temperature, ultrasound }: Evidenced): Seen[] => [
  ...(came ? [{ from: 'purged' as const, ...byPurged[came] }] : []),
  ...(temperature ? [byTemperature(temperature)] : []),
  ...(ultrasound ? [bySound(ultrasound)] : []),
]

/** Signs of damage in what was seen at one greasing. @throws InputError as `adaptInterval` does */
export const greasingSigns = (seen: Evidenced): string[] => weighed(seen).flatMap(({ signs }) => signs)

function weigh(seen: readonly Seen[], goodInRow: number): { factor: number; good: boolean; oneMore: boolean } {
  const least = Math.min(1, ...seen.map(({ factor }) => factor))
  const longer = seen.map(({ factor }) => factor).filter((factor) => factor > 1)
  const good = least === 1 && longer.length > 0 && seen.every(({ actions }) => actions.length === 0)
  if (!good) return { factor: least, good: false, oneMore: false }
  return goodInRow >= 1 ? { factor: Math.min(...longer), good, oneMore: false } : { factor: 1, good, oneMore: true }
}

function byTemperature({ beforeC, peakC, settledC }: NonNullable<Given['temperature']>): Seen {
  if (peakC < beforeC || peakC < settledC)
    throw refused('temperature', peakC, 'hottest at its peak, not before or after', 'FIELDS_DISAGREE')
  const fall = beforeC - settledC
  const overfilled = atMost(fall, -5) || atLeast(peakC - beforeC, 30) || atLeast(peakC, 90)
  return {
    from: 'temperature',
    factor: atLeast(fall, 5) ? 0.7 : atLeast(fall, 2) ? 0.85 : 1,
    actions: overfilled ? ['reduce-quantity'] : [],
    signs: overfilled ? ['hot-after-greasing'] : [],
  }
}

function bySound({ baselineDb, beforeDb, afterDb }: NonNullable<Given['ultrasound']>): Seen {
  const [rise, change] = [beforeDb - baselineDb, afterDb - beforeDb]
  const loud = atLeast(rise, 8)
  const uncured = loud && above(change, -3)
  const louder = atLeast(change, 3)
  const quieter = !louder && loud && atMost(change, -4)
  return {
    from: 'ultrasound',
    factor: uncured ? 1 : atLeast(rise, 12) ? 0.6 : loud ? 0.8 : atLeast(rise, 3) ? 1 : 1.15,
    actions: [...(uncured ? (['inspect'] as const) : []), ...(louder ? (['reduce-quantity'] as const) : [])],
    signs: louder ? ['hf-rose-after-greasing'] : quieter ? ['hf-fell-after-greasing'] : [],
  }
}

export const adaptIntervalCalculation = calculation(
  'interval.adapt',
  'Whether a regreasing interval should change',
  'General practice',
  AdaptIntervalInput,
  adaptInterval,
)
