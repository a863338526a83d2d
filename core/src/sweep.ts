import { carryChecks } from './carry/checks.ts'
import { judgedLife, loadRatioOf, workOutCarry } from './carry/work-out.ts'
import type { Catalogue, CatalogueRow } from './catalogue/catalogue.ts'
import { overallWidth, seatSizeOf } from './catalogue/catalogue.ts'
import { decodeDesignation } from './catalogue/decode-designation.ts'
import { estimateInterior } from './catalogue/estimate.ts'
import type { BearingType } from './bearing-types/index.ts'
import type { Machine } from './model/machine.ts'
import type { RollingPosition } from './kinds/rolling/position.ts'
import { seatChecks } from './seat/checks.ts'
import { workOutSeat } from './seat/work-out.ts'
import { withShaftLine } from './shaftline/apply-loads.ts'
import { worstOf, type PositionState } from './working/assessment.ts'

/** Limits that a bearing from the catalogue must keep; null for free. Lengths in mm. */
export interface SweepLimits {
  boreMm: number | null
  largestOdMm: number | null
  largestWidthMm: number | null
  types: readonly BearingType[] | null
}

/** One size worked through Carry and Seat for a position. */
export interface SweepResult {
  designation: string
  type: BearingType
  series: string
  boreMm: number
  odMm: number
  /** Over the whole bearing, mm. */
  widthMm: number
  /** With film and dirt where they are known, h; null where the type cannot take the load. */
  lifeH: number | null
  massKg: number
  state: PositionState
  /** Why not, or what to watch; null where every check says go. */
  reason: string | null
}

/** How often the sweep looks up: after this many sizes it yields, so that it can be stopped and shows how far it is. */
const batch = 64

/**
 * Works every size of the catalogue that keeps the limits through Carry and Seat, in catalogue order.
 *
 * Yields how many sizes are done after each batch; the caller stops it by not asking for more. Returns the results.
 */
export function* sweep(
  given: RollingPosition,
  machine: Machine,
  catalogue: Catalogue,
  limits: SweepLimits,
): Generator<{ done: number; of: number }, SweepResult[]> {
  const position = withShaftLine(given, machine)
  const rows = catalogue.rows.filter((row) => keeps(row, limits))
  const results: SweepResult[] = []
  for (const [index, row] of rows.entries()) {
    results.push(workThrough(row, position, machine, catalogue))
    if ((index + 1) % batch === 0) yield { done: index + 1, of: rows.length }
  }
  return results
}

function keeps(row: CatalogueRow, { boreMm, largestOdMm, largestWidthMm, types }: SweepLimits): boolean {
  return (
    (boreMm === null || row.boreMm === boreMm) &&
    (largestOdMm === null || row.odMm <= largestOdMm) &&
    (largestWidthMm === null || overallWidth(row) <= largestWidthMm) &&
    (types === null || types.includes(row.type))
  )
}

function workThrough(
  row: CatalogueRow,
  position: RollingPosition,
  machine: Machine,
  catalogue: Catalogue,
): SweepResult {
  const interior = interiorOf(row, catalogue)
  const bearing = { decoded: decodedOf(row, catalogue), row, interior }
  const other = withoutWhatIsThere(position)
  // Figures would be thrown away, and making them takes most of the time.
  const outcome = workOutCarry(other, machine, { kind: 'found', bearing })
  const loadRatio = loadRatioOf(outcome)
  const seat = workOutSeat(other, machine, bearing, loadRatio)
  const checks = [...carryChecks(other, outcome), ...seatChecks(other, seat)].filter(({ when }) => when !== 'unknown')
  const open = outcome.missing.life.length + seat.shaft.missing.length > 0
  const state = worstOf([...checks.map(({ verdict }) => verdict), ...(open ? ['open' as const] : [])])
  return {
    designation: row.designation,
    type: row.type,
    series: row.series,
    boreMm: row.boreMm,
    odMm: row.odMm,
    widthMm: overallWidth(row),
    lifeH: judgedLife(outcome),
    massKg: interior.massKg,
    state,
    reason: checks.find(({ verdict }) => verdict === state && verdict !== 'go')?.reason ?? null,
  }
}

/** The duty alone: a maker's ratings and gauged seats belong to the bearing on the bench, not to what it is held against. */
const withoutWhatIsThere = (position: RollingPosition): RollingPosition => ({
  ...position,
  bearing: { ...position.bearing, makerDynamicN: null, makerStaticN: null },
  seat: {
    ...position.seat,
    shaftReadingsMm: [],
    housingReadingsMm: [],
    boreDeviationUm: null,
    outsideDeviationUm: null,
  },
})

// Sizes do not change, so what follows from them alone is worked out once.
const decodedCache = new WeakMap<CatalogueRow, ReturnType<typeof decodeDesignation>>()
const interiorCache = new WeakMap<CatalogueRow, ReturnType<typeof estimateInterior>>()

function decodedOf(row: CatalogueRow, catalogue: Catalogue) {
  const known = decodedCache.get(row) ?? decodeDesignation(row.designation, catalogue)
  decodedCache.set(row, known)
  return known
}

function interiorOf(row: CatalogueRow, catalogue: Catalogue) {
  const known = interiorCache.get(row) ?? estimateInterior(row, { seatSize: seatSizeOf(row, catalogue) })
  interiorCache.set(row, known)
  return known
}
