import { formatQuantity, unitSymbol } from '../model/units.ts'
import type { Figure } from './figure.ts'

/** Value and unit of a figure in one line, metric, ordinary spaces; empty where it has no value. */
export function figureText(figure: Figure | undefined): string {
  const { value, quantity, precision, most } = figure ?? {}
  if (!value || !quantity) return ''
  if (value.kind === 'text') return value.text
  const unit = unitSymbol(quantity, 'metric')
  const shown = (one: number) => formatQuantity(one, quantity, 'metric', precision)
  const said =
    value.kind === 'range'
      ? `${shown(value.from)} … ${shown(value.to)}`
      : most !== undefined && value.number > most
        ? `> ${shown(most)}`
        : shown(value.number)
  return `${said}${unit && ` ${unit}`}`.replaceAll('\u2060', '').replace(/[\u00a0\u2009]/g, ' ')
}
