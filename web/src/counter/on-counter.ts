import { bearingTypeNames, findBearing, readSizes, searchCatalogue, type CatalogueRow } from '@yardfrost/core'
import { sizeWords } from '../figures/size-words.ts'
import type { Format } from '../figures/use-format.ts'
import { catalogue } from '../references.ts'
import type { useSettings } from '../shell/settings.ts'

/** A number that can be taken to the counter, and what it is. */
export interface OnCounter {
  number: string
  tells: string
}

/** Numbers and sizes of the tables that fit what was typed: a size, a whole number with its suffixes, the beginning of one. */
export function onCounter(
  typed: string,
  units: ReturnType<typeof useSettings>['units'],
  format: Format,
  limit: number,
): OnCounter[] {
  const tells = (row: CatalogueRow) => `${bearingTypeNames[row.type]}, ${sizeWords(row, format)}`
  const sizes = readSizes(typed, units)
  const whole = sizes ? null : findBearing(typed, catalogue)
  const rows = searchCatalogue(catalogue, sizes ? { ...sizes, limit } : { text: typed, limit })
  const found = [
    ...(whole ? [{ number: whole.decoded.normal, tells: tells(whole.row) }] : []),
    ...rows.map((row) => ({ number: row.designation, tells: tells(row) })),
  ]
  return found.filter(({ number }, index) => found.findIndex((one) => one.number === number) === index).slice(0, limit)
}
