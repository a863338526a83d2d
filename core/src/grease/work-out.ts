import { factsOf, speedLimit } from '../bearing-types/index.ts'
import { runningFilm, type RunningFilm } from '../lubrication/running-film.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { isCrawling, isSealedForLife, type Carrying } from '../carry/work-out.ts'
import { overallWidth } from '../catalogue/catalogue.ts'
import { hasNoCage } from '../catalogue/decode-designation.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type Outcome } from '../errors/input-error.ts'
import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Missing } from '../working/figure.ts'
import { greaseCompatibility, type CompatibilityVerdict } from './compatibility.ts'
import { greaseFill, type Fill } from './fill.ts'
import { greaseInterval } from './interval.ts'
import { IntervalInput, type Interval } from './interval.schema.ts'
import { intervalPracticeList, usualIntervalPractice } from './practices/index.ts'
import { practise, type Practised } from '../working/practice.ts'
import type { IntervalPractice } from '../model/site-practices.ts'
import { oilOf, type Oil } from './oil.ts'
import { greaseQuantity } from './quantity.ts'
import { serviceLimits, type ServiceLimit } from './service-temperature.ts'
import { missingForWarmth, warmthOf, type Warmth } from './warmth.ts'

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
  /** By every practice, the leading one first; null for oil, for a sealed bearing and while an input is missing. */
  intervals: Practised<IntervalPractice, Interval>[] | null
  /** Relubrication interval by the leading practice, h. */
  intervalH: number | null
  /** The interval is the custom of insert units in dirt, not the formula’s. */
  insertInDirt: boolean
  /** The one that differs most from it, where there is one. */
  other: { name: string; hoursH: number } | null
  quantity: { quantityG: number; strokes: number | null } | null
  fill: Fill | null
  mix: CompatibilityVerdict | null
  /** Hottest place the lubricant is at, °C. */
  serviceC: number | null
  service: ServiceLimit[]
  /** How warm it should run; null while nobody has said where it stands. */
  warmth: Outcome<Warmth> | null
  missingForWarmth: Missing[]
  /** What its oil bath asks; null for grease. */
  oil: Oil | null
}

export function workOutGrease(
  position: RollingPosition,
  machine: Machine,
  lookup: BearingLookup,
  { loadRatio, carrying, staticN }: { loadRatio: number | null; carrying: Carrying | null; staticN: number | null },
): GreaseOutcome {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const { grease } = position
  const sealed = bearing !== null && isSealedForLife(bearing)
  const comesFilled = sealed || (bearing !== null && factsOf(bearing.row.type).insertUnit)
  const speed = runningSpeed(position)
  const missing = missingFor(position, bearing)
  const greased = grease.lubrication === 'grease' && !sealed
  const intervals =
    bearing && greased && missing.length === 0 ? everyInterval(position, machine, bearing, loadRatio) : null
  const [lead, ...others] = intervals ?? []
  const coolMissing = missingForWarmth(position, bearing, carrying)
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
    other: farthest(byMethod, others),
    quantity: bearing && greased ? quantityOf(position, bearing) : null,
    fill: bearing && greased && speed && !comesFilled ? fillOf(bearing, speed.meanRpm) : null,
    mix:
      grease.thickener && grease.thickenerBefore
        ? greaseCompatibility({ a: grease.thickener, b: grease.thickenerBefore }).verdict
        : null,
    serviceC: grease.runningC === null ? outerC : Math.max(grease.runningC, outerC ?? grease.runningC),
    service: bearing ? serviceLimits(position, bearing) : [],
    warmth:
      bearing && carrying && staticN !== null && coolMissing.length === 0
        ? attempt(() => warmthOf(position, bearing, carrying, staticN))
        : null,
    missingForWarmth: coolMissing,
    oil: bearing ? oilOf(position, bearing, speed) : null,
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

/** The practice among others whose interval differs most from one, by their ratio. */
function farthest(
  hoursH: number | null,
  others: readonly Practised<IntervalPractice, Interval>[],
): GreaseOutcome['other'] {
  const apart = (one: number) => Math.max(one / (hoursH ?? one), (hoursH ?? one) / one)
  const known = others.flatMap(({ name, outcome }) => (outcome.value ? [{ name, hoursH: outcome.value.hoursH }] : []))
  return known.sort((a, b) => apart(b.hoursH) - apart(a.hoursH))[0] ?? null
}

function everyInterval(
  position: RollingPosition,
  { kind, practices }: Machine,
  { row, decoded }: ResolvedBearing,
  loadRatio: number | null,
): Practised<IntervalPractice, Interval>[] {
  const { grease } = position
  const given = {
    bearingType: row.type,
    boreMm: row.boreMm,
    odMm: row.odMm,
    speedRpm: runningSpeed(position)?.meanRpm ?? NaN,
    temperatureC: within('temperatureC', grease.runningC ?? NaN, 'low'),
    contamination: grease.contamination,
    moisture: grease.moisture,
    vibration: grease.vibration,
    orientation: grease.orientation,
    fullComplement: hasNoCage(decoded),
    ...(loadRatio === null ? {} : { loadRatio: within('loadRatio', loadRatio, 'high') }),
  }
  const all = intervalPracticeList.map((practice) => ({
    ...practice,
    work: (input: typeof given) => greaseInterval({ ...input, method: practice.key }),
  }))
  // A practice that does not know the type cannot lead.
  return practise(all, given, practices?.greaseInterval ?? usualIntervalPractice[kind], ({ refusal }) => refusal?.field !== 'bearingType') // prettier-ignore
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

function fillOf({ row, interior, decoded }: ResolvedBearing, speedRpm: number): Fill | null {
  return attempt(() =>
    greaseFill({
      boreMm: row.boreMm,
      odMm: row.odMm,
      widthMm: overallWidth(row),
      massKg: interior.massKg,
      bearingType: row.type,
      speedRpm,
      ndmLimit: speedLimit(row.type, 'grease', { fullComplement: hasNoCage(decoded) }),
    }),
  ).value
}
