import {
  formatQuantity,
  quantities,
  toKept,
  unitSpace,
  unitSymbol,
  type Precision,
  type Quantity,
  type Rounding,
  type UnitSystem,
} from './units.ts'

/** Quantities that are shown with the same digits wherever they stand. */
const fixedDigits: ReadonlySet<Quantity> = new Set(['temperature', 'deviation', 'temperatureRise', 'speed'])

/**
 * A quantity inside a sentence, kept as `{113.27 °C}`: unrounded, so that it is rounded once, in the units it is shown in.
 *
 * @param precision - digits in metric units; 3 figures, or the usual ones of the quantity, when absent
 */
export function inSentence(value: number, quantity: Quantity, precision?: Precision | number): string {
  const usual = quantity === 'length' ? { figures: 3 } : undefined
  const digits = typeof precision === 'number' ? { figures: precision } : (precision ?? usual)
  const asked = digits && ('figures' in digits ? `~f${digits.figures}` : `~d${digits.decimals}`)
  return `{${toKept(value)} ${quantities[quantity].metric}${asked ?? ''}}`
}

const quantityOf = new Map<string, Quantity>(
  (Object.keys(quantities) as Quantity[]).map((quantity) => [quantities[quantity].metric, quantity]),
)

/** A sentence with its quantities in the units of the reader, rounded as the reader has it. */
export function renderSentence(sentence: string, system: UnitSystem, rounding: Rounding = 'usual'): string {
  return sentence.replace(
    /\{(-?[\d.]+(?:e[+-]?\d+)?) ([^}~]*)(?:~([fd])(\d+))?\}/g,
    (whole, digits: string, symbol: string, kind: string | undefined, count: string | undefined) => {
      const quantity = quantityOf.get(symbol)
      if (!quantity) return whole
      // Sentences of before, which were rounded as they were written, keep the digits of a length.
      const precision =
        kind === undefined && quantity === 'length' && system === 'metric'
          ? { decimals: digits.split('.')[1]?.length ?? 0 }
          : precisionOf(quantity, system, kind, Number(count))
      const shown = formatQuantity(Number(digits), quantity, system, precision, rounding)
      const unit = unitSymbol(quantity, system)
      return `${shown}${unit && unit !== '°' ? unitSpace : ''}${unit}`
    },
  )
}

/** A length of whole millimetres is as rough in inches. */
const roughInches: Precision = { decimals: 2 }

/** An inch length keeps its tenths of a thou, unless whole millimetres were asked. */
function precisionOf(
  quantity: Quantity,
  system: UnitSystem,
  kind: string | undefined,
  count: number,
): Precision | undefined {
  if (kind === undefined || fixedDigits.has(quantity)) return undefined
  if (quantity === 'length' && system === 'inch') return kind === 'd' && count === 0 ? roughInches : undefined
  return kind === 'f' ? { figures: count } : { decimals: count }
}

/** A sentence as another program reads it: metric, ordinary spaces, no markup. */
export const plainSentence = (sentence: string): string =>
  renderSentence(sentence, 'metric')
    .replaceAll('\u2060', '')
    .replace(/[\u00a0\u2009]/g, ' ')
