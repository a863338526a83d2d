import type { StockLine } from '@yardfrost/contract'
import { stringify } from 'csv-stringify/sync'
import { stockColumns } from '../shelf/import-stock.ts'

/** What lies in stock as CSV, a line each; the same columns are taken in again. */
export const stockCsv = (lines: readonly StockLine[]): string =>
  stringify(
    lines.map(({ designation, greasedOn, ...line }) => ({ ...line, bearing: designation, greased_on: greasedOn })),
    { header: true, escape_formulas: true, columns: [...stockColumns] },
  )
