import { mirrored, type Outline } from '../outline.ts'
import { ball, type Drawn, type Frame, type Shape } from './frame.ts'

/** Two washers with balls between; the shaft washer on the right. */
export function thrust(frame: Frame): Drawn {
  const { bore, od, width: b, pitch, element, chamfer: r } = frame
  const gap = element * 0.35
  const half = Math.sqrt(element ** 2 - gap ** 2)
  const clear = 0.02 * od
  const washer = (side: 1 | -1, from: number, to: number): Shape => {
    const right: Outline = {
      start: [gap, from + r],
      segments: [
        { to: [gap, pitch - half] },
        { to: [gap, pitch + half], arc: { radius: element, turns: 'counterclockwise' } },
        { to: [gap, to - r] },
        { to: [gap + r, to] },
        { to: [b - r, to] },
        { to: [b, to - r] },
        { to: [b, from + r] },
        { to: [b - r, from] },
        { to: [gap + r, from] },
      ],
    }
    return { part: side > 0 ? 'inner-ring' : 'outer-ring', outline: side > 0 ? right : mirrored(right) }
  }
  return {
    shapes: [washer(1, bore, od - clear), washer(-1, bore + clear, od), ball([0, pitch], element)],
    contacts: [{ at: [0, pitch], angleRad: Math.PI / 2, radiusMm: element }],
    inner: { from: gap, to: b },
    outer: { from: -b, to: -gap },
  }
}
