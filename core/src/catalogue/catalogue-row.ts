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

/** What every size has; the rest most have none of. */
type Needed = 'designation' | 'type' | 'series' | 'boreMm' | 'odMm' | 'widthMm'

/**
 * A size of the tables, null where nothing is given. One literal makes all of them: rows that are spread together are laid out as tables, and
 * looking through fifty thousand at a keystroke takes twelve times as long.
 */
export const catalogueRow = (
  given: Pick<CatalogueRow, Needed> & Partial<Omit<CatalogueRow, Needed>>,
): CatalogueRow => ({
  designation: given.designation,
  type: given.type,
  series: given.series,
  boreMm: given.boreMm,
  odMm: given.odMm,
  widthMm: given.widthMm,
  assemblyWidthMm: given.assemblyWidthMm ?? null,
  chamferMm: given.chamferMm ?? null,
  outerWidthMm: given.outerWidthMm ?? null,
  closedWidthMm: given.closedWidthMm ?? null,
  inch: given.inch ?? null,
})
