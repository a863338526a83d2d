import type { BearingType } from '../bearing-types/index.ts'
import type { ConeAndCup } from './inch-tapered.ts'

/** One standardised size. Lengths in mm; null where a dimension does not apply to the type. */
export interface CatalogueRow {
  designation: string
  type: BearingType
  series: string
  boreMm: number
  odMm: number
  /** B; cone width of tapered, inner ring width of insert bearings, height of thrust bearings. */
  widthMm: number
  /** T, tapered only: cup face to cone face, the width one measures. */
  assemblyWidthMm: number | null
  chamferMm: number | null
  /** C: cup width of tapered, outer ring width of insert bearings. */
  outerWidthMm: number | null
  /** Width with a shield or a seal, where it differs from the open one. */
  closedWidthMm: number | null
  /** Numbers of an inch tapered bearing; null for metric sizes. */
  inch: ConeAndCup | null
}

/** What most sizes have none of. */
export const nothingMore = {
  assemblyWidthMm: null,
  chamferMm: null,
  outerWidthMm: null,
  closedWidthMm: null,
  inch: null,
} satisfies Partial<CatalogueRow>

/** A size as all of them are laid out in memory: one literal, where spread rows are tables that are looked up field by field. */
export const laidOut = (row: CatalogueRow): CatalogueRow => ({
  designation: row.designation,
  type: row.type,
  series: row.series,
  boreMm: row.boreMm,
  odMm: row.odMm,
  widthMm: row.widthMm,
  assemblyWidthMm: row.assemblyWidthMm,
  chamferMm: row.chamferMm,
  outerWidthMm: row.outerWidthMm,
  closedWidthMm: row.closedWidthMm,
  inch: row.inch,
})
