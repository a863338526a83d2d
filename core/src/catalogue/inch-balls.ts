import { BearingType } from '../bearing-types/index.ts'
import { linesUnder } from '../tables/csv-lines.ts'
import { catalogueRow, type CatalogueRow } from './catalogue-row.ts'

/** Series name that all inch deep groove sizes share in the tables of estimates. */
export const inchBallSeries = 'R'

const columns = ['designation', 'type', 'boreMm', 'odMm', 'widthMm', 'closedWidthMm'] as const

/**
 * Reads inch deep groove sizes from their CSV text. The number is the bore in sixteenths of an inch; with a shield or a seal most
 * are wider than open.
 *
 * @throws Error when a line does not fit: the file ships with the program, so that is a bug, not an input
 * @see ANSI/ABMA 20
 */
export function readInchBalls(csv: string): CatalogueRow[] {
  return linesUnder(columns, csv, 'inch balls').map((line, index) => {
    const [designation = '', type, ...numbers] = line.split(',')
    const [boreMm, odMm, widthMm, closedWidthMm] = numbers.map(Number)
    if (!designation || !boreMm || !odMm || !widthMm || !closedWidthMm)
      throw new Error(`inch balls line ${index + 2} does not fit: ${line}`)
    return catalogueRow({
      designation,
      type: BearingType.parse(type),
      series: inchBallSeries,
      boreMm,
      odMm,
      widthMm,
      closedWidthMm: closedWidthMm === widthMm ? null : closedWidthMm,
    })
  })
}
