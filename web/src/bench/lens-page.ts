import type { Component } from 'vue'

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
}
