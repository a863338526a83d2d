import { type Point, type Segment } from '../outline.ts'
import { ball, innerRing, outerRing, shoulderShare, type Drawn, type Frame } from './frame.ts'

/** Two rows of balls in a ring that is a sphere inside. */
export function selfAligning(frame: Frame): Drawn {
  const { width: b, pitch, element, alpha } = frame
  const sphere = pitch / Math.cos(alpha) + element
  const x = Math.min(pitch * Math.tan(alpha), b - element)
  const edge = Math.sqrt(sphere ** 2 - b ** 2)
  const full = shoulderShare * element
  const half = Math.sqrt(element ** 2 - full ** 2)
  const groove = (middle: number): (Point | Segment)[] => [
    [middle - half, pitch - full],
    { to: [middle + half, pitch - full], arc: { radius: element, turns: 'counterclockwise' } },
  ]
  const y = Math.sqrt((sphere - element) ** 2 - x ** 2)
  const shift = (points: (Point | Segment)[]) =>
    points.map((one): Point | Segment =>
      'to' in one ? { ...one, to: [one.to[0], one.to[1] + y - pitch] } : [one[0], one[1] + y - pitch],
    )
  const inner = innerRing(frame, [[-b, y - full], ...shift(groove(-x)), ...shift(groove(x)), [b, y - full]])
  const outer = outerRing(frame, [[-b, edge], { to: [b, edge], arc: { radius: sphere, turns: 'clockwise' } }])
  return {
    shapes: [outer, inner, ball([-x, y], element), ball([x, y], element)],
    contacts: [-1, 1].map((side) => ({ at: [side * x, y] as const, angleRad: side * alpha, radiusMm: element })),
  }
}
