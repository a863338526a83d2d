import { circle, polygon, type Outline, type Point, type Segment } from '../outline.ts'

export type Part = 'inner-ring' | 'outer-ring' | 'element' | 'closure' | 'cage'

export interface Shape {
  part: Part
  outline: Outline
}

/** Sizes every drawing works with, mm. */
export interface Frame {
  bore: number
  od: number
  width: number
  chamfer: number
  pitch: number
  element: number
  length: number
  alpha: number
  /** What a tapered bore is wider by at either end, on the radius. */
  rise: { left: number; right: number }
}

/** What a drawing needs to know besides: widths over all, of cone and of cup, mm. */
export interface Made {
  series: string
  assembly: number
  cone: number
  cup: number
}

export interface Contact {
  at: Point
  angleRad: number
  radiusMm: number
}

export interface Drawn {
  shapes: Shape[]
  /** Middles of the rolling elements, for load lines. */
  contacts: Contact[]
  inner?: { from: number; to: number }
  outer?: { from: number; to: number }
}

/** Draws one type: a pure function of its sizes. */
export type Drawer = (frame: Frame, made: Made) => Drawn

export const ringOutline = (points: readonly (Point | Segment)[]): Outline => {
  const [first, ...rest] = points.map((one): Segment => ('to' in one ? one : { to: one }))
  if (!first) throw new Error('an outline needs points')
  return { start: first.to, segments: rest }
}

/** Lower edge of an inner ring from right to left, with its chamfers; the upper edge is what rolls. */
export function innerRing(
  frame: Frame,
  top: readonly (Point | Segment)[],
  from = -frame.width,
  to = frame.width,
): Shape {
  const { bore, chamfer: r, rise } = frame
  const [left, right] = [bore + rise.left, bore + rise.right]
  return {
    part: 'inner-ring',
    outline: ringOutline([...top, [to, right + r], [to - r, right], [from + r, left], [from, left + r]]),
  }
}

/** Upper edge of an outer ring from right to left, with its chamfers; the lower edge is what rolls. */
export function outerRing(
  frame: Frame,
  bottom: readonly (Point | Segment)[],
  from = -frame.width,
  to = frame.width,
): Shape {
  const { od, chamfer: r } = frame
  return {
    part: 'outer-ring',
    outline: ringOutline([...bottom, [to, od - r], [to - r, od], [from + r, od], [from, od - r]]),
  }
}

/** Height of a shoulder from the ball's middle as a share of its radius: the groove then holds 52° of the ball. */
export const shoulderShare = 0.62

export const ball = (at: Point, radius: number): Shape => ({ part: 'element', outline: circle(at, radius) })

/** The cage shows as two short bars beside the ball. */
export function cageTicks({ pitch, element, width }: Frame, x: number): Shape[] {
  // Balls as wide as the bearing leave no room to show it.
  if (x + element * 1.12 > width) return []
  const bar = (side: 1 | -1): Shape => ({
    part: 'cage',
    outline: polygon([
      [x + side * element * 1.0, pitch - element * 0.16],
      [x + side * element * 1.12, pitch - element * 0.16],
      [x + side * element * 1.12, pitch + element * 0.16],
      [x + side * element * 1.0, pitch + element * 0.16],
    ]),
  })
  return [bar(1), bar(-1)]
}

/** A cylindrical roller with its small chamfers. */
export function roller([x, y]: Point, radius: number, length: number, lean: number): Outline {
  const c = Math.min(radius, length) * 0.12
  const turn = ([u, v]: Point): Point => [
    x + u * Math.cos(lean) - v * Math.sin(lean),
    y + u * Math.sin(lean) + v * Math.cos(lean),
  ]
  return polygon(
    (
      [
        [-length + c, -radius],
        [length - c, -radius],
        [length, -radius + c],
        [length, radius - c],
        [length - c, radius],
        [-length + c, radius],
        [-length, radius - c],
        [-length, -radius + c],
      ] as Point[]
    ).map(turn),
  )
}
