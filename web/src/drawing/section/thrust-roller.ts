import { mirrored, polygon } from '../outline.ts'
import { roller, type Drawn, type Frame, type Shape } from './frame.ts'

/** Two flat washers with a roller lying across between them; the shaft washer on the right. */
export function thrustRoller(frame: Frame): Drawn {
  const { bore, od, width: b, pitch, element, length, chamfer: r } = frame
  const clear = 0.02 * od
  const washer = (side: 1 | -1, from: number, to: number): Shape => {
    const right = polygon([
      [element, from + r],
      [element, to - r],
      [element + r, to],
      [b - r, to],
      [b, to - r],
      [b, from + r],
      [b - r, from],
      [element + r, from],
    ])
    return { part: side > 0 ? 'inner-ring' : 'outer-ring', outline: side > 0 ? right : mirrored(right) }
  }
  return {
    shapes: [
      washer(1, bore, od - clear),
      washer(-1, bore + clear, od),
      { part: 'element', outline: roller([0, pitch], element, length, Math.PI / 2) },
      ...cageBars(frame),
    ],
    contacts: [{ at: [0, pitch], angleRad: Math.PI / 2, radiusMm: element }],
    inner: { from: element, to: b },
    outer: { from: -b, to: -element },
  }
}

/** The cage shows beyond both ends of the roller, clear of the washers. */
function cageBars({ bore, od, pitch, element, length }: Frame): Shape[] {
  const thick = 0.35 * element
  const bar = (from: number, to: number): Shape => ({
    part: 'cage',
    outline: polygon([
      [-thick, from],
      [thick, from],
      [thick, to],
      [-thick, to],
    ]),
  })
  const inside = (pitch - length - bore) * 0.6
  const outside = (od - pitch - length) * 0.6
  return [
    bar(pitch - length - inside, pitch - length - 0.08 * element),
    bar(pitch + length + 0.08 * element, pitch + length + outside),
  ]
}
