import { factsOf, speedLimit } from '../bearing-types/index.ts'
import { runningFilm, type RunningFilm } from '../lubrication/running-film.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { isCrawling, type Outcome } from '../carry/work-out.ts'
import { overallWidth } from '../catalogue/catalogue.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import type { Machine, MachineKind } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Missing } from '../working/figure.ts'
import { greaseCompatibility, type CompatibilityVerdict } from './compatibility.ts'
import { greaseFill, type Fill } from './fill.ts'
import { greaseInterval, IntervalInput, type Interval } from './interval.ts'
import { greaseQuantity } from './quantity.ts'
import { serviceLimits, type ServiceLimit } from './service-temperature.ts'

export type IntervalMethod = 'formula' | 'speed-factor'

/** The practice that leads by the kind of machine: dirty slow plant by the formula, clean fast machines by the curve. */
const leading: Record<MachineKind, IntervalMethod> = {
  fan: 'formula',
  conveyor: 'formula',
  mill: 'formula',
  agitator: 'formula',
  motor: 'speed-factor',
  pump: 'speed-factor',
  spindle: 'speed-factor',
  gearbox: 'speed-factor',
  other: 'speed-factor',
}

/** Everything Grease works out of a position, typed. */
export interface GreaseOutcome {
  bearing: ResolvedBearing | null
  missing: Missing[]
  film: Outcome<RunningFilm>
  /** So slow that no film is to be had: it lives by additives and static safety. */
  crawls: boolean
  /** Closed on both sides, greased once by its maker. */
  sealedForLife: boolean
  /** Filled by its maker: sealed for life, or an insert bearing, of which only the nipple is fed. */
  comesFilled: boolean
  /** Both practices, the leading one first; null for oil, for a sealed bearing and while an input is missing. */
  intervals: { method: IntervalMethod; outcome: Outcome<Interval> }[] | null
  /** Relubrication interval by the leading practice, h. */
  intervalH: number | null
  /** The interval is the custom of insert units in dirt, not the formula’s. */
  insertInDirt: boolean
  /** By the other practice, h. */
  otherH: number | null
  quantity: { quantityG: number; strokes: number | null } | null
  fill: Fill | null
  mix: CompatibilityVerdict | null
  /** Hottest place the lubricant is at, °C. */
  serviceC: number | null
  service: ServiceLimit[]
}

/** Closed on both sides, a bearing is greased once, by its maker; an insert bearing has a nipple all the same. */
export const isSealedForLife = ({ decoded, row }: ResolvedBearing): boolean =>
  decoded.closedSides === 2 && !factsOf(row.type).insertUnit

export function workOutGrease(
  position: RollingPosition,
  machine: Machine,
  lookup: BearingLookup,
  loadRatio: number | null,
): GreaseOutcome {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const { grease } = position
  const sealed = bearing !== null && isSealedForLife(bearing)
  const comesFilled = sealed || (bearing !== null && factsOf(bearing.row.type).insertUnit)
  const speed = runningSpeed(position)
  const missing = missingFor(position, bearing)
  const greased = grease.lubrication === 'grease' && !sealed
  const intervals =
    bearing && greased && missing.length === 0 ? bothIntervals(position, machine, bearing, loadRatio) : null
  const [lead, other] = intervals ?? []
  const custom = bearing && intervals ? insertCustomH(position, bearing) : null
  const byMethod = lead?.outcome.value?.hoursH ?? null
  const insertInDirt = custom !== null && (byMethod === null || custom < byMethod)
  const { outerC } = position.float
  return {
    bearing,
    missing,
    film: bearing ? attempt(() => runningFilm(position, bearing)) : { value: null, refusal: null },
    crawls: bearing !== null && speed !== null && isCrawling(bearing.interior.pitchDiameterMm, speed.meanRpm),
    sealedForLife: sealed,
    comesFilled,
    intervals,
    intervalH: insertInDirt ? custom : byMethod,
    insertInDirt,
    otherH: other?.outcome.value?.hoursH ?? null,
    quantity: bearing && greased ? quantityOf(position, bearing) : null,
    fill: bearing && greased && speed && !comesFilled ? fillOf(bearing, speed.meanRpm) : null,
    mix:
      grease.thickener && grease.thickenerBefore
        ? greaseCompatibility({ a: grease.thickener, b: grease.thickenerBefore }).verdict
        : null,
    serviceC: grease.runningC === null ? outerC : Math.max(grease.runningC, outerC ?? grease.runningC),
    service: bearing ? serviceLimits(position, bearing) : [],
  }
}

function missingFor(position: RollingPosition, bearing: ResolvedBearing | null): Missing[] {
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (!runningSpeed(position)) missing.push({ field: 'load.speedRpm', label: 'the speed' })
  if (position.grease.runningC === null) missing.push({ field: 'grease.runningC', label: 'the running temperature' })
  return missing
}

/** Nearest value a field of the interval takes: the curves are flat beyond their ends. */
function within(field: 'temperatureC' | 'loadRatio', value: number, ends: 'low' | 'high'): number {
  const [lowest, highest] = boundsOf(field)
  return ends === 'low' ? Math.max(lowest, value) : Math.min(highest, value)
}
function boundsOf(field: 'temperatureC' | 'loadRatio'): readonly [number, number] {
  const schema = IntervalInput.shape[field]
  const { minValue, maxValue } = 'unwrap' in schema ? schema.unwrap() : schema
  return [minValue ?? -Infinity, maxValue ?? Infinity]
}

/** Warmer than this no method gives an interval, °C. */
export const hottestIntervalC = boundsOf('temperatureC')[1]

function bothIntervals(
  position: RollingPosition,
  { kind }: Machine,
  { row }: ResolvedBearing,
  loadRatio: number | null,
): { method: IntervalMethod; outcome: Outcome<Interval> }[] {
  const { grease } = position
  const by = (method: IntervalMethod) => ({
    method,
    outcome: attempt(() =>
      greaseInterval({
        method,
        bearingType: row.type,
        boreMm: row.boreMm,
        odMm: row.odMm,
        speedRpm: runningSpeed(position)?.meanRpm ?? NaN,
        temperatureC: within('temperatureC', grease.runningC ?? NaN, 'low'),
        contamination: grease.contamination,
        moisture: grease.moisture,
        vibration: grease.vibration,
        orientation: grease.orientation,
        ...(loadRatio === null ? {} : { loadRatio: within('loadRatio', loadRatio, 'high') }),
      }),
    ),
  })
  const [formula, curve] = [by('formula'), by('speed-factor')]
  // Thrust balls have no formula: the curve leads alone.
  const formulaLeads = leading[kind] === 'formula' && formula.outcome.refusal?.field !== 'bearingType'
  return formulaLeads ? [formula, curve] : [curve, formula]
}

/** Insert units stand in the dirt with one lip: by custom every one to three months, h. */
const insertMonths = { heavy: 2190, abrasive: 730 } as const

function insertCustomH({ grease }: RollingPosition, { row }: ResolvedBearing): number | null {
  if (!factsOf(row.type).insertUnit) return null
  const { contamination, moisture } = grease
  if (contamination.endsWith('abrasive') || moisture === 'wet') return insertMonths.abrasive
  return contamination === 'heavy' || moisture === 'condensation' ? insertMonths.heavy : null
}

function quantityOf({ grease }: RollingPosition, { row }: ResolvedBearing): GreaseOutcome['quantity'] {
  const { value } = attempt(() =>
    greaseQuantity({
      odMm: row.odMm,
      widthMm: overallWidth(row),
      port: grease.port,
      ...(grease.gramsPerStroke === null ? {} : { gramsPerStroke: grease.gramsPerStroke }),
    }),
  )
  return value
}

function fillOf({ row, interior }: ResolvedBearing, speedRpm: number): Fill | null {
  return attempt(() =>
    greaseFill({
      boreMm: row.boreMm,
      odMm: row.odMm,
      widthMm: overallWidth(row),
      massKg: interior.massKg,
      bearingType: row.type,
      speedRpm,
      ndmLimit: speedLimit(row.type, 'grease'),
    }),
  ).value
}
