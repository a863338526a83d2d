import {
  edgesOn,
  evenEdges,
  mirrored,
  stroked,
  takes,
  withEdges,
  type Band,
  type MarkKind,
  type PaintedMark,
  type Raceway,
  type RingName,
} from '@yardfrost/core'
import { computed, ref, shallowRef, toValue, type MaybeRefOrGetter } from 'vue'
import type { StripPoint } from '../drawing/raceway/strip-frame.ts'

export type Brush = 'track' | MarkKind | 'wipe'

/** What is painted: the tracks and the marks of a bearing that came out. */
export interface Painted {
  bands: Band[]
  marks: PaintedMark[]
}

/** Width of a brush across the raceway where it is taken up. */
const usualBrush: Record<Brush, number> = {
  track: 0.3, spalling: 0.25, dents: 0.2, rust: 0.5, etching: 0.8, flutes: 0.5, 'heat-tint': 1, scoring: 0.4, creep: 1, wipe: 0.3,
} // prettier-ignore
/** Brushes that leave one mark at each element where they snap to the pitch. */
const snapping: ReadonlySet<Brush> = new Set(['dents', 'etching', 'spalling'])
/** Length of one mark at the pitch, of a pitch; and of a dab without it, degrees. */
const snapShare = 0.16
const dabDeg = 4
const mostUndone = 60
const mostMarks = 300

const round = (value: number): number => Math.round(value * 1000) / 1000

/**
 * Painting on unrolled raceways: a brush that is put down, drawn along and lifted, by finger, mouse or keys.
 *
 * @param painted - what is there; it is replaced, not changed in place
 * @param raceways - of the bearing that is painted
 */
export function usePainting(
  painted: { get: () => Painted; set: (next: Painted) => void },
  raceways: MaybeRefOrGetter<readonly Raceway[]>,
) {
  const brush = ref<Brush>('track')
  const snap = ref(false)
  const widths = ref({ ...usualBrush })
  const undone = shallowRef<Painted[]>([])
  /** Where the brush was put down, and where it was last; null while it is lifted. */
  const down = shallowRef<{ ring: RingName; from: StripPoint; last: StripPoint; before: Painted } | null>(null)

  const width = computed({
    get: () => widths.value[brush.value],
    set: (value: number) =>
      (widths.value = { ...widths.value, [brush.value]: Math.max(0.05, Math.min(1, round(value))) }),
  })

  function take(one: Brush): void {
    brush.value = one
    // Etched lines stand at the pitch or are no etched lines.
    snap.value = one === 'etching'
  }

  const keep = (before: Painted) => (undone.value = [...undone.value, before].slice(-mostUndone))

  /** Whether the brush leaves anything there. */
  const goesOn = ({ surface }: StripPoint): boolean =>
    brush.value === 'wipe' || (brush.value === 'track' ? surface === 'raceway' : takes[brush.value].includes(surface))

  function putDown(ring: RingName, at: StripPoint): boolean {
    if (!goesOn(at)) return false
    const before = painted.get()
    keep(before)
    down.value = { ring, from: at, last: at, before }
    paint(at)
    return true
  }

  function drawTo(at: StripPoint): void {
    if (down.value) paint(at)
  }

  function lift(): void {
    down.value = null
  }

  function paint(at: StripPoint): void {
    const now = down.value
    if (!now) return
    if (brush.value === 'track' || (brush.value === 'wipe' && now.from.surface === 'raceway'))
      paintTrack(now.ring, now.last, at)
    if (brush.value === 'wipe') wipe(now.ring, at)
    else if (brush.value !== 'track') paintMarks(now.ring, now.from, at, now.before, brush.value)
    down.value = { ...now, last: at }
  }

  function paintTrack(ring: RingName, last: StripPoint, at: StripPoint): void {
    const { bands, marks } = painted.get()
    const stroke = { fromDeg: last.deg, toDeg: at.deg, fromU: last.u, toU: at.u, brush: width.value }
    const edges = stroked(edgesOn(bands, ring, at.row), stroke, brush.value === 'wipe')
    painted.set({ bands: withEdges(bands, ring, at.row, edges), marks })
  }

  /** The marks of a stroke, anew with each step of it, in place of those of the step before. */
  function paintMarks(ring: RingName, from: StripPoint, at: StripPoint, before: Painted, kind: MarkKind): void {
    const half = width.value / 2
    const low = round(Math.max(-0.5, Math.min(from.u, at.u) - half))
    const high = round(Math.min(0.5, Math.max(from.u, at.u) + half))
    const [start, end] = [Math.min(from.deg, at.deg), Math.max(from.deg, at.deg)]
    const rest = { kind, ring, surface: from.surface, row: from.surface === 'seat' ? 1 : from.row, low, high }
    const pitchDeg = toValue(raceways).find((one) => one.ring === ring)?.pitchDeg ?? 30
    const fresh: PaintedMark[] =
      snap.value && snapping.has(kind)
        ? Array.from({ length: Math.floor((end - start) / pitchDeg + 1e-9) + 1 }, (_, index) => ({
            ...rest,
            fromDeg: round((start + index * pitchDeg - (snapShare * pitchDeg) / 2 + 360) % 360),
            lengthDeg: round(snapShare * pitchDeg),
          }))
        : [
            {
              ...rest,
              fromDeg: round((end - start < dabDeg ? start - dabDeg / 2 + 360 : start) % 360),
              lengthDeg: round(Math.min(360, Math.max(end - start, dabDeg))),
            },
          ]
    painted.set({ bands: before.bands, marks: [...before.marks, ...fresh].slice(-mostMarks) })
  }

  function wipe(ring: RingName, at: StripPoint): void {
    const { bands, marks } = painted.get()
    const under = marks.filter((mark) => !isUnder(mark, ring, at))
    if (under.length < marks.length) painted.set({ bands, marks: under })
  }

  function undo(): void {
    const last = undone.value.at(-1)
    if (!last) return
    undone.value = undone.value.slice(0, -1)
    down.value = null
    painted.set(last)
  }

  /** One change that undo takes back whole. */
  function change(next: (now: Painted) => Painted): void {
    const now = painted.get()
    keep(now)
    painted.set(next(now))
  }

  const allRound = (ring: RingName, { row, u, surface }: StripPoint) =>
    change((now) => {
      const half = width.value / 2
      const [low, high] = [round(Math.max(-0.5, u - half)), round(Math.min(0.5, u + half))]
      if (brush.value === 'track' || brush.value === 'wipe') {
        const edges = brush.value === 'wipe' ? evenEdges(0, 0).map(() => null) : evenEdges(low, high)
        return { ...now, bands: withEdges(now.bands, ring, row, edges) }
      }
      const mark: PaintedMark = { kind: brush.value, ring, surface, row, fromDeg: 0, lengthDeg: 360, low, high }
      return { ...now, marks: [...now.marks, mark].slice(-mostMarks) }
    })

  /** A track of one width all round on some rows of a ring. */
  const even = (ring: RingName, rows: readonly number[], low: number, high: number) =>
    change((now) => ({
      ...now,
      bands: rows.reduce((bands, row) => withEdges(bands, ring, row, evenEdges(low, high)), now.bands),
    }))

  /** The track of one row on the other, as in a mirror between them. */
  const mirror = (row: number, rings: readonly RingName[]) =>
    change((now) => ({
      ...now,
      bands: rings.reduce(
        (bands, ring) => withEdges(bands, ring, row === 1 ? 2 : 1, mirrored(edgesOn(now.bands, ring, row))),
        now.bands,
      ),
    }))

  return {
    brush, snap, width, take, goesOn, putDown, drawTo, lift, undo, allRound, even, mirror,
    canUndo: computed(() => undone.value.length > 0),
    isDown: computed(() => down.value !== null),
    snaps: computed(() => snapping.has(brush.value)),
  } // prettier-ignore
}

/** Whether a mark lies under a point. */
export function isUnder(mark: PaintedMark, ring: RingName, { surface, row, deg, u }: StripPoint): boolean {
  const along = (deg - mark.fromDeg + 360) % 360 <= mark.lengthDeg
  const across = u >= mark.low - 0.05 && u <= mark.high + 0.05
  const same = mark.ring === ring && mark.surface === surface && (surface === 'seat' || mark.row === row)
  return same && along && across
}
