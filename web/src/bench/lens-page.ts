import type { ResolvedBearing, RollingAssessment, RollingPosition } from '@yardfrost/core'
import type { Component } from 'vue'
import type { HalfSection } from '../drawing/half-section.ts'

/** What a drawing of a page is drawn from. */
export interface OnBench {
  id: string
  assessment: RollingAssessment
  /** With what the shaft line says in it. */
  inputs: RollingPosition
  bearing: ResolvedBearing | null
  section: HalfSection | null
}

/** A drawing that a page shows in place of the half-section. */
export interface PageSheet {
  caption: string
  component: Component
  /** Its properties; null where there is nothing to draw, and the half-section stands. */
  props: (bench: OnBench) => Record<string, unknown> | null
  /** Longer than the sheet may be: it scrolls. */
  scrolls?: boolean
}

/** A page of a lens: what it is called, the question it answers, and the component that answers it. */
export interface LensPage {
  key: string
  label: string
  question: string
  /** Beginnings of the paths of the fields that are entered on it; those of no page stand on the first. */
  fields: readonly string[]
  /** Loaded when the page is first opened; it tells `working` and `field`. */
  component: Component
  /** It brings the frame of the lens itself, for what it has to say around it. */
  ownSheet?: boolean
  sheet?: PageSheet
}
