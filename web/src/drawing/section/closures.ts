import { mirrored, polygon } from '../outline.ts'
import { shoulderShare, type Frame, type Shape } from './frame.ts'

/** Shields and seals between the shoulders. A lip touches the inner ring; a shield and a low-friction seal do not. */
export function closureShapes(frame: Frame, closure: string, sides: number): Shape[] {
  if (closure === 'open' || sides === 0) return []
  const { width: b, pitch, element } = frame
  const full = shoulderShare * element
  const thick = closure === 'shield' ? 0.035 * b : 0.09 * b
  const gap = closure === 'contact-seal' ? 0 : 0.14 * element
  const x = Math.min(b * 0.9, b - thick)
  const right: Shape = {
    part: 'closure',
    outline: polygon([
      [x, pitch - full + gap],
      [x + thick, pitch - full + gap],
      [x + thick, pitch + full],
      [x, pitch + full],
    ]),
  }
  return sides === 2 ? [right, { ...right, outline: mirrored(right.outline) }] : [right]
}
