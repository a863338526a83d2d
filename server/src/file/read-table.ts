import { InputError } from '@yardfrost/core'
import { CsvError, parse } from 'csv-parse/sync'

/** A line of a table: its cells by column, and its place in the file as an editor counts, from 1. */
export interface TableRow {
  cells: Record<string, string>
  line: number
}

const refuse = (value: string, allowed: string, fix: string): InputError =>
  new InputError({ code: 'UNREADABLE', field: 'csv', value, allowed, fix })

/** A spreadsheet would run what begins like a formula, so an export puts an apostrophe before it. */
const plainCell = (cell: string): string => cell.replace(/^'(?=[=+\-@])/, '')

/**
 * Reads a table of comma, semicolon or tab separated values.
 *
 * @param columns - columns it may have, any where it is null; `needed` those it must; `pattern` what a person can take as the pattern
 * @throws InputError on `csv` for a file that is no table, lacks a column, has one too many, or is too long
 */
export function readTable(
  csv: string,
  { columns, needed, most, pattern }: { columns: readonly string[] | null; needed: readonly string[]; most: number; pattern: string }, // prettier-ignore
): TableRow[] {
  const [head = ''] = csv.split(/\r?\n/, 1)
  const delimiter = [';', '\t'].find((mark) => head.includes(mark)) ?? ','
  const checked = (given: string[]) => checkedHead(given, columns, needed, pattern)
  const rows = parsed(csv, delimiter, checked)
  if (rows.length > most)
    throw refuse(`a file of ${rows.length} lines`, `at most ${most} lines`, 'Bring it in in parts.')
  return rows.map(({ record, info }) => ({
    cells: Object.fromEntries(Object.entries(record).map(([column, cell]) => [column, plainCell(cell)])),
    line: info.lines,
  }))
}

function parsed(csv: string, delimiter: string, columns: (given: string[]) => string[]) {
  try {
    return parse(csv, {
      bom: true,
      columns,
      delimiter,
      info: true,
      relax_column_count: true,
      skip_empty_lines: true,
      trim: true,
    }) as unknown as { record: Record<string, string>; info: { lines: number } }[]
  } catch (error) {
    if (!(error instanceof CsvError)) throw error
    throw refuse(
      `not readable: ${error.message}`,
      'lines of comma, semicolon or tab separated values',
      'Save the sheet as CSV again.',
    )
  }
}

/** A heading as columns are called: small, without spaces or dashes. */
export const columnName = (heading: string): string =>
  heading
    .trim()
    .toLowerCase()
    .replace(/[\s-]+/g, '_')

function checkedHead(
  given: string[],
  columns: readonly string[] | null,
  needed: readonly string[],
  pattern: string,
): string[] {
  const head = given.map(columnName)
  const missing = needed.filter((name) => !head.includes(name))
  if (missing.length > 0) {
    throw refuse(
      `a file without the column ${missing.join(', ')}`,
      `a file whose first line names ${(columns ?? needed).join(', ')}`,
      `Take the exported ${pattern} as the pattern.`,
    )
  }
  const strange = head.find((name) => columns !== null && !columns.includes(name))
  if (columns !== null && strange !== undefined) {
    throw refuse(
      `a file with the column “${strange}”`,
      `a file with no columns but ${columns.join(', ')}`,
      'Leave that column out.',
    )
  }
  return head
}
