import { adaptInterval, type AdaptedInterval, type GreaseAction, type Purged } from '../records/adapt-interval.ts'
import { hours, kelvin } from '../words/quantities.ts'
import { pointPlan } from './plan.ts'
import type { Seen } from './observed.ts'
import type { PointKind, PointOwn, PointWork } from './point.ts'

/** Another interval, or something to look into, by what was seen; a person takes it or leaves it. */
export interface Proposal extends Seen {
  fromH: number
  /** The same as before where only something is to be looked into. */
  toH: number
  verdict: AdaptedInterval['verdict']
  actions: GreaseAction[]
  signs: string[]
  remarks: AdaptedInterval['remarks']
}

const shortestH = 1
const longestH = 30_000
/** An interval is not known beyond two figures. */
const rounded = (valueH: number): number => Number(valueH.toPrecision(2))

/**
 * What a point should learn from what came out since its interval was last settled.
 *
 * @param seen - in order of days, what came out at each visit
 * @returns null where there is nothing to learn
 */
export function proposalOf(kind: PointKind, work: PointWork, own: PointOwn, seen: readonly Seen[]): Proposal | null {
  const { intervalH } = pointPlan(kind, work, own)
  const fresh = seen.filter(({ day }) => own.settledOn === null || day > own.settledOn)
  const last = fresh.at(-1)
  if (kind !== 'grease' || intervalH === null || !last) return null
  const fromH = Math.min(longestH, Math.max(shortestH, intervalH))
  const judge = ({ came, temperature, ultrasound }: Seen, goodInRow: number) =>
    adaptInterval({
      intervalH: fromH,
      ...(work.intervalH === null ? {} : { formulaH: Math.min(longestH, work.intervalH) }),
      school: 'evidence',
      goodInRow: Math.min(100, goodInRow),
      ...(came ? { purged: came } : {}),
      ...(temperature ? { temperature } : {}),
      ...(ultrasound ? { ultrasound } : {}),
    })
  const before = fresh.slice(0, -1).reduce((inRow, one) => judge(one, inRow).goodInRow, 0)
  const { newIntervalH, verdict, actions, signs, remarks } = judge(last, before)
  if (verdict === 'keep' && actions.length === 0) return null
  return { ...last, fromH, toH: verdict === 'keep' ? fromH : rounded(newIntervalH), verdict, actions, signs, remarks }
}

const decibels = (value: number): string => `${Math.round(value)} dB`

const cameOut: Record<Purged, string> = {
  fresh: 'Fresh grease came out',
  darkened: 'Dark, soft grease came out',
  hard: 'Stiff grease came out',
  oily: 'Oil came out of the grease',
  water: 'Water came out with it',
  metal: 'Metal came out with it',
  nothing: 'Nothing came out',
}
const actionWords: Record<GreaseAction, string> = {
  inspect: 'Listen to it and inspect it: grease does not cure it.',
  seal: 'Find where the water comes in.',
  'reduce-quantity': 'Give less at a time.',
  'check-temperature': 'Find why it runs so warm.',
  'check-grease-type': 'Look whether the grease suits the place.',
  'check-path': 'Look whether the drain is open and the pipe is whole.',
}

/** A change of less between before and a day after says nothing, K. */
const leastChangeK = 2

/** What was seen, a clause each. */
function seenWords({ came, temperature, ultrasound }: Seen): string {
  const fallK = temperature ? temperature.beforeC - temperature.settledC : 0
  const clauses = [
    ...(came ? [cameOut[came]] : []),
    ...(Math.abs(fallK) < leastChangeK
      ? []
      : [`It ran ${kelvin(Math.abs(fallK))} ${fallK > 0 ? 'cooler' : 'warmer'} a day after greasing`]),
    ...(ultrasound
      ? [`It stood ${decibels(ultrasound.beforeDb - ultrasound.baselineDb)} over its quiet, and ${decibels(ultrasound.afterDb - ultrasound.baselineDb)} after greasing`] // prettier-ignore
      : []),
  ]
  return clauses.map((one, at) => (at === 0 ? one : one.replace('It', 'it'))).join('; ')
}

/** A proposal in a sentence: what came out, what it asks for. */
export function proposalWords({ fromH, toH, verdict, actions, remarks, ...seen }: Proposal): string {
  const change =
    verdict === 'keep'
      ? ''
      : `: ${verdict === 'shorten' ? 'shorten' : 'lengthen'} from ${hours(fromH)} to ${hours(toH)}`
  const cause = remarks.includes('find-cause')
    ? ' So far below the formula greasing cures nothing: find the cause.'
    : ''
  return `${seenWords(seen)}${change}. ${actions.map((action) => actionWords[action]).join(' ')}${cause}`.trim()
}
