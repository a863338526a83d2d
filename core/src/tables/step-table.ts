/** A table of a standard as its data file holds it: one row a size step. */
export interface TableData {
  source: string
  columns: string[]
  rows: (string | number | null)[][]
}

/**
 * The row of the size step that holds a size: over the first column, up to and including the second.
 *
 * @param slackMm - widening of the upper bound, for steps that are exact conversions of inches
 * @param includeLowest - the first step also holds its own lower bound
 * @returns the row, or null beyond the table
 */
export function stepRow<T>(
  rows: readonly (readonly T[])[],
  size: number,
  { slackMm = 0, includeLowest = false, overColumn = 0 } = {},
): readonly T[] | null {
  const first = rows[0]
  if (includeLowest && first && size === Number(first[overColumn])) return first
  return (
    rows.find((row) => size > Number(row[overColumn]) + slackMm && size <= Number(row[overColumn + 1]) + slackMm) ??
    null
  )
}

/** Number in the named column of a row; null where the standard leaves the cell empty. */
export function cell(table: TableData, row: readonly (string | number | null)[], column: string): number | null {
  const index = table.columns.indexOf(column)
  const value = index < 0 ? null : row[index]
  return typeof value === 'number' ? value : null
}

/**
 * Value of a column at a place between two rows, linear between them.
 *
 * @param rows - ascending in the first column; no empty cells in the two columns used
 * @param at - within the first column's range; below the first row the first row stands
 */
export function interpolate(rows: readonly (readonly (number | null)[])[], at: number, column: number): number {
  const value = (row: readonly (number | null)[], index: number) => {
    const found = row[index]
    if (typeof found !== 'number') throw new Error(`empty cell in column ${index}`)
    return found
  }
  const above = rows.findIndex((row) => value(row, 0) >= at)
  const upper = rows[above < 0 ? rows.length - 1 : above]
  const lower = rows[above <= 0 ? (above < 0 ? rows.length - 1 : 0) : above - 1]
  if (!upper || !lower) throw new Error('an empty table')
  if (upper === lower || value(upper, 0) === value(lower, 0)) return value(upper, column)
  const share = (at - value(lower, 0)) / (value(upper, 0) - value(lower, 0))
  return value(lower, column) + share * (value(upper, column) - value(lower, column))
}
