import {
  formatQuantity,
  inSentence,
  renderSentence,
  unitSpace,
  unitSymbol,
  type Figure,
  type FigureValue,
  type Precision,
  type Quantity,
} from '@yardfrost/core'
import { useSettings } from '../shell/settings.ts'

/** A figure's text taken apart, so that the unit can stand smaller than the digits. */
export interface Shown {
  digits: string
  unit: string
}

/** Shows values in the units of this device. Reactive: call it in a template or a computed. */
export function useFormat() {
  const settings = useSettings()

  const unit = (quantity: Quantity) => unitSymbol(quantity, settings.units)

  const digits = (value: number, quantity: Quantity, precision?: Precision) =>
    formatQuantity(
      value,
      quantity,
      settings.units,
      precision && survives(precision, quantity) ? precision : undefined,
      settings.rounding,
    )

  /** Decimals are meant for millimetres and micrometres; figures hold in any unit. */
  const survives = (precision: Precision, quantity: Quantity) =>
    settings.units === 'metric' || 'figures' in precision || (quantity !== 'length' && quantity !== 'deviation')

  function show(value: FigureValue, quantity: Quantity, precision?: Precision): Shown {
    switch (value.kind) {
      case 'text':
        return { digits: value.text, unit: '' }
      case 'range':
        return {
          digits: `${digits(value.from, quantity, precision)} … ${digits(value.to, quantity, precision)}`,
          unit: unit(quantity),
        }
      case 'number':
        return { digits: digits(value.number, quantity, precision), unit: unit(quantity) }
      default:
        return value satisfies never
    }
  }

  /** A value with its unit in one text, for drawings and sentences. */
  function inline(value: FigureValue, quantity: Quantity, precision?: Precision): string {
    const { digits: text, unit: symbol } = show(value, quantity, precision)
    return symbol ? `${text}${unitSpace}${symbol}` : text
  }

  /** A figure; one beyond what is told apart is shown as more than that. */
  function figure({ value, quantity, precision, most }: Figure): Shown | null {
    if (!value) return null
    if (most === undefined || value.kind !== 'number' || value.number <= most) return show(value, quantity, precision)
    return { digits: `>${unitSpace}${digits(most, quantity, precision)}`, unit: unit(quantity) }
  }

  /** A fit in words: the word says tight or loose, not only the sign. `tone` colours it. */
  function fit(from: number, to: number): { digits: string; word: string; tone: 'ember' | 'frost' | 'ink' } {
    const plain = (value: number) => digits(Math.abs(value), 'deviation')
    if (from === to) {
      const tone = from > 0 ? 'ember' : from < 0 ? 'frost' : 'ink'
      return { digits: plain(from), word: `${unit('deviation')} ${from < 0 ? 'loose' : 'tight'}`, tone }
    }
    if (from >= 0) return { digits: `${plain(from)} … ${plain(to)}`, word: `${unit('deviation')} tight`, tone: 'ember' }
    if (to <= 0) return { digits: `${plain(to)} … ${plain(from)}`, word: `${unit('deviation')} loose`, tone: 'frost' }
    return {
      digits: `${plain(from)} loose … ${plain(to)} tight`,
      word: unit('deviation'),
      tone: 'ink',
    }
  }

  /** One end of a fit, with its word. */
  const fitEnd = (um: number) => `${digits(Math.abs(um), 'deviation')} ${um < 0 ? 'loose' : 'tight'}`

  /** A sentence of core with its quantities in these units. */
  const sentence = (text: string) => renderSentence(text, settings.units, settings.rounding)

  /** A length that is read off by eye, in whole millimetres or as rough in inches. */
  const rough = (lengthMm: number) => sentence(inSentence(lengthMm, 'length', { decimals: 0 }))

  return { unit, digits, show, inline, rough, figure, fit, fitEnd, sentence }
}

/** Values in the reader's units. */
export type Format = ReturnType<typeof useFormat>
