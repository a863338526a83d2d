import type { Purged } from '../records/adapt-interval.ts'
import type { RoundEntry, RoundReading, SignedRoundEntry, SkipReason } from './entry.ts'

/** How a point of a round stands. */
export interface PointProgress {
  state: 'open' | 'done' | 'skipped'
  strokes: number | null
  gramsPerStroke: number | null
  gun: string
  came: Purged | null
  reason: SkipReason | null
  note: string
  by: string
  at: string | null
  readings: Partial<Record<RoundReading, number>>
}

const open: PointProgress = { state: 'open', strokes: null, gramsPerStroke: null, gun: '', came: null, reason: null, note: '', by: '', at: null, readings: {} } // prettier-ignore

/** How each point stands after its entries, in the order they came; a point nobody has spoken of is left out. */
export function roundProgress(entries: readonly SignedRoundEntry[]): Map<string, PointProgress> {
  const points = new Map<string, PointProgress>()
  for (const entry of entries) {
    const before = points.get(entry.point) ?? open
    points.set(entry.point, after(before, entry))
  }
  return points
}

/** How a point stands while nobody has spoken of it. */
export const openPoint = open

function after(before: PointProgress, entry: SignedRoundEntry): PointProgress {
  const { by, at } = entry
  switch (entry.kind) {
    case 'done': {
      const { strokes, gramsPerStroke, gun, came, note } = entry
      return { ...open, readings: before.readings, state: 'done', strokes, gramsPerStroke, gun, came, note, by, at }
    }
    case 'skipped': {
      const { reason, note } = entry
      return { ...open, readings: before.readings, state: 'skipped', reason, note, by, at }
    }
    case 'undone':
      return { ...open, readings: before.readings }
    case 'read':
      return { ...before, readings: { ...before.readings, [entry.what]: entry.value } }
    default:
      return entry satisfies never
  }
}

/** Entries of a point that stand: what was taken back is gone. */
export function standing(entries: readonly RoundEntry[]): RoundEntry[] {
  const left: RoundEntry[] = []
  for (const entry of entries) {
    if (entry.kind === 'undone') left.pop()
    else if (entry.kind !== 'read') left.push(entry)
  }
  return left
}

/** What came out at a point, at each visit that stands. */
export const seenAt = (entries: readonly RoundEntry[]): { day: string; came: Purged }[] =>
  standing(entries).flatMap((entry) =>
    entry.kind === 'done' && entry.came !== null ? [{ day: entry.at.slice(0, 10), came: entry.came }] : [],
  )

/** Day on which a point was last done, after everything that was said of it on any round; null where it never was. */
export function lastDoneOf(entries: readonly RoundEntry[]): string | null {
  const days = standing(entries)
    .filter(({ kind }) => kind === 'done')
    .map(({ at }) => at.slice(0, 10))
  return days.reduce<string | null>((latest, day) => (latest === null || day > latest ? day : latest), null)
}
