import { overallWidth, type CatalogueRow } from '@yardfrost/core'
import type { Format } from './use-format.ts'

/** Sizes in one breath, mm: `35 × 72 × 17 mm`. */
export function sizesSaid(sizes: readonly number[], format: Format): string {
  const size = (mm: number) => format.digits(mm, 'length', { decimals: Number.isInteger(mm) ? 0 : 2 })
  return `${sizes.map(size).join(' × ')} ${format.unit('length')}`
}

/** Bore, outside and width over all of a row of the tables. */
export const sizeWords = (row: CatalogueRow, format: Format): string =>
  sizesSaid([row.boreMm, row.odMm, overallWidth(row)], format)
