import { clearanceClasses, cleanlinessWords } from '@yardfrost/core'
import { choices, notStated } from '../form/choices.ts'

export { choices, notStated, type Option } from '../form/choices.ts'

export const cleanlinessOptions = [notStated, ...choices(cleanlinessWords)]

export const clearanceOptions = [
  notStated,
  ...clearanceClasses.map((name) => ({ value: name, label: name === 'CN' ? 'CN, normal, no suffix' : name })),
]
