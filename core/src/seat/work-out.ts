import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import type { Machine } from '../model/machine.ts'
import type { LoadCase, Position } from '../model/position.ts'
import type { Missing } from '../working/figure.ts'
import { fitRecommend, type Application, type FitRecommendation, type RingLoad } from './fit-recommend.ts'
import { fitAtWork, interference, loadLoss, type FitResult, type Seat } from './fit-result.ts'
import { gauge, type Gauging } from './gauge.ts'
import { iso286Limits, parseZone, type Limits } from './iso286-limits.ts'
import { ringLimits } from './ring-limits.ts'

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
  chosen: Chosen | null
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

const applicationOf = ({ kind }: Machine): Application =>
  kind === 'motor' ? 'electric-motor' : kind === 'spindle' ? 'machine-tool' : 'general'

/** Settles the zone of a seat and judges its readings. */
export function chooseSeat(
  seat: Seat,
  position: Position,
  machine: Machine,
  bearing: ResolvedBearing | null,
  loadRatio: number | null,
): SeatChoice {
  const { loadCase, system, adjust } = position.seat
  const ringLoad = loadCase ? ringLoads[loadCase][seat] : null
  const missing: Missing[] = []
  // Where the rollers run on the shaft it is a raceway: no fit makes it a seat.
  if (seat === 'shaft' && position.mount.holding === 'no-inner-ring')
    missing.push({ field: 'mount.holding', label: 'an inner ring: here the rollers run on the shaft' })
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (!ringLoad) missing.push({ field: 'seat.loadCase', label: 'how the load turns' })
  if (bearing && ringLoad && ringLoad !== 'stationary' && loadRatio === null && bearing.row.type !== 'thrust-ball')
    missing.push({ field: 'load.radialN', label: 'the load, for P/C' })
  if (system === 'inch-tapered' && bearing?.row.type === 'tapered-roller' && adjust === null)
    missing.push({ field: 'seat.adjust', label: 'which ring is moved to set the play' })
  const nominalMm = bearing ? (seat === 'shaft' ? bearing.row.boreMm : bearing.row.odMm) : null
  const nothing: Gauged = { gauging: null, planesMm: [], refusal: null, actual: null }
  const choice: SeatChoice = {
    seat,
    ringLoad,
    nominalMm,
    loadRatio,
    chosen: null,
    gauged: nothing,
    missing,
    refusal: null,
  }
  if (!bearing || !ringLoad || nominalMm === null || missing.length > 0) return choice
  const { value, refusal } = attempt(() =>
    settle(seat, position, bearing, applicationOf(machine), ringLoad, nominalMm, loadRatio),
  )
  return { ...choice, chosen: value, refusal, gauged: value ? gaugeSeat(seat, position, value) : nothing }
}

function settle(
  seat: Seat,
  position: Position,
  { row }: ResolvedBearing,
  application: Application,
  ringLoad: RingLoad,
  nominalMm: number,
  loadRatio: number | null,
): Chosen {
  const { seat: given } = position
  // Only tapered roller bearings are made to the inch tolerances.
  const inch = given.system === 'inch-tapered' && row.type === 'tapered-roller'
  const system = inch ? 'inch-tapered' : 'metric'
  const toleranceClass = inch ? given.inchClass : given.toleranceClass
  const recommendation = fitRecommend({
    seat,
    bearingType: row.type,
    diameterMm: nominalMm,
    ringLoad,
    // Above C there is no fit to choose by; Carry has already said stop.
    ...(loadRatio === null ? {} : { loadRatio: Math.min(loadRatio, 1) }),
    housing: given.housing,
    mustSlide: given.slides === (seat === 'shaft' ? 'inner' : 'outer'),
    application,
    system,
    duty: given.inchDuty,
    // A ring under a turning load cannot float; what is set by moving the other ring stays put itself.
    ...(inch && given.adjust
      ? { adjust: given.adjust === 'floating' && ringLoad !== 'stationary' ? 'non-adjustable' : given.adjust }
      : {}),
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

/** The readings of a seat: planes that are whole, the ring as measured, and the fit that makes. */
function gaugeSeat(seat: Seat, { seat: given }: Position, { zone, nominalMm, seat: limits, ring }: Chosen): Gauged {
  const sheet = seat === 'shaft' ? given.shaftReadingsMm : given.housingReadingsMm
  const planesMm = sheet
    .map((plane) => plane.filter((reading): reading is number => reading !== null))
    .filter((plane) => plane.length > 1)
  if (planesMm.length === 0) return { gauging: null, planesMm, refusal: null, actual: null }
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

/** What load and heat leave of the shaft fit; null where no load travels round the ring or nothing grips by the fit. */
export function remainingOn(position: Position, bearing: ResolvedBearing | null, shaft: SeatChoice) {
  const fit = fitOf(shaft)
  // An insert bearing slides on its shaft by design, a tapered bore is driven up: neither lives by the fit.
  const pressed = bearing && bearing.decoded.boreShape !== 'tapered' && bearing.row.type !== 'insert-ball'
  const loaded = position.load.radialN !== null || position.load.steps.length > 0
  return fit && pressed && loaded && shaft.ringLoad === 'rotating'
    ? { fit, work: workOf(position, bearing, fit) }
    : null
}

/** The fit that is there: as gauged, else as the zone lets it be. */
export const fitOf = ({ chosen, gauged }: SeatChoice): FitResult | null => gauged.actual ?? chosen?.fit ?? null

/** What load and heat leave of a shaft fit. */
export function workOf({ load, seat: given }: Position, { row, interior }: ResolvedBearing, fit: FitResult) {
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

/**
 * The losses are rules of thumb, good to about half. A fit that survives half of them is let pass; one that does not even
 * survive that is watched.
 */
const sureShare = 0.5

export interface Holding {
  /** The fit survives the low end of the losses. */
  surely: boolean
  /** Next zone that survives all of them. */
  zone: string | null
}

export function holdingOf(position: Position, bearing: ResolvedBearing | null, choice: SeatChoice): Holding {
  const { chosen } = choice
  const fit = fitOf(choice)
  if (!bearing || !chosen || !fit) return { surely: true, zone: null }
  const { remainingProbableMinUm, loadLossUm, thermalLossUm } = workOf(position, bearing, fit)
  const surely = remainingProbableMinUm + (1 - sureShare) * (loadLossUm + thermalLossUm) > 0
  return { surely, zone: surely ? null : zoneThatHolds(position, bearing, chosen) }
}

const letterSteps = ['j', 'k', 'm', 'n', 'p', 'r']

/** The first zone, a letter tighter at a time, whose probable minimum survives load and heat; null when none does. */
function zoneThatHolds(position: Position, bearing: ResolvedBearing, chosen: Chosen): string | null {
  if (!chosen.zone) return null
  const { letters, grade } = parseZone(chosen.zone)
  const from = letterSteps.indexOf(letters === 'js' ? 'j' : letters)
  for (const letter of from < 0 ? [] : letterSteps.slice(from + 1)) {
    const zone = `${letter}${Math.max(grade, letter === 'r' ? 6 : 5)}`
    const seat = iso286Limits({ nominalMm: chosen.nominalMm, zone })
    if (workOf(position, bearing, interference('shaft', seat, chosen.ring)).holds) return zone
  }
  return null
}
