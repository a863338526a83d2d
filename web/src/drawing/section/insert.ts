import { ball, cageTicks, innerRing, ringOutline, shoulderShare, type Drawn, type Frame, type Shape } from './frame.ts'

export function insert(frame: Frame, { cup }: { cup: number }): Drawn {
  const { od, pitch, element, width: b } = frame
  const c = cup / 2
  const full = shoulderShare * element
  const half = Math.sqrt(element ** 2 - full ** 2)
  const edge = Math.sqrt(od ** 2 - c ** 2)
  const sphered: Shape = {
    part: 'outer-ring',
    outline: ringOutline([
      [-c, pitch + full],
      [-half, pitch + full],
      { to: [half, pitch + full], arc: { radius: element, turns: 'clockwise' } },
      [c, pitch + full],
      [c, edge],
      { to: [-c, edge], arc: { radius: od, turns: 'counterclockwise' } },
    ]),
  }
  const inner = innerRing(frame, [
    [-b, pitch - full],
    [-half, pitch - full],
    { to: [half, pitch - full], arc: { radius: element, turns: 'counterclockwise' } },
    [b, pitch - full],
  ])
  return {
    shapes: [sphered, inner, ...cageTicks(frame, 0), ball([0, pitch], element)],
    contacts: [{ at: [0, pitch], angleRad: 0, radiusMm: element }],
    outer: { from: -c, to: c },
  }
}
