import type { Purged } from '../records/adapt-interval.ts'
import type { Noticed } from './noticed.ts'
import type { RoundEntry, RoundReading, SignedRoundEntry, SkipReason } from './entry.ts'

/** How a point of a round stands. */
export interface PointProgress {
  state: 'open' | 'done' | 'skipped'
  strokes: number | null
  gramsPerStroke: number | null
  gun: string
  came: Purged | null
  reason: SkipReason | null
  noticed: readonly Noticed[]
  note: string
  by: string
  at: string | null
  readings: Partial<Record<RoundReading, number>>
  photos: readonly { photo: string; name: string }[]
}

const open: PointProgress = { state: 'open', strokes: null, gramsPerStroke: null, gun: '', came: null, reason: null, noticed: [], note: '', by: '', at: null, readings: {}, photos: [] } // prettier-ignore

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
  // What was read and photographed stays, whatever else is said.
  const begun = { ...open, readings: before.readings, photos: before.photos }
  switch (entry.kind) {
    case 'done': {
      const { strokes, gramsPerStroke, gun, came, noticed, note } = entry
      return { ...begun, state: 'done', strokes, gramsPerStroke, gun, came, noticed, note, by, at }
    }
    case 'skipped': {
      const { reason, noticed, note } = entry
      return { ...begun, state: 'skipped', reason, noticed, note, by, at }
    }
    case 'undone':
      return begun
    case 'read':
      return { ...before, readings: { ...before.readings, [entry.what]: entry.value } }
    case 'photo':
      return { ...before, photos: [...before.photos, { photo: entry.photo, name: entry.name }] }
    default:
      return entry satisfies never
  }
}

type Visit = Extract<RoundEntry, { kind: 'done' | 'skipped' }>

/** Visits of a point that stand: what was taken back is gone. */
export function standing(entries: readonly RoundEntry[]): Visit[] {
  const left: Visit[] = []
  for (const entry of entries) {
    if (entry.kind === 'undone') left.pop()
    else if (entry.kind === 'done' || entry.kind === 'skipped') left.push(entry)
  }
  return left
}

/** Day on which a point was last done, after everything that was said of it on any round; null where it never was. */
export function lastDoneOf(entries: readonly RoundEntry[]): string | null {
  const days = standing(entries)
    .filter(({ kind }) => kind === 'done')
    .map(({ at }) => at.slice(0, 10))
  return days.reduce<string | null>((latest, day) => (latest === null || day > latest ? day : latest), null)
}
