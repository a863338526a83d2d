import type { Figure, FigureValue, Precision, Quantity } from '@yardfrost/core'
import type { HalfSection } from '../half-section.ts'
import type { Point } from '../outline.ts'
import type { Tone } from './overlay.ts'

/** Words for values, in the units of the device. */
export interface OverlayWords {
  inline: (value: FigureValue, quantity: Quantity, precision?: Precision) => string
  digits: (value: number, quantity: Quantity, precision?: Precision) => string
  fit: (from: number, to: number) => { digits: string; word: string; tone: Tone }
}

/** A figure with its unit, in words; null while it has no value. */
export const inWords = (figure: Figure | undefined, words: OverlayWords): string | null =>
  figure?.value ? words.inline(figure.value, figure.quantity, figure.precision) : null

type Contact = HalfSection['contacts'][number]

/** Where an element touches the outer (1) or the inner ring (−1). */
export function contactPoint({ at: [x, y], angleRad, radiusMm }: Contact, side: 1 | -1): Point {
  return [x + side * radiusMm * Math.sin(angleRad), y + side * radiusMm * Math.cos(angleRad)]
}
