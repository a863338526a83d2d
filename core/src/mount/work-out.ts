import { factsOf } from '../bearing-types/index.ts'
import { taperOf } from '../catalogue/decode-designation.ts'
import { cannotHold, holdingOf, type CannotHold } from '../catalogue/holding.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import type { HeatTarget } from '../model/job.ts'
import { heatingTools, type HeatingTool, type Holding } from '../kinds/rolling/choices.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { FitResult } from '../seat/fit-result.ts'
import type { Missing } from '../working/figure.ts'
import { chill, ChillInput, coolantC, shrinkage, type Chill } from './cold/chill.ts'
import { coldOutcome, type ColdOutcome } from './cold/work-out.ts'
import { driveUp, DriveUpInput, type DriveUp } from './drive-up.ts'
import { differenceLimit, exposedArea } from './heat-run.ts'
import type { HeatingPractice } from '../model/site-practices.ts'
import { heatingLimit, ringExpansion } from './heat.ts'
import { nutAngle } from './nut-angle.ts'
import { padOutcome, type PadOutcome } from './pad/work-out.ts'
import { forceOutcome, type ForceOutcome } from './force/work-out.ts'
import { largestPressedMm, mostPressN } from './press.ts'
import { pressForce } from './press-force.ts'

/** How the ring gets home. */
export type MountWay =
  | 'by-hand'
  | 'heated'
  | 'heated-shaft-chilled'
  | 'pressed'
  | 'oil-injected'
  | 'driven-up'
  | 'nut-turned'
  | 'over-raceway'
  | 'none'

/** Whether the ring is heated, alone or over a chilled shaft. */
export const isHeated = (way: MountWay | null): boolean => way === 'heated' || way === 'heated-shaft-chilled'

/** A ring that is heated to its aim, as it would stand over the shaft. */
export interface HotMount {
  aimC: number
  limitC: number
  /** Hottest the site aims at, °C. */
  highestC: number
  roomC: number
  /** Allowance for cooling in handling, K. */
  coolingK: number
  tightestUm: number
  /** Growth of the bore at the aim, less what is lost on the way, µm. */
  growthUm: number
  /** What is left of it over the tightest fit, µm. */
  leftUm: number
  /** What should be left, µm. */
  wantedUm: number
  /** What chilling the shaft in dry ice adds, µm. */
  shaftShrinkUm: number
}

export interface HousingChill {
  coolant: ChillInput['coolant']
  chill: Chill
}

/** Everything Mount works out of a position, typed. */
export interface MountOutcome extends WayOutcome {
  /** Lying on a flat pad or plate; null where the ring is not heated. */
  pad: PadOutcome | null
  cold: ColdOutcome
  /** What presses, tightens and pulls; null while there is no bearing. */
  force: ForceOutcome | null
}

/** How the ring gets on its seat. */
interface WayOutcome {
  bearing: ResolvedBearing | null
  missing: Missing[]
  holding: Holding
  /** Why the ring cannot be held this way at all. */
  cannotHold: CannotHold | null
  /** Null while the fit or the room is not known. */
  way: MountWay | null
  hot: HotMount | null
  /** Press-fit force at the tightest fit, N; null where nothing is pressed. */
  pressN: number | null
  taper: 12 | 30 | null
  driveUp: { value: DriveUp | null; refusal: InputError | null } | null
  nutTurn: { angleDeg: number; travelMm: number } | null
  /** Bearing chilled for a tight housing, by coolant; empty where it goes in by itself. */
  chilled: HousingChill[]
  tightestHousingUm: number | null
}

/** Nobody aims higher, °C, by the practice of the site. */
const highestAimC: Record<HeatingPractice, number> = { 'up-to-110': 110, 'near-95': 95, 'up-to-120': 120 }
/** Room a ring should have when it slides home: µm at least, and µm per mm of bore. */
const leastRoomUm = 5
const roomUmPerMm = 0.1
export const wantedRoom = (boreMm: number): number => Math.max(leastRoomUm, roomUmPerMm * boreMm)

/** Smaller bores are pressed cold by custom: heat is slower and no gentler. */
export const smallBoreMm = 40

/** Usual loss between heater and seat, K. */
const usualCoolingK = 10

/**
 * How the ring gets on its seat, judged by the room it has at the aim.
 *
 *     aim = min(110 °C, or as the site has it, limit of the closure)      growth = 0.012 d (aim − shaft − cooling)      room = growth − tightest fit
 *
 * @param shaft - fit on the shaft; null while it is not settled
 * @param housing - fit in the housing; null while it is not settled
 * @param practice - how hot the site aims at most; 110 °C where it has not chosen
 * @see linear expansion of bearing steel; mounting practice for presses and limits
 */
export function workOutMount(
  position: RollingPosition,
  lookup: BearingLookup,
  shaft: FitResult | null,
  housing: FitResult | null,
  practice?: HeatingPractice | null,
): MountOutcome {
  const way = workOutWay(position, lookup, shaft, housing, practice)
  const { bearing } = way
  return {
    ...way,
    force: forceOutcome(position, bearing, shaft, way.holding, way.taper),
    pad: padOutcome(position, bearing, heatTarget(way)),
    cold: coldOutcome(position, bearing, { shaft, housing }),
  }
}

function workOutWay(
  position: RollingPosition,
  lookup: BearingLookup,
  shaft: FitResult | null,
  housing: FitResult | null,
  practice: HeatingPractice | null | undefined,
): WayOutcome {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const { mount } = position
  const holding = holdingOf(position, bearing)
  const outcome: WayOutcome = {
    bearing,
    missing: [],
    holding,
    cannotHold: bearing && cannotHold(holding, bearing),
    way: null,
    hot: null,
    pressN: null,
    taper: bearing && taperOf(bearing.decoded),
    driveUp: null,
    nutTurn: null,
    chilled: bearing ? chilledFor(bearing, housing, mount.roomC) : [],
    tightestHousingUm: housing?.interferenceMaxUm ?? null,
  }
  if (!bearing) return { ...outcome, missing: [...missingFor(null, shaft, mount.roomC)] }
  if (outcome.cannotHold) return outcome
  if (holding === 'no-inner-ring') return { ...outcome, way: 'over-raceway' }
  if (outcome.taper !== null) return { ...outcome, ...onTaper(bearing, outcome.taper) }
  const missing = missingFor(bearing, shaft, mount.roomC)
  if (!shaft || mount.roomC === null) return { ...outcome, missing }
  // A ring that is loose in the middle of its tolerances goes on by hand.
  if (shaft.interferenceMeanUm <= 0) return { ...outcome, way: 'by-hand' }
  const hot = hotMount(position, bearing, shaft, mount.roomC, practice)
  const pressN = pressForce(position, bearing, shaft.interferenceMaxUm)
  return { ...outcome, hot, pressN, way: chooseWay(mount.tools, bearing.row.boreMm, hot, pressN) }
}

function missingFor(bearing: ResolvedBearing | null, shaft: FitResult | null, roomC: number | null): Missing[] {
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  else if (!shaft) missing.push({ field: 'seat.loadCase', label: 'the shaft fit, from Seat' })
  if (roomC === null) missing.push({ field: 'mount.roomC', label: 'the shaft temperature' })
  return missing
}

/** Whether the rule of shrinking covers a room so warm. */
const coolsFrom = (roomC: number): boolean => ChillInput.shape.roomC.safeParse(roomC).success

function hotMount(
  { mount }: RollingPosition,
  { decoded, row }: ResolvedBearing,
  shaft: FitResult,
  roomC: number,
  practice: HeatingPractice | null | undefined,
): HotMount {
  const { limitC } = heatingLimit(decoded.closure)
  const highestC = highestAimC[practice ?? 'up-to-110']
  const aimC = Math.min(highestC, limitC)
  const coolingK = mount.coolingC ?? usualCoolingK
  const tightestUm = shaft.interferenceMaxUm
  const growthUm = ringExpansion * row.boreMm * Math.max(0, aimC - roomC - coolingK)
  return {
    aimC,
    highestC,
    limitC,
    roomC,
    coolingK,
    tightestUm,
    growthUm,
    leftUm: growthUm - tightestUm,
    wantedUm: mount.slipUm ?? wantedRoom(row.boreMm),
    shaftShrinkUm: coolsFrom(roomC) ? shrinkage(row.boreMm, roomC, coolantC['dry-ice']) : 0,
  }
}

const heaters: readonly HeatingTool[] = heatingTools.filter(
  (tool) => !['press', 'oil-injection', 'cold'].includes(tool),
)
export const isHeater = (tool: HeatingTool): boolean => heaters.includes(tool)

/** Whether a ring of this bore and force may be pressed at all. */
export const mayPress = (boreMm: number, pressN: number | null): boolean =>
  boreMm <= largestPressedMm && pressN !== null && pressN <= mostPressN

function chooseWay(
  tools: readonly HeatingTool[],
  boreMm: number,
  { leftUm, wantedUm, shaftShrinkUm }: HotMount,
  pressN: number | null,
): MountWay {
  const roomy = leftUm >= wantedUm
  const pressable = mayPress(boreMm, pressN)
  if (boreMm < smallBoreMm && pressable && (tools.includes('press') || !roomy)) return 'pressed'
  if (leftUm >= 0) return 'heated'
  if (pressable) return 'pressed'
  if (tools.includes('oil-injection')) return 'oil-injected'
  return leftUm + shaftShrinkUm >= wantedUm ? 'heated-shaft-chilled' : 'none'
}

/** Self-aligning balls go up by the turn of their nut: their clearance is too small for feelers. */
function onTaper({ row, decoded }: ResolvedBearing, taper: 12 | 30): Pick<WayOutcome, 'way' | 'nutTurn' | 'driveUp'> {
  const { upTaper } = factsOf(row.type)
  const nutTurn = upTaper === 'nut-turn' ? nutAngle(row.boreMm) : null
  if (nutTurn) return { way: 'nut-turned', nutTurn, driveUp: null }
  // A bore or class the table does not hold has no row; the figure then says so.
  const boreMm = DriveUpInput.shape.boreMm.safeParse(row.boreMm)
  const clearanceClass = DriveUpInput.shape.clearanceClass.safeParse(decoded.clearanceClass)
  if (upTaper !== 'drive-up-table' || !boreMm.success || !clearanceClass.success)
    return { way: 'driven-up', nutTurn: null, driveUp: { value: null, refusal: null } }
  const { value, refusal } = attempt(() => driveUp({ boreMm: boreMm.data, taper, clearanceClass: clearanceClass.data }))
  return { way: 'driven-up', nutTurn: null, driveUp: { value, refusal } }
}

function chilledFor({ row }: ResolvedBearing, housing: FitResult | null, roomC: number | null): HousingChill[] {
  if (!housing || housing.interferenceMaxUm <= 0 || roomC === null || !coolsFrom(roomC)) return []
  return ChillInput.shape.coolant.options.map((coolant) => ({
    coolant,
    chill: chill({
      odMm: row.odMm,
      interferenceMaxUm: housing.interferenceMaxUm,
      roomC,
      coolant,
    }),
  }))
}

/**
 * What a heat clock aims at; null where the ring is not heated.
 *
 * Below `slidesC` the ring grabs; from `liftC` it still seats with its room after what is lost on the way.
 */
export function heatTarget({ way, hot, bearing }: WayOutcome): HeatTarget | null {
  if (!isHeated(way) || !hot || !bearing) return null
  const { row, interior, decoded } = bearing
  const perDegree = ringExpansion * row.boreMm
  const helpUm = way === 'heated-shaft-chilled' ? hot.shaftShrinkUm : 0
  const seats = (roomUm: number) => hot.roomC + Math.max(0, hot.tightestUm + roomUm - helpUm) / perDegree
  const slidesC = seats(0)
  return {
    slidesC,
    liftC: Math.max(slidesC, Math.min(hot.aimC, seats(hot.wantedUm) + hot.coolingK)),
    aimC: hot.aimC,
    limitC: hot.limitC,
    roomC: hot.roomC,
    differenceK: differenceLimit(decoded.clearanceClass),
    massKg: interior.massKg,
    areaMm2: exposedArea(row.boreMm, row.odMm, row.widthMm),
  }
}
