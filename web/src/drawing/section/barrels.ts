import { mirrored, type Outline, type Point, type Segment } from '../outline.ts'
import { innerRing, outerRing, type Drawn, type Frame } from './frame.ts'

/** Rollers with a waist outward: spherical in two leaning rows, toroidal in one long row. */
function barrels(frame: Frame, alpha: number): Drawn {
  const { width: b, pitch, element } = frame
  const twoRows = alpha > 0
  // The raceway of a toroidal bearing is much flatter than the sphere that two rows share.
  const curve = twoRows ? pitch / Math.cos(alpha) + element : 2.6 * pitch
  const x = twoRows ? pitch * Math.tan(alpha) : 0
  // Estimated rollers may lean out of the ring by a hair; drawn, they end inside it.
  const length = Math.min(frame.length, (b - x - element * Math.sin(alpha)) / Math.cos(alpha))
  const sag = curve - Math.sqrt(curve ** 2 - length ** 2)
  const along: Point = [Math.cos(alpha), -Math.sin(alpha)]
  const outward: Point = [Math.sin(alpha), Math.cos(alpha)]
  const at = (u: number, v: number): Point => [x + u * along[0] + v * outward[0], pitch + u * along[1] + v * outward[1]]
  const barrel: Outline = {
    start: at(-length, element - sag),
    segments: [
      { to: at(length, element - sag), arc: { radius: curve, turns: 'clockwise' } },
      { to: at(length, -element + sag) },
      { to: at(-length, -element + sag), arc: { radius: curve, turns: 'clockwise' } },
    ],
  }
  const rib = 0.3 * element
  const track: (Point | Segment)[] = [
    at(-length, -element + sag),
    { to: at(length, -element + sag), arc: { radius: curve, turns: 'counterclockwise' } },
    at(length, -element + sag + rib),
    [b, at(length, -element + sag + rib)[1]],
  ]
  const edgeY = twoRows ? Math.sqrt(curve ** 2 - b ** 2) : pitch + element - (curve - Math.sqrt(curve ** 2 - b ** 2))
  const outer = outerRing(frame, [[-b, edgeY], { to: [b, edgeY], arc: { radius: curve, turns: 'clockwise' } }])
  if (!twoRows) {
    const inner = innerRing(frame, [
      [-b, at(-length, -element + sag)[1]],
      at(-length, -element + sag),
      { to: at(length, -element + sag), arc: { radius: curve, turns: 'counterclockwise' } },
      [b, at(length, -element + sag)[1]],
    ])
    return {
      shapes: [outer, inner, { part: 'element', outline: barrel }],
      contacts: [{ at: [0, pitch], angleRad: 0, radiusMm: element }],
    }
  }
  const middleTop = at(-length, -element + sag + rib)
  const right: (Point | Segment)[] = [middleTop, ...track]
  const inner = innerRing(frame, [...leftOf(right), ...right])
  return {
    shapes: [outer, inner, { part: 'element', outline: barrel }, { part: 'element', outline: mirrored(barrel) }],
    contacts: [-1, 1].map((side) => ({ at: [side * x, pitch] as const, angleRad: side * alpha, radiusMm: element })),
  }
}

/** The left half of a symmetrical track, from the left edge to the middle. */
function leftOf(right: readonly (Point | Segment)[]): (Point | Segment)[] {
  const points = right.map((one): Segment => ('to' in one ? one : { to: one }))
  return points
    .map(({ to }, index): Point | Segment => {
      const arc = points[index + 1]?.arc
      const flipped: Point = [-to[0], to[1]]
      // Walked the other way round and mirrored, an arc turns as it did.
      return arc ? { to: flipped, arc } : flipped
    })
    .reverse()
}

export const sphericalRoller = (frame: Frame): Drawn => barrels(frame, frame.alpha)

export const toroidalRoller = (frame: Frame): Drawn => barrels(frame, 0)
