import { formatQuantity, quantities, unitSpace, unitSymbol, type Quantity, type UnitSystem } from './units.ts'

/**
 * A quantity inside a sentence, kept as `{113 °C}`: metric and readable as it stands, and shown in the reader's units by
 * `renderSentence`.
 *
 * @param figures - digits that count; 3 unless the value deserves fewer
 */
export function inSentence(value: number, quantity: Quantity, figures = 3): string {
  const kept =
    quantity === 'temperature' || quantity === 'deviation' ? Math.round(value) : Number(value.toPrecision(figures))
  return `{${kept} ${quantities[quantity].metric}}`
}

const quantityOf = new Map<string, Quantity>(
  (Object.keys(quantities) as Quantity[]).map((quantity) => [quantities[quantity].metric, quantity]),
)

/** A sentence with its quantities in the units of the reader. */
export function renderSentence(sentence: string, system: UnitSystem): string {
  return sentence.replace(/\{(-?[\d.]+(?:e[+-]?\d+)?) ([^}]+)\}/g, (whole, digits: string, symbol: string) => {
    const quantity = quantityOf.get(symbol)
    if (!quantity) return whole
    // A length keeps the digits it was written with: a growth of 1.03 mm is not 1.030.
    const written =
      quantity === 'length' && system === 'metric' ? { decimals: digits.split('.')[1]?.length ?? 0 } : undefined
    const shown = formatQuantity(Number(digits), quantity, system, written)
    return `${shown}${unitSpace}${unitSymbol(quantity, system)}`
  })
}
