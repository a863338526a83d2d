import { polygon, type Point } from '../outline.ts'
import { innerRing, outerRing, roller, type Drawn, type Frame, type Made, type Shape } from './frame.ts'

/** Cylindrical and needle rollers; the prefix says which ring has ribs. */
function cylindrical(frame: Frame, prefix: string): Drawn {
  const { width: b, pitch, element, length } = frame
  const low = pitch - element
  const high = pitch + element
  const rib = 0.42 * element
  const ribbed = (y: number, direction: 1 | -1, left: boolean, right: boolean): Point[] => [
    ...(left
      ? ([
          [-b, y + direction * rib],
          [-length, y + direction * rib],
          [-length, y],
        ] as Point[])
      : ([[-b, y]] as Point[])),
    ...(right
      ? ([
          [length, y],
          [length, y + direction * rib],
          [b, y + direction * rib],
        ] as Point[])
      : ([[b, y]] as Point[])),
  ]
  const outerRibs = prefix !== 'N'
  const innerRibs = { left: prefix !== 'NU', right: prefix === 'N' || prefix === 'NUP' }
  const shapes: Shape[] = [
    outerRing(frame, ribbed(high, -1, outerRibs, outerRibs)),
    innerRing(frame, ribbed(low, 1, innerRibs.left, innerRibs.right)),
    {
      part: 'element',
      outline: roller([0, pitch], element, length, 0),
    },
  ]
  if (prefix === 'NUP') {
    // The right rib of the inner ring is a loose ring.
    shapes.push({
      part: 'cage',
      outline: polygon([
        [length, frame.bore],
        [length, low],
      ]),
    })
  }
  return { shapes, contacts: [{ at: [0, pitch], angleRad: 0, radiusMm: element }] }
}

export const cylindricalRoller = (frame: Frame, { series }: Made): Drawn =>
  cylindrical(frame, /^[A-Z]+/.exec(series)?.[0] ?? 'NU')

/** Needles have their ribs on the outer ring. */
export const needleRoller = (frame: Frame): Drawn => cylindrical(frame, 'NU')
