import { factsOf, isPressedOn } from '../bearing-types/index.ts'
import type { CatalogueRow } from '../catalogue/catalogue.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import type { Machine } from '../model/machine.ts'
import { materialOf } from '../model/materials.ts'
import type { LoadCase, RollingPosition } from '../kinds/rolling/position.ts'
import type { Missing } from '../working/figure.ts'
import { bareSeat, type BareSeat } from './bare-seat.ts'
import type { Application, RingLoad } from './fit-recommend.schema.ts'
import { fitRecommend, type FitRecommendation } from './fit-recommend.ts'
import { fitAtWork, interference, loadLoss, type FitAtWork, type FitResult, type Seat } from './fit-result.ts'
import { gauge, type Gauging } from './gauge.ts'
import type { Limits } from './iso286-limits.ts'
import { ratioOfClass } from './load-class.ts'
import { ringLimits, type ToleranceClass } from '../catalogue/ring-limits.ts'
import { shrinkFit, smoothed } from './shrink-fit.ts'
import { warmInterference } from './warm-fit.ts'

/** How the load stands to each ring, from how load and rings turn. */
export const ringLoads: Record<LoadCase, Record<Seat, RingLoad>> = {
  'inner-turns': { shaft: 'rotating', housing: 'stationary' },
  'outer-turns': { shaft: 'stationary', housing: 'rotating' },
  // Unbalance turns with the shaft: it always presses the same point of the inner ring and travels round the outer.
  'load-turns': { shaft: 'stationary', housing: 'rotating' },
  both: { shaft: 'indeterminate', housing: 'indeterminate' },
}

/** A seat as far as it can be settled. */
export interface SeatChoice {
  seat: Seat
  ringLoad: RingLoad | null
  nominalMm: number | null
  loadRatio: number | null
  /** The ratio stands for a class that was said: nobody knows the load. */
  loadSaid: boolean
  /** The seat a ring of this bearing sits on. */
  chosen: Chosen | null
  /** A shaft no ring of this bearing sits on: under a sleeve, as a raceway, ground to a taper. */
  bare: BareSeat | null
  gauged: Gauged
  missing: Missing[]
  refusal: InputError | null
}

export interface Chosen {
  recommendation: FitRecommendation
  /** Empty for an inch seat, which is given by its limits. */
  zone: string
  nominalMm: number
  seat: Limits
  ring: Limits
  fit: FitResult
}

/** What the gauge says of a seat; all null while fewer than two readings of a plane are there. */
export interface Gauged {
  gauging: Gauging | null
  /** The planes as judged: whole planes only, mm. */
  planesMm: number[][]
  refusal: InputError | null
  /** Fit of this seat with this ring, or with any ring of its class while the ring is not measured. */
  actual: FitResult | null
}

/** What load and heat leave of a shaft fit. */
export interface Remaining {
  fit: FitResult
  work: FitAtWork
}

/** A tight ring on a seat of another metal, at the temperature it runs at. */
export interface WarmFit {
  seat: Seat
  ringLoad: RingLoad
  celsius: number
  coldMeanUm: number
  warmMinUm: number
  warmMeanUm: number
  warmMaxUm: number
}

/** Everything Seat works out of a position, typed. */
export interface SeatOutcome {
  bearing: ResolvedBearing | null
  shaft: SeatChoice
  housing: SeatChoice
  toleranceClass: Class
  remaining: Remaining | null
  /** Tension in the inner ring at its bore, at the tightest that is probable, MPa; null where nothing is shrunk on. */
  hoopStressMPa: number | null
  warm: WarmFit[]
}

/** Tolerance class the seats are worked for, and an entry that says otherwise than the number. */
export interface Class {
  name: Extract<ToleranceClass, 'normal' | 'P6' | 'P5' | 'P4'>
  /** Class in the number; null where it says none. */
  inNumber: string | null
  entered: string | null
}

/** What the tables of seats take the machine for: as it was said, else by its kind. */
export const applicationOf = ({ seat }: RollingPosition, { kind }: Machine): Application =>
  seat.application ?? (kind === 'motor' ? 'electric-motor' : kind === 'spindle' ? 'machine-tool' : 'general')

export function workOutSeat(
  position: RollingPosition,
  machine: Machine,
  bearing: ResolvedBearing | null,
  loadRatio: number | null,
): SeatOutcome {
  const toleranceClass = classOf(position, bearing)
  const choose = (seat: Seat) => chooseSeat(seat, position, machine, bearing, loadRatio)
  const [shaft, housing] = [choose('shaft'), choose('housing')]
  return {
    bearing,
    shaft,
    housing,
    toleranceClass,
    remaining: remainingOn(position, bearing, shaft),
    hoopStressMPa: bearing && hoopStress(position, bearing, shaft),
    warm: [shaft, housing].flatMap((choice) => warmFit(position, choice) ?? []),
  }
}

/** The number on the box decides; what was entered counts only where the number says nothing. */
export function classOf({ seat }: RollingPosition, bearing: ResolvedBearing | null): Class {
  const said = bearing?.decoded.features.find((one) => one.startsWith('precision-'))?.slice('precision-'.length)
  const inNumber = said === undefined ? null : said === 'P6X' ? 'P6' : said
  // The tables of rings end at P4; a P2 ring lies within them.
  const known =
    (['normal', 'P6', 'P5', 'P4'] as const).find((one) => one === inNumber) ??
    (inNumber === null ? undefined : ('P4' as const))
  return { name: known ?? seat.toleranceClass ?? 'normal', inNumber, entered: seat.toleranceClass }
}

/** Settles the zone of a seat and judges its readings. */
export function chooseSeat(
  seat: Seat,
  position: RollingPosition,
  machine: Machine,
  bearing: ResolvedBearing | null,
  knownRatio: number | null,
): SeatChoice {
  const { loadCase, loadClass } = position.seat
  const loadRatio = knownRatio ?? (loadClass && ratioOfClass[loadClass])
  const ringLoad = loadCase ? ringLoads[loadCase][seat] : null
  const bare = seat === 'shaft' && bearing ? bareSeat(position, bearing) : null
  const nominalMm = bare ? bare.nominalMm : bearing ? (seat === 'shaft' ? bearing.row.boreMm : bearing.row.odMm) : null
  const missing = bare ? bare.missing : missingFor(seat, position, bearing, ringLoad, loadRatio)
  const choice: SeatChoice = {
    seat,
    ringLoad,
    nominalMm,
    loadRatio,
    loadSaid: knownRatio === null,
    chosen: null,
    bare,
    gauged: nothingGauged,
    missing,
    refusal: null,
  }
  if (bare) return { ...choice, gauged: gaugeBare(position, bare) }
  if (!bearing || !ringLoad || nominalMm === null || missing.length > 0) return choice
  const { value, refusal } = attempt(() => settle(seat, position, bearing, machine, ringLoad, nominalMm, loadRatio))
  return { ...choice, chosen: value, refusal, gauged: value ? gaugeSeat(seat, position, value) : nothingGauged }
}

const adjustOf = { shaft: 'coneAdjust', housing: 'cupAdjust' } as const

/** Whether the seats follow the inch tables: the number says so, or somebody says it of a tapered bearing whose number does not. */
export const isInchSeat = ({ system }: RollingPosition['seat'], { inch, type }: CatalogueRow): boolean =>
  inch !== null || (system === 'inch-tapered' && factsOf(type).inchSystem)

function missingFor(
  seat: Seat,
  { seat: given }: RollingPosition,
  bearing: ResolvedBearing | null,
  ringLoad: RingLoad | null,
  loadRatio: number | null,
): Missing[] {
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (!ringLoad) missing.push({ field: 'seat.loadCase', label: 'how the load turns' })
  if (
    bearing &&
    ringLoad &&
    ringLoad !== 'stationary' &&
    loadRatio === null &&
    factsOf(bearing.row.type).seating !== 'centred'
  )
    missing.push({ field: 'load.radialN', label: 'the load, or light, normal, heavy' })
  if (bearing && isInchSeat(given, bearing.row) && given[adjustOf[seat]] === null)
    missing.push({
      field: `seat.${adjustOf[seat]}`,
      label: `whether the ${seat === 'shaft' ? 'cone' : 'cup'} is moved to set the play`,
    })
  return missing
}

function settle(
  seat: Seat,
  position: RollingPosition,
  bearing: ResolvedBearing,
  machine: Machine,
  ringLoad: RingLoad,
  nominalMm: number,
  loadRatio: number | null,
): Chosen {
  const { seat: given } = position
  const application = applicationOf(position, machine)
  const cuts = machine.practices?.fits ?? null
  const { row } = bearing
  const inch = isInchSeat(given, row)
  const adjust = given[adjustOf[seat]]
  const system = inch ? 'inch-tapered' : 'metric'
  const toleranceClass = inch ? given.inchClass : classHeld(bearing, classOf(position, bearing).name)
  const recommendation = fitRecommend({
    seat,
    bearingType: row.type,
    diameterMm: nominalMm,
    ringLoad,
    // Above C there is no fit to choose by; Carry has already said stop.
    ...(loadRatio === null ? {} : { loadRatio: Math.min(loadRatio, 1) }),
    ...(cuts === null ? {} : { cuts }),
    housing: given.housing,
    ...(bearing.decoded.features.includes('drawn-cup') ? { drawnCup: true } : {}),
    mustSlide: given.slides === (seat === 'shaft' ? 'inner' : 'outer'),
    application,
    system,
    duty: given.inchDuty,
    ...(inch && adjust ? { adjust } : {}),
    toleranceClass,
    ...(seat === 'shaft' ? { shaftBoreMm: given.shaftBoreMm ?? 0 } : {}),
  })
  const limits = { lowerUm: recommendation.seatLowerUm, upperUm: recommendation.seatUpperUm }
  const ring = ringLimits({
    ring: seat === 'shaft' ? 'inner' : 'outer',
    diameterMm: nominalMm,
    system,
    toleranceClass,
    bearingType: row.type,
  })
  return {
    recommendation,
    zone: recommendation.zone ?? '',
    nominalMm,
    seat: limits,
    ring,
    fit: interference(seat, limits, ring),
  }
}

/** Thrust washers and insert bearings are tabled in the normal class only. */
const classHeld = ({ row }: ResolvedBearing, name: Class['name']): Class['name'] =>
  isPressedOn(row.type) ? name : 'normal'

const nothingGauged: Gauged = { gauging: null, planesMm: [], refusal: null, actual: null }

const wholePlanes = (sheet: (number | null)[][]): number[][] =>
  sheet
    .map((plane) => plane.filter((reading): reading is number => reading !== null))
    .filter((plane) => plane.length > 1)

/** The readings of a seat: planes that are whole, the ring as measured, and the fit that makes. */
function gaugeSeat(
  seat: Seat,
  { seat: given }: RollingPosition,
  { zone, nominalMm, seat: limits, ring }: Chosen,
): Gauged {
  const planesMm = wholePlanes(seat === 'shaft' ? given.shaftReadingsMm : given.housingReadingsMm)
  if (planesMm.length === 0) return nothingGauged
  const measured = seat === 'shaft' ? given.boreDeviationUm : given.outsideDeviationUm
  const { value, refusal } = attempt(() =>
    gauge({
      seat,
      nominalMm,
      readingsMm: planesMm,
      ...(zone ? { zone } : { seatLowerUm: limits.lowerUm, seatUpperUm: limits.upperUm }),
      ringMeanDeviationUm: measured ?? (ring.lowerUm + ring.upperUm) / 2,
    }),
  )
  if (!value) return { gauging: null, planesMm, refusal, actual: null }
  const actualUm = 1000 * (value.meanMm - nominalMm)
  const exact = (um: number): Limits => ({ lowerUm: um, upperUm: um })
  const actual = interference(seat, exact(actualUm), measured === null ? ring : exact(measured))
  return { gauging: value, planesMm, refusal, actual }
}

/** The readings of a shaft that no ring sits on: its zone and its form, and no fit. */
function gaugeBare({ seat: given }: RollingPosition, { nominalMm, zone, formGrade }: BareSeat): Gauged {
  const planesMm = wholePlanes(given.shaftReadingsMm)
  if (planesMm.length === 0 || nominalMm === null || zone === null) return nothingGauged
  const { value, refusal } = attempt(() =>
    gauge({ seat: 'shaft', nominalMm, zone, readingsMm: planesMm, ringMeanDeviationUm: 0 }, formGrade),
  )
  return { gauging: value, planesMm, refusal, actual: null }
}

/** What load and heat leave of the shaft fit; null where no load travels round the ring or nothing grips by the fit. */
function remainingOn(position: RollingPosition, bearing: ResolvedBearing | null, shaft: SeatChoice): Remaining | null {
  const fit = fitOf(shaft)
  // An insert bearing slides on its shaft by design and a thrust washer is only centred: neither lives by the fit.
  const pressed = bearing && isPressedOn(bearing.row.type)
  const loaded = position.load.radialN !== null || position.load.steps.length > 0
  return fit && pressed && loaded && shaft.ringLoad === 'rotating'
    ? { fit, work: workOf(position, bearing, fit) }
    : null
}

/** The fit that is there: as gauged, else as the zone lets it be; null where no ring sits on the seat. */
export const fitOf = ({ chosen, gauged }: SeatChoice): FitResult | null => gauged.actual ?? chosen?.fit ?? null

/** What load and heat leave of a shaft fit. */
export function workOf(
  { load, seat: given }: RollingPosition,
  { row, interior }: ResolvedBearing,
  fit: FitResult,
): FitAtWork {
  return fitAtWork(fit, {
    boreMm: row.boreMm,
    loadLossUm: loadLoss(
      row.boreMm,
      row.widthMm,
      Math.max(load.radialN ?? 0, ...load.steps.map(({ radialN }) => radialN)),
      interior.staticRatingN,
    ),
    ringRiseC: given.ringRiseC ?? 0,
    seatFinish: given.finish,
  })
}

/** The losses are rules of thumb, good to about half: a fit that survives half of them is let pass. */
const sureShare = 0.5

/** Whether a fit surely creeps: not even half of the losses leave anything. */
export const surelyCreeps = ({ work }: Remaining): boolean =>
  work.remainingProbableMinUm + (1 - sureShare) * (work.loadLossUm + work.thermalLossUm) <= 0

function hoopStress({ seat: given }: RollingPosition, { interior }: ResolvedBearing, shaft: SeatChoice): number | null {
  const fit = fitOf(shaft)
  const nominalMm = shaft.chosen?.nominalMm
  if (!fit || nominalMm === undefined || fit.probableMaxUm <= 0) return null
  return shrinkFit({
    boreMm: nominalMm,
    innerRacewayMm: interior.innerRacewayMm,
    shaftBoreMm: given.shaftBoreMm ?? 0,
    effectiveUm: smoothed(fit.probableMaxUm, nominalMm, given.finish),
  }).hoopStressMPa
}

/** Metal of a housing: a light alloy one is aluminium whatever else was entered. */
export const housingMaterialOf = ({ seat, float }: RollingPosition): RollingPosition['float']['housingMaterial'] =>
  seat.housing === 'light-alloy' ? 'aluminium' : float.housingMaterial

/** Temperature at which fits are stated, °C. */
const statedC = 20

/** A ring under a load that travels round it, on a seat of another metal, where it runs; null where that makes no difference. */
function warmFit(position: RollingPosition, choice: SeatChoice): WarmFit | null {
  const { seat, ringLoad, chosen } = choice
  const fit = fitOf(choice)
  const { innerC, outerC } = position.float
  const celsius = seat === 'shaft' ? (innerC ?? position.grease.runningC) : (outerC ?? position.grease.runningC)
  if (!chosen || !fit || celsius === null || ringLoad === null || ringLoad === 'stationary') return null
  const name = seat === 'shaft' ? position.float.shaftMaterial : housingMaterialOf(position)
  const warm = (um: number) => warmInterference(seat, um, materialOf(name), chosen.nominalMm, celsius - statedC)
  return {
    seat,
    ringLoad,
    celsius,
    coldMeanUm: fit.interferenceMeanUm,
    warmMinUm: warm(fit.interferenceMinUm),
    warmMeanUm: warm(fit.interferenceMeanUm),
    warmMaxUm: warm(fit.interferenceMaxUm),
  }
}
