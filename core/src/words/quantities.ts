import { inSentence } from '../model/sentence.ts'
import type { Precision } from '../model/units.ts'

/** Fatigue lives beyond this are not told apart: something else ends the bearing first, h. */
export const longestLifeH = 200_000

export const um = (value: number): string => inSentence(value, 'deviation')
export const mm = (value: number, decimals = 2): string => inSentence(value, 'length', { decimals })
export const celsius = (value: number): string => inSentence(value, 'temperature')
export const kelvin = (value: number): string => inSentence(value, 'temperatureRise')
export const newtons = (value: number, figures = 2): string => inSentence(value, 'force', figures)
/** A number without a unit: a ratio, a factor, a safety. */
export const plain = (value: number, precision: Precision = { figures: 2 }): string =>
  inSentence(value, 'ratio', precision)
export const degrees = (value: number, figures = 2): string => inSentence(value, 'angle', figures)
/** A share of one, in percent. */
export const percent = (share: number, figures = 2): string => inSentence(100 * share, 'percent', figures)
export const kilograms = (value: number): string => inSentence(value, 'mass', 2)

/** A time to wait for, to what a clock on the wall tells. */
export const minutes = (value: number): string =>
  value < 1.5
    ? `${Math.max(1, Math.round(value * 60))} s`
    : `${value < 10 ? Number(value.toFixed(1)) : Math.round(value)} min`

/** A span of hours; for a rated life say `life`. */
export const hours = (value: number, figures = 2): string => inSentence(value, 'duration', figures)

/** Digits of a rated life; one from estimated ratings is not stated beyond two. */
export const lifeFigures = (estimated: boolean): number => (estimated ? 2 : 3)

/** A rated life, which is not told beyond what can be known. */
export const life = (valueH: number, figures = 2): string =>
  valueH > longestLifeH ? `more than ${hours(longestLifeH)}` : hours(valueH, figures)

/** First letter large, for a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** The article of a word. */
export const withArticle = (word: string): string => `${/^[aeiou]|^(NU|NJ|N\b|R|S)/.test(word) ? 'an' : 'a'} ${word}`
