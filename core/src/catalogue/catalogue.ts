import { factsOf, BearingType } from '../bearing-types/index.ts'
import { linesUnder } from '../tables/csv-lines.ts'
import { grouped } from '../tables/grouped.ts'
import { readInchBalls } from './inch-balls.ts'
import { catalogueRow, type CatalogueRow } from './catalogue-row.ts'
import { readInchTapered } from './inch-tapered.ts'

export type { CatalogueRow } from './catalogue-row.ts'

export interface Series {
  name: string
  type: BearingType
}

export interface Catalogue {
  /** Sizes that a measured bearing is held against by the contract. */
  rows: readonly CatalogueRow[]
  /** The same, then metric sizes of further series, then inch balls and inch tapered sets. */
  everyRow: readonly CatalogueRow[]
  /** Sets of an inch tapered cone, and of a cup, by its number. */
  inchSets: ReadonlyMap<string, readonly CatalogueRow[]>
  byDesignation: ReadonlyMap<string, CatalogueRow>
  /** Rows that share bore, outside diameter and overall width, by `sizeKey`. */
  bySize: ReadonlyMap<string, readonly CatalogueRow[]>
  /** In the order of the file, which breaks ties wherever bearings are ranked. */
  series: readonly Series[]
}

const columns = [
  'designation',
  'type',
  'series',
  'boreMm',
  'odMm',
  'widthMm',
  'assemblyWidthMm',
  'chamferMm',
  'outerWidthMm',
] as const

/** CSV texts of the catalogue: header line and one size a line; plain commas, no quoting. */
export interface CatalogueTables {
  sizes: string
  furtherSizes: string
  inchBalls: string
  inchTapered: string
}

/**
 * Reads the catalogue of boundary dimensions from its CSV texts.
 *
 * @throws Error when a line does not fit: the file ships with the program, so that is a bug, not an input
 * @see ISO 15, ISO 355, ISO 104, ISO 9628; ANSI/ABMA 20 for inch balls, 19.2 for inch tapered sets
 */
export function readCatalogue(tables: CatalogueTables): Catalogue {
  const rows = readSizes(tables.sizes)
  const further = [...readSizes(tables.furtherSizes), ...readInchBalls(tables.inchBalls)]
  const seriesByName = new Map<string, Series>()
  for (const { series, type } of [...rows, ...further]) seriesByName.set(series, { name: series, type })
  const inchRows = readInchTapered(tables.inchTapered)
  const everyRow = [...rows, ...further, ...inchRows]
  // A number may be that of a cone and of a cup.
  const rings = inchRows.flatMap((row) => (row.inch ? [row.inch.cone, row.inch.cup] : []).map((number) => ({ number, row }))) // prettier-ignore
  const ofRing = grouped(rings, ({ number }) => number)
  return {
    rows,
    everyRow,
    inchSets: new Map([...ofRing].map(([number, sets]) => [number, sets.map(({ row }) => row)])),
    bySize: grouped(everyRow, sizeKey),
    byDesignation: new Map(everyRow.map((row) => [row.designation, row])),
    series: [...seriesByName.values()],
  }
}

const readSizes = (csv: string): CatalogueRow[] => linesUnder(columns, csv, 'catalogue').map(readRow)

/** Row of the deep groove bearing that an insert bearing's inside is made like. */
export function seatSizeOf(row: CatalogueRow, catalogue: Catalogue): CatalogueRow | undefined {
  if (!factsOf(row.type).insertUnit) return undefined
  const series = row.series.endsWith('3') ? '63' : '62'
  return catalogue.rows.find((one) => one.series === series && one.odMm === row.odMm)
}

/** Boundary dimensions as one word: bearings that share it go into the same place. */
export const sizeKey = (row: CatalogueRow): string => `${row.boreMm} ${row.odMm} ${overallWidth(row)}`

/** Width one measures over the whole bearing, mm. */
export const overallWidth = (row: CatalogueRow): number => row.assemblyWidthMm ?? row.widthMm

/** A size as it is with a closure: some inch balls are wider then. */
export const closedRow = (row: CatalogueRow): CatalogueRow =>
  row.closedWidthMm === null ? row : { ...row, widthMm: row.closedWidthMm }

function readRow(line: string, index: number): CatalogueRow {
  const cells = line.split(',')
  const [designation = '', type, series = '', ...numbers] = cells
  const [boreMm, odMm, widthMm, assemblyWidthMm, chamferMm, outerWidthMm] = numbers.map((text) =>
    text === '' ? null : Number(text),
  )
  if (
    cells.length !== columns.length ||
    !boreMm ||
    !odMm ||
    !widthMm ||
    numbers.some((text) => Number.isNaN(Number(text)))
  ) {
    throw new Error(`catalogue line ${index + 2} does not fit: ${line}`)
  }
  return catalogueRow({
    designation,
    type: BearingType.parse(type),
    series,
    boreMm,
    odMm,
    widthMm,
    assemblyWidthMm: assemblyWidthMm ?? null,
    chamferMm: chamferMm ?? null,
    outerWidthMm: outerWidthMm ?? null,
  })
}

export interface SizeQuery {
  /** Start or part of a designation; spaces and case do not matter. */
  text?: string
  boreMm?: number | null
  odMm?: number | null
  widthMm?: number | null
  limit?: number
}

/** How far a typed size may lie from a standard one and still be found, mm: a worn seat or a rounded inch. */
const searchSlackMm = 0.5

/** Whether a number begins so, its slash left out: most have none, and a keystroke looks at all of them. */
const startsWithout = (designation: string, start: string): boolean =>
  designation.startsWith(start) || (designation.includes('/') && designation.replace('/', '').startsWith(start))

/**
 * Bearings by the start of their number, by size, or both; catalogue order.
 *
 * Sizes are looked up, not judged: candidates for a worn bearing are the business of identification.
 */
export function searchCatalogue(catalogue: Catalogue, query: SizeQuery): CatalogueRow[] {
  const wanted = (query.text ?? '').toUpperCase().replace(/[\s-]/g, '')
  const near = (asked: number | null | undefined, actual: number) =>
    asked === null || asked === undefined || Math.abs(asked - actual) <= searchSlackMm
  const start = wanted.replace('/', '')
  const found = catalogue.everyRow.filter(
    (row) =>
      (startsWithout(row.designation, start) || row.inch?.cup.startsWith(start)) &&
      near(query.boreMm, row.boreMm) &&
      near(query.odMm, row.odMm) &&
      (near(query.widthMm, overallWidth(row)) || near(query.widthMm, overallWidth(closedRow(row)))),
  )
  return found.slice(0, query.limit ?? 50)
}
