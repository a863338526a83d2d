import { polygon, type Point } from '../outline.ts'
import { innerRing, outerRing, roller, type Drawn, type Frame, type Made, type Shape } from './frame.ts'

/** One row of cylindrical or needle rollers; the prefix says which ring has ribs. An inner ring of no thickness is not there. */
function oneRow(frame: Frame, prefix: string): Drawn {
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
  const outerRibs = { left: prefix !== 'N', right: prefix !== 'N' && prefix !== 'NCF' }
  const innerRibs = { left: prefix !== 'NU', right: ['N', 'NUP', 'NCF'].includes(prefix) }
  const shapes: Shape[] = [
    outerRing(frame, ribbed(high, -1, outerRibs.left, outerRibs.right)),
    ...(low > frame.bore ? [innerRing(frame, ribbed(low, 1, innerRibs.left, innerRibs.right))] : []),
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

/** Two rows between three ribs of one ring; the other ring is plain. */
function twoRows(frame: Frame, ribsInside: boolean): Drawn {
  const { width: b, pitch, element, length } = frame
  const rib = 0.42 * element
  const middle = Math.min(b - length, Math.max(b / 2, 1.1 * length))
  const ribbed = (y: number, height: number): Point[] => {
    const [in_, out] = [middle - length, middle + length]
    return [
      [-b, y + height], [-out, y + height], [-out, y], [-in_, y], [-in_, y + height],
      [in_, y + height], [in_, y], [out, y], [out, y + height], [b, y + height],
    ] // prettier-ignore
  }
  const plain = (y: number): Point[] => [[-b, y], [b, y]] // prettier-ignore
  const [low, high] = [pitch - element, pitch + element]
  return {
    shapes: [
      outerRing(frame, ribsInside ? plain(high) : ribbed(high, -rib)),
      innerRing(frame, ribsInside ? ribbed(low, rib) : plain(low)),
      ...[-middle, middle].map((x): Shape => ({ part: 'element', outline: roller([x, pitch], element, length, 0) })),
    ],
    contacts: [-middle, middle].map((x) => ({ at: [x, pitch] as const, angleRad: 0, radiusMm: element })),
  }
}

export const cylindricalRoller = (frame: Frame, { series }: Made): Drawn => {
  const prefix = /^[A-Z]+/.exec(series)?.[0] ?? 'NU'
  return prefix.startsWith('NN') ? twoRows(frame, prefix !== 'NNU') : oneRow(frame, prefix)
}

/** Needles have their ribs on the outer ring. */
export const needleRoller = (frame: Frame): Drawn => oneRow(frame, 'NU')
