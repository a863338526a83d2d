import { polygon, type Point } from '../outline.ts'
import { ringOutline, type Drawn, type Frame, type Shape } from './frame.ts'

/** Cone, cup and rollers whose lines meet on the centre line. The large ends are on the right. */
export function tapered(frame: Frame, { assembly, cone, cup }: { assembly: number; cone: number; cup: number }): Drawn {
  const { bore, od, pitch, element, alpha, chamfer: r } = frame
  const right = assembly / 2
  const coneFrom = right - cone
  const cupTo = -right + cup
  const halfTaper = alpha / 8
  const lean = alpha - halfTaper
  const middleX = (Math.max(coneFrom, -right) + Math.min(right, cupTo)) / 2
  // Steep estimated rollers may lean out of the rings; drawn, they end inside.
  const length = Math.min(frame.length, (right - Math.abs(middleX) - 1.06 * element * Math.sin(lean)) / Math.cos(lean))
  const turn = (u: number, v: number): Point => [
    middleX + u * Math.cos(lean) - v * Math.sin(lean),
    pitch + u * Math.sin(lean) + v * Math.cos(lean),
  ]
  const grow = Math.tan(halfTaper) * length
  const large = element + grow
  const small = element - grow
  const cupY = (x: number) => {
    const [x1, y1] = turn(-length, small)
    const [x2, y2] = turn(length, large)
    return y1 + ((x - x1) / (x2 - x1)) * (y2 - y1)
  }
  const lowLarge = turn(length, -large)
  const lowSmall = turn(-length, -small)
  const rib = turn(length, -large + 0.62 * element)
  const coneRing: Shape = {
    part: 'inner-ring',
    outline: ringOutline([
      [coneFrom, lowSmall[1] + 0.12 * element],
      [lowSmall[0] - 0.02 * length, lowSmall[1] + 0.12 * element],
      lowSmall,
      lowLarge,
      rib,
      [right, Math.max(rib[1], lowLarge[1] + 0.2 * element)],
      [right, bore + r],
      [right - r, bore],
      [coneFrom + r, bore],
      [coneFrom, bore + r],
    ]),
  }
  const cupRing: Shape = {
    part: 'outer-ring',
    outline: ringOutline([
      [-right, cupY(-right)],
      [cupTo, cupY(cupTo)],
      [cupTo, od - r],
      [cupTo - r, od],
      [-right + r, od],
      [-right, od - r],
    ]),
  }
  return {
    shapes: [
      cupRing,
      coneRing,
      {
        part: 'element',
        outline: polygon([turn(-length, -small), turn(length, -large), turn(length, large), turn(-length, small)]),
      },
    ],
    contacts: [{ at: [middleX, pitch], angleRad: -alpha, radiusMm: element }],
    inner: { from: coneFrom, to: right },
    outer: { from: -right, to: cupTo },
  }
}
