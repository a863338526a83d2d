import { clearanceClasses } from '@yardfrost/core'

/** A choice of a field in the words of the shop. */
export interface Option<T> {
  value: T
  label: string
}

/** The choices of a closed set, in the order of its vocabulary. */
export const choices = <T extends string>(words: Record<T, string>): Option<T>[] =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }))

export const notStated: Option<null> = { value: null, label: 'not stated' }

export const axialWays = [
  { value: 'right', label: 'to the right' },
  { value: 'left', label: 'to the left' },
  { value: 'both', label: 'both ways' },
] as const

export const cleanlinessLevels = [
  notStated,
  { value: 'high', label: 'very clean' },
  { value: 'normal', label: 'clean' },
  { value: 'slight', label: 'slightly dirty' },
  { value: 'severe', label: 'dirty' },
  { value: 'very-severe', label: 'very dirty, wash-down' },
] as const

export const clearanceOptions = [
  notStated,
  ...clearanceClasses.map((name) => ({ value: name, label: name === 'CN' ? 'CN, normal, no suffix' : name })),
]

export const pairArrangements = [
  { value: 'single', label: 'stands alone' },
  { value: 'back-to-back', label: 'pair, back to back' },
  { value: 'face-to-face', label: 'pair, face to face' },
]
