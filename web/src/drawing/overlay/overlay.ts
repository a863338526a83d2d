import type { Point } from '../outline.ts'

export type Tone = 'ember' | 'frost' | 'ink'

/** A label with its leader. `figure` names the figure it speaks of. */
export interface Callout {
  figure: string
  /** The surface it speaks of, mm. */
  at: Point
  tone: Tone
  main: string
  sub: string
}

/** A seat surface drawn in the colour of its fit. */
export interface Surface {
  figure: string
  tone: Tone
  /** Along the shaft, mm. */
  from: number
  to: number
  y: number
}

/** A force, ending at a point. */
export interface LoadArrow {
  key: string
  to: Point
  /** Direction as seen on the sheet, y upward. */
  along: Point
  lengthPx: number
  text: string
  /** Where the text stands from the tail of the arrow, px. */
  label: { dx: number; dy: number; anchor: 'start' | 'middle' | 'end' }
}

/** What a lens lays over the drawing. */
export interface Overlay {
  /** The drawing in words. */
  description: string
  callouts: Callout[]
  surfaces: Surface[]
  arrows: LoadArrow[]
  /** Lines along which the elements pass the load on, mm. */
  contactLines: { from: Point; to: Point }[]
  hotInner: boolean
  /** The bore after heating, drawn exaggerated. */
  grownBore: { offsetPx: number } | null
}

export const emptyOverlay = (description: string): Overlay => ({
  description,
  callouts: [],
  surfaces: [],
  arrows: [],
  contactLines: [],
  hotInner: false,
  grownBore: null,
})
