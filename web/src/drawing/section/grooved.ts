import { polygon, type Point, type Segment } from '../outline.ts'
import {
  ball,
  cageTicks,
  innerRing,
  outerRing,
  shoulderShare,
  type Drawn,
  type Frame,
  type Made,
  type Shape,
} from './frame.ts'

/** Groove bearings, one row. An angular contact bearing has a low shoulder on each ring, on opposite sides. */
function grooved(frame: Frame, alpha: number): Drawn {
  const { width: b, pitch, element } = frame
  const full = shoulderShare * element
  const low = alpha > 0 ? element * 0.94 : full
  const half = (height: number) => Math.sqrt(Math.max(element ** 2 - height ** 2, 0))
  const inner = innerRing(frame, [
    [-b, pitch - full],
    [-half(full), pitch - full],
    { to: [half(low), pitch - low], arc: { radius: element, turns: 'counterclockwise' } },
    [b, pitch - low],
  ])
  const outer = outerRing(frame, [
    [-b, pitch + low],
    [-half(low), pitch + low],
    { to: [half(full), pitch + full], arc: { radius: element, turns: 'clockwise' } },
    [b, pitch + full],
  ])
  return {
    shapes: [outer, inner, ...cageTicks(frame, 0), ball([0, pitch], element)],
    contacts: [{ at: [0, pitch], angleRad: alpha, radiusMm: element }],
  }
}

/** The inner ring of a four-point bearing comes in halves. */
function splitInner(drawn: Drawn, { bore, pitch, element }: Frame): Drawn {
  const joint: Shape = {
    part: 'cage',
    outline: polygon([
      [0, bore],
      [0, pitch - element],
    ]),
  }
  return { ...drawn, shapes: [...drawn.shapes, joint] }
}

/** Two rows of balls back to back in one pair of rings. */
function doubleRow(frame: Frame): Drawn {
  const { width: b, pitch, element, alpha } = frame
  const x = Math.min(b - element * 1.05, Math.max(b / 2, element * 1.04))
  const full = shoulderShare * element
  const half = Math.sqrt(element ** 2 - full ** 2)
  const inner = innerRing(frame, [
    [-b, pitch - full],
    ...[-x, x].flatMap((middle): (Point | Segment)[] => [
      [middle - half, pitch - full],
      { to: [middle + half, pitch - full], arc: { radius: element, turns: 'counterclockwise' } },
    ]),
    [b, pitch - full],
  ])
  const outer = outerRing(frame, [
    [-b, pitch + full],
    ...[-x, x].flatMap((middle): (Point | Segment)[] => [
      [middle - half, pitch + full],
      { to: [middle + half, pitch + full], arc: { radius: element, turns: 'clockwise' } },
    ]),
    [b, pitch + full],
  ])
  return {
    shapes: [outer, inner, ball([-x, pitch], element), ball([x, pitch], element)],
    contacts: [-1, 1].map((side) => ({ at: [side * x, pitch] as const, angleRad: side * alpha, radiusMm: element })),
  }
}

export const deepGroove = (frame: Frame, { series }: Made): Drawn =>
  series === '42' || series === '43' ? doubleRow(frame) : grooved(frame, 0)

/** One row, or two in one pair of rings. */
export const angularContact = (frame: Frame, { series }: Made): Drawn =>
  series === '32' || series === '33' ? doubleRow(frame) : grooved(frame, frame.alpha)

export const fourPoint = (frame: Frame): Drawn => splitInner(grooved(frame, 0), frame)
