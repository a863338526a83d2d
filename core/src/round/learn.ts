import { adaptInterval, type AdaptedInterval, type GreaseAction, type Purged } from '../records/adapt-interval.ts'
import { hours } from '../words/quantities.ts'
import { pointPlan } from './plan.ts'
import type { PointKind, PointOwn, PointWork } from './point.ts'

/** What was seen at a point on a day. */
export interface Seen {
  day: string
  came: Purged
}

/** Another interval, or something to look into, by what came out; a person takes it or leaves it. */
export interface Proposal {
  day: string
  came: Purged
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
  const judge = (came: Purged, goodInRow: number) =>
    adaptInterval({
      intervalH: fromH,
      ...(work.intervalH === null ? {} : { formulaH: Math.min(longestH, work.intervalH) }),
      school: 'evidence',
      goodInRow: Math.min(100, goodInRow),
      purged: came,
    })
  const before = fresh.slice(0, -1).reduce((inRow, { came }) => judge(came, inRow).goodInRow, 0)
  const { newIntervalH, verdict, actions, signs, remarks } = judge(last.came, before)
  if (verdict === 'keep' && actions.length === 0) return null
  return { ...last, fromH, toH: verdict === 'keep' ? fromH : rounded(newIntervalH), verdict, actions, signs, remarks }
}

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

/** A proposal in a sentence: what came out, what it asks for. */
export function proposalWords({ came, fromH, toH, verdict, actions, remarks }: Proposal): string {
  const change =
    verdict === 'keep'
      ? ''
      : `: ${verdict === 'shorten' ? 'shorten' : 'lengthen'} from ${hours(fromH)} to ${hours(toH)}`
  const cause = remarks.includes('find-cause')
    ? ' So far below the formula greasing cures nothing: find the cause.'
    : ''
  return `${cameOut[came]}${change}. ${actions.map((action) => actionWords[action]).join(' ')}${cause}`.trim()
}
