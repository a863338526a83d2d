import { mostImportLines, RegisterLine } from '@yardfrost/contract'
import { attempt, InputError, parseInput } from '@yardfrost/core'
import { CsvError, parse } from 'csv-parse/sync'

/** A line of the file: what it says, or why it cannot be read. */
export interface ReadLine {
  /** As an editor counts them, from 1. */
  line: number
  tag: string
  read: RegisterLine | null
  refusal: InputError | null
}

const columns = Object.keys(RegisterLine.shape)
const needed = ['area', 'tag', 'name', 'kind', 'duty']

/**
 * Reads a register file line by line.
 *
 * @throws InputError on `csv` for a file that is no CSV, lacks a column, has one too many, or is too long
 */
export function readLines(csv: string): ReadLine[] {
  const records = recordsOf(csv)
  if (records.length > mostImportLines) {
    throw refuse(`a file of ${records.length} lines`, `at most ${mostImportLines} lines`, 'Bring it in in parts.')
  }
  return records.map(({ record, info }) => {
    const { value: read, refusal } = attempt(() => parseInput(RegisterLine, fieldsOf(record)))
    return { line: info.lines, tag: plainCell(record['tag'] ?? ''), read, refusal }
  })
}

type Parsed = { record: Record<string, string>; info: { lines: number } }

function recordsOf(csv: string): Parsed[] {
  const [head = ''] = csv.split(/\r?\n/, 1)
  const delimiter = [';', '\t'].find((mark) => head.includes(mark)) ?? ','
  try {
    return parse(csv, {
      bom: true,
      columns: checkedHead,
      delimiter,
      info: true,
      relax_column_count: true,
      skip_empty_lines: true,
      trim: true,
    }) as unknown as Parsed[]
  } catch (error) {
    if (!(error instanceof CsvError)) throw error
    throw refuse(
      `not readable: ${error.message}`,
      'lines of comma, semicolon or tab separated values',
      'Save the sheet as CSV again.',
    )
  }
}

function checkedHead(given: string[]): string[] {
  const head = given.map((name) =>
    name
      .trim()
      .toLowerCase()
      .replace(/[\s-]+/g, '_'),
  )
  const missing = needed.filter((name) => !head.includes(name))
  if (missing.length > 0) {
    throw refuse(
      `a file without the column ${missing.join(', ')}`,
      `a file whose first line names ${columns.join(', ')}`,
      'Take the exported register as the pattern.',
    )
  }
  const strange = head.find((name) => !columns.includes(name))
  if (strange !== undefined) {
    throw refuse(
      `a file with the column “${strange}”`,
      `a file with no columns but ${columns.join(', ')}`,
      'Leave that column out.',
    )
  }
  return head
}

const refuse = (value: string, allowed: string, fix: string): InputError =>
  new InputError({ code: 'UNREADABLE', field: 'csv', value, allowed, fix })

/** A spreadsheet would run what begins like a formula, so the export puts an apostrophe before it. */
const plainCell = (cell: string): string => cell.replace(/^'(?=[=+\-@])/, '')

/** Cells as the schema takes them: an empty one is none, words in lower case where they are words of a list. */
function fieldsOf(record: Record<string, string>): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(record).flatMap(([column, cell]): [string, unknown][] => {
      const text = plainCell(cell)
      if (text === '') return []
      if (column === 'hours_per_week') {
        const hours = Number(text.replace(',', '.'))
        return [[column, Number.isNaN(hours) ? text : hours]]
      }
      return [[column, ['kind', 'duty', 'criticality', 'hours_source'].includes(column) ? text.toLowerCase() : text]]
    }),
  )
}
