import { mostImportLines, RegisterLine } from '@yardfrost/contract'
import { attempt, parseInput, type InputError } from '@yardfrost/core'
import { readTable } from '../file/read-table.ts'

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
export const readLines = (csv: string): ReadLine[] =>
  readTable(csv, { columns, needed, most: mostImportLines, pattern: 'register' }).map(({ cells, line }) => {
    const { value: read, refusal } = attempt(() => parseInput(RegisterLine, fieldsOf(cells)))
    return { line, tag: cells['tag'] ?? '', read, refusal }
  })

/** Cells as the schema takes them: an empty one is none, words in lower case where they are words of a list. */
function fieldsOf(cells: Record<string, string>): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(cells).flatMap(([column, text]): [string, unknown][] => {
      if (text === '') return []
      if (column === 'hours_per_week') {
        const hours = Number(text.replace(',', '.'))
        return [[column, Number.isNaN(hours) ? text : hours]]
      }
      return [
        [
          column,
          ['kind', 'duty', 'criticality', 'hours_source', 'position_kind'].includes(column) ? text.toLowerCase() : text,
        ],
      ]
    }),
  )
}
