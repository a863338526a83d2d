import type { ResolvedBearing, RollingAssessment, RollingPosition } from '@yardfrost/core'
import type { HalfSection } from '../half-section.ts'
import type { OverlayWords } from './overlay-words.ts'

/** What a lens lays its overlay over: the drawing, and what core makes of the position. */
export interface Overlaid {
  assessment: RollingAssessment
  inputs: RollingPosition
  bearing: ResolvedBearing
  section: HalfSection
  words: OverlayWords
  /** Designation, to name the drawing by. */
  name: string
  pxPerMm: number
}
