import type { ComparedThing, Likeness, Verdict } from '@yardfrost/core'

/** What is compared, as it is called. */
export const thingWords: Record<ComparedThing, string> = {
  'type': 'Type',
  'bore-size': 'Bore',
  'outside': 'Outside',
  'width': 'Width over all',
  'other-width': 'Width of the other ring',
  'corner': 'Corner',
  'guidance': 'Ribs',
  'angle': 'Contact angle',
  'pair': 'Pair',
  'bore': 'Shape of the bore',
  'clearance': 'Clearance in the box',
  'closure': 'Closure',
  'cage': 'Cage',
  'precision': 'Tolerance class',
  'heat': 'Stabilised to',
  'snap-ring': 'Snap ring',
  'lubrication': 'Groove for lubrication',
  'rating': 'Rating C, estimated',
} // prettier-ignore

export const likenessWords: Record<Likeness, string> = {
  same: 'same',
  goes: 'differs, but goes',
  look: 'look',
  never: 'never',
}

/** What is said of both together. */
export const togetherWords: Record<Likeness, string> = {
  same: 'It may go in',
  goes: 'It goes, with this to mind',
  look: 'Look first',
  never: 'Do not fit it',
}

/** What it comes to as a verdict. */
export const verdictOf: Record<Likeness, Verdict> = { same: 'go', goes: 'watch', look: 'watch', never: 'stop' }
