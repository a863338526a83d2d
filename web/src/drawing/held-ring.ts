import type { Holding } from '@yardfrost/core'
import { polygon, type Outline, type Point } from './outline.ts'

/** Sizes of a ring and its surroundings that the way it is held is drawn from, mm from the middle and the centre line. */
export interface RingSizes {
  inner: { from: number; to: number }
  /** Extent of the outer ring: an insert bearing has it narrower. */
  outer: { from: number; to: number }
  /** Half the bore at either end of the ring: they differ where it is tapered. */
  bore: { left: number; right: number }
  shoulderY: number
  /** Top of the inner ring at its face. */
  ringTopY: number
  /** Half the shaft under a sleeve; null where it is not known, and then drawn in proportion. */
  sleeveShaftY: number | null
  /** Where the rolling elements run on the inner ring, and their middle. */
  racewayY: number
  pitchY: number
}

/** Something that holds the ring. Neighbours are hatched against one another; thin parts are black, fasteners plain. */
export interface HeldPart {
  hatch: 'inner' | 'outer' | 'black' | 'plain'
  outline: Outline
}

/** A shaft with what holds the ring on it. */
export interface HeldRing {
  /** Upper edge of the shaft from left to right; it comes from beyond the sheet and, unless it ends, goes on beyond it. */
  edge: Point[]
  ends: boolean
  parts: HeldPart[]
  /** Core lines of threads, thin. */
  threads: [Point, Point][]
  /** Edges that lie behind the section, dashed. */
  hidden: [Point, Point][]
  /** Whether the bearing comes with its inner ring. */
  hasInnerRing: boolean
}

const [beyondLeft, beyondRight] = [-Infinity, Infinity]
const box = (from: number, to: number, low: number, high: number): Outline =>
  polygon([
    [from, low],
    [to, low],
    [to, high],
    [from, high],
  ])

/**
 * How a ring is held on its shaft, drawn from the sizes of the ring: proportions are the usual ones, not a maker's.
 *
 * @param holding - null where nobody has said: the shaft with its shoulder and nothing more
 */
export function heldRing(sizes: RingSizes, holding: Holding | null): HeldRing {
  const { inner, bore, shoulderY } = sizes
  const width = inner.to - inner.from
  const seat = Math.min(bore.left, bore.right)
  const shoulder: Point[] = [
    [beyondLeft, shoulderY],
    [inner.from, shoulderY],
    [inner.from, bore.left],
  ]
  const bare = { ends: false, parts: [], threads: [], hidden: [], hasInnerRing: true }
  switch (holding) {
    case null:
    case 'shoulder': {
      const edge: Point[] = [
        ...shoulder,
        [inner.to, bore.right],
        [inner.to + 0.6 * width, bore.right],
        [inner.to + 0.6 * width, 0.93 * seat],
        [beyondRight, 0.93 * seat],
      ]
      if (holding === null) return { ...bare, edge }
      const ring = box(inner.to, inner.to + Math.max(1, 0.05 * seat), 0.96 * seat, seat + 0.6 * (shoulderY - seat))
      return { ...bare, edge, parts: [{ hatch: 'black', outline: ring }] }
    }
    case 'nut': {
      const thread = 0.965 * bore.right
      const { parts, endX } = nutOn(sizes, inner.to, thread)
      const edge: Point[] = [
        ...shoulder,
        [inner.to - 0.04 * width, bore.right],
        [inner.to - 0.04 * width, thread],
        [endX + 0.12 * width, thread],
        [endX + 0.12 * width, 0.9 * seat],
        [beyondRight, 0.9 * seat],
      ]
      return { ...bare, edge, parts, threads: [coreOf(inner.to, endX + 0.12 * width, thread)] }
    }
    case 'end-plate': {
      // The shaft ends short of the ring's face, or the plate would clamp the shaft.
      const end = inner.to - 0.06 * width
      const plate = inner.to + 0.25 * seat
      const middle = 0.5 * seat
      const [bolt, head] = [0.1 * seat, 0.18 * seat]
      return {
        ...bare,
        edge: [...shoulder, [end, bore.right], [end, 0]],
        ends: true,
        parts: [
          { hatch: 'outer', outline: box(inner.to, plate, 0, seat + 0.8 * (shoulderY - seat)) },
          { hatch: 'plain', outline: box(plate, plate + head, middle - head, middle + head) },
        ],
        hidden: [-bolt, bolt].map((off) => [
          [end - 0.45 * width, middle + off],
          [plate, middle + off],
        ]),
      }
    }
    case 'eccentric-collar': {
      const { ringTopY, outer } = sizes
      const from = Math.max(inner.to - 0.16 * width, outer.to + 0.03 * width)
      const to = inner.to + 0.3 * width
      const top = ringTopY + 0.35 * (ringTopY - seat)
      const screw = inner.to + 0.16 * width
      return {
        ...bare,
        edge: plain(bore.right),
        parts: [
          {
            hatch: 'outer',
            outline: polygon([
              [from, ringTopY],
              [inner.to, ringTopY],
              [inner.to, seat],
              [to, seat],
              [to, top],
              [from, top],
            ]),
          },
          { hatch: 'plain', outline: box(screw - 0.035 * width, screw + 0.035 * width, seat, top) },
        ],
      }
    }
    case 'set-screws': {
      const { ringTopY, outer } = sizes
      const middle = Math.min((outer.to + inner.to) / 2, inner.to - 0.06 * width)
      const half = Math.min(0.06 * width, (inner.to - middle) * 0.8)
      return {
        ...bare,
        edge: plain(bore.right),
        parts: [{ hatch: 'plain', outline: box(middle - half, middle + half, seat, ringTopY + 0.06 * width) }],
      }
    }
    case 'adapter-sleeve': {
      const shaft = sizes.sleeveShaftY ?? seat - Math.max(1, 0.11 * seat)
      const thread = 0.985 * bore.right
      const { parts, endX } = nutOn(sizes, inner.to, thread)
      const over = 0.05 * width
      const rise = ((bore.left - bore.right) / width) * over
      const sleeve = polygon([
        [inner.from - over, shaft],
        [endX + over, shaft],
        [endX + over, thread],
        [inner.to, thread],
        [inner.to, bore.right],
        [inner.from - over, bore.left + rise],
      ])
      return {
        ...bare,
        edge: plain(shaft),
        parts: [{ hatch: 'outer', outline: sleeve }, ...parts],
        threads: [coreOf(inner.to, endX + over, thread)],
      }
    }
    case 'withdrawal-sleeve': {
      const shaft = sizes.sleeveShaftY ?? seat - Math.max(1, 0.1 * seat)
      const out = inner.to + 0.28 * width
      const rise = ((bore.right - bore.left) / width) * 0.28 * width
      const sleeve = polygon([
        [inner.from + 0.03 * width, shaft],
        [out, shaft],
        [out, bore.right + rise],
        [inner.from + 0.03 * width, bore.left],
      ])
      const thread = 0.97 * shaft
      const { parts, endX } = nutOn({ ...sizes, pitchY: bore.right + rise }, out, thread)
      return {
        ...bare,
        edge: [
          [beyondLeft, shoulderY],
          [inner.from, shoulderY],
          [inner.from, shaft],
          [out - 0.02 * width, shaft],
          [out - 0.02 * width, thread],
          [endX + 0.1 * width, thread],
          [endX + 0.1 * width, 0.9 * shaft],
          [beyondRight, 0.9 * shaft],
        ],
        parts: [{ hatch: 'outer', outline: sleeve }, ...parts],
        threads: [coreOf(out, endX + 0.1 * width, thread)],
      }
    }
    case 'no-inner-ring': {
      const { racewayY } = sizes
      const over = 0.18 * width
      return {
        ...bare,
        edge: [
          [beyondLeft, 0.92 * racewayY],
          [inner.from - over, 0.92 * racewayY],
          [inner.from - over, racewayY],
          [inner.to + over, racewayY],
          [inner.to + over, 0.92 * racewayY],
          [beyondRight, 0.92 * racewayY],
        ],
        hasInnerRing: false,
      }
    }
    default:
      return holding satisfies never
  }
}

const plain = (radius: number): Point[] => [
  [beyondLeft, radius],
  [beyondRight, radius],
]

/** A thread shows its core by a thin line inside its edge. */
const coreOf = (from: number, to: number, radius: number): [Point, Point] => [
  [from, 0.95 * radius],
  [to, 0.95 * radius],
]

/** Lock nut and tab washer against a face: the washer black, one tab bent into a slot of the nut. */
function nutOn({ pitchY, shoulderY }: RingSizes, from: number, thread: number): { parts: HeldPart[]; endX: number } {
  const washer = Math.max(0.8, 0.03 * thread)
  const width = 0.24 * thread + 3
  const top = Math.max(Math.min(1.24 * thread + 4, pitchY), Math.min(1.08 * thread, shoulderY))
  const [face, endX] = [from + washer, from + washer + width]
  const chamfer = 0.12 * width
  const nut = polygon([
    [face, thread],
    [endX, thread],
    [endX, top - chamfer],
    [endX - chamfer, top],
    [face, top],
  ])
  const tab = polygon([
    [from, thread],
    [face, thread],
    [face, top],
    [face + 0.45 * width, top],
    [face + 0.45 * width, top + washer],
    [from, top + washer],
  ])
  return {
    parts: [
      { hatch: 'inner', outline: nut },
      { hatch: 'black', outline: tab },
    ],
    endX,
  }
}
