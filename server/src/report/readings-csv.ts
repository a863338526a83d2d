import { stringify } from 'csv-stringify/sync'
import type { listRaw } from '../store/readings.ts'

/** Readings of a position as CSV, as they are read in again. */
export const readingsCsv = (tag: string, name: string, readings: Awaited<ReturnType<typeof listRaw>>): string =>
  stringify(
    readings.map(({ quantity, at, value, ambient, load, source }) => ({
      ...{ machine: tag, position: name, quantity, at, value, ambient: ambient ?? '', load: load ?? '', source },
    })),
    { header: true, escape_formulas: true, columns: ['machine', 'position', 'quantity', 'at', 'value', 'ambient', 'load', 'source'] }, // prettier-ignore
  )
