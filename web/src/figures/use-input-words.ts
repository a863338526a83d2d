import { formatInput, inputWords, plainInputWords, unitSpace } from '@yardfrost/core'
import { useSettings } from '../shell/settings.ts'
import type { InputDifference } from './input-differences.ts'
import { useFormat } from './use-format.ts'

/** Choices in words, by the path of their field. */
const wordsOf = { ...inputWords, ...plainInputWords }

/** Inputs in words, with their unit, as a comparison of two versions shows them. */
export function useInputWords() {
  const format = useFormat()
  const settings = useSettings()

  return function told(value: unknown, { path, quantity }: InputDifference): string {
    if (value === null || value === undefined || value === '') return 'empty'
    const number = (one: number) => formatInput(one, quantity, settings.units)
    const inUnit = (text: string) => `${text}${unitSpace}${format.unit(quantity)}`.trim()
    if (typeof value === 'number') return inUnit(number(value))
    if (Array.isArray(value)) {
      // Readings that were not taken are holes in the list.
      const entries = (value.flat() as unknown[]).filter((one) => one !== null)
      if (entries.length === 0) return 'empty'
      if (entries.every((one) => typeof one === 'string'))
        return entries.map((one) => wordsOf[path]?.[one] ?? one).join(', ')
      // Lists of numbers are what a gauge read.
      if (entries.every((one) => typeof one === 'number'))
        return inUnit(entries.map((one) => format.digits(one, quantity, { decimals: 3 })).join(', '))
      return `${entries.length} entries`
    }
    if (typeof value === 'boolean') return value ? 'yes' : 'no'
    return typeof value === 'string' ? (wordsOf[path]?.[value] ?? value) : 'as entered'
  }
}
