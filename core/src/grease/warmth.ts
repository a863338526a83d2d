import type { Carrying } from '../carry/work-out.ts'
import { hasNoCage, hasRibs } from '../catalogue/decode-designation.ts'
import { overallWidth } from '../catalogue/catalogue.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import { frictionOf } from '../bearing-types/friction.ts'
import { factsOf } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { usualViscosityIndex } from '../lubrication/running-film.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { airMPerS } from '../running/cooling.ts'
import { knownSeries } from '../running/friction-factors.ts'
import { frictionTorque, type FrictionTorque } from '../running/friction.ts'
import { speedThermal, type SpeedThermal } from '../running/speed-thermal.ts'
import { runningTemperature, type RunningTemperature } from '../running/temperature.ts'
import type { Missing } from '../working/figure.ts'

/** How warm a position should run, and what makes the heat. */
export interface Warmth {
  temperature: RunningTemperature
  torque: FrictionTorque
  /** Friction by one coefficient of the type, W. */
  byCoefficientW: number | null
  /** Speed at which friction and cooling balance; null for types the method does not know. */
  thermal: SpeedThermal | null
  /** What the housing rises by, K, when it is flooded: twice the lubricant in the way of the elements. */
  floodedK: number
  load: { radialN: number; axialN: number }
  speedRpm: number
  roomC: number
}

/** Flooded, or filled to the brim with grease: the viscous part doubles. */
const flooded = 2
/** Without a cage the elements drag more lubricant along; the model knows no more than three times. */
const [crowded, mostChurn] = [2.5, 3]
/** Cooling in the method of ISO 15312 of a housing of its own in still air; of one in a machine it is 1. */
const coolingOf = { 'pillow-block': 0.4, flanged: 0.4, 'motor-end-shield': 1, 'machine-wall': 1 } as const

/** What the question needs and has not got; nothing is asked while nobody has said where the bearing stands. */
export function missingForWarmth(
  position: RollingPosition,
  bearing: ResolvedBearing | null,
  carrying: Carrying | null,
): Missing[] {
  const { grease } = position
  const wants: [boolean, Missing][] = [
    [bearing !== null, { field: 'bearing.designation', label: 'the bearing' }],
    [grease.standsIn !== null, { field: 'grease.standsIn', label: 'the housing it stands in' }],
    [grease.roomC !== null, { field: 'grease.roomC', label: 'the temperature of the room' }],
    [grease.nu40Cst !== null, { field: 'grease.nu40Cst', label: 'the viscosity of the oil' }],
    [runningSpeed(position) !== null, { field: 'load.speedRpm', label: 'the speed' }],
    [carrying !== null, { field: 'load.radialN', label: 'the load' }],
  ]
  return wants.flatMap(([isThere, missing]) => (isThere ? [] : [missing]))
}

/**
 * Friction, temperature and thermal speed of a bearing in its place, under the load that acts on it on average.
 *
 * @param staticRatingN - C0, the maker's or estimated
 * @returns °C, N·mm, W, r/min
 * @throws InputError where the method does not take the bearing or its load
 * @see temperature.running, friction.torque, speed.thermal
 */
export function warmthOf(
  position: RollingPosition,
  bearing: ResolvedBearing,
  carrying: Carrying,
  staticRatingN: number,
): Warmth {
  const { grease } = position
  const { row, interior, decoded } = bearing
  const speedRpm = runningSpeed(position)?.meanRpm ?? 0
  const roomC = grease.roomC ?? 0
  const load = meanLoad(carrying)
  const angle = frictionOf[row.type]?.angle
  const series = knownSeries(row.type, row.series)
  const makes = {
    bearingType: row.type,
    ...(series === undefined ? {} : { series }),
    ...(angle ? { contactAngleDeg: Math.min(angle.to, Math.max(angle.from, interior.contactAngleDeg)) } : {}),
    ribs: hasRibs(decoded) ? ('both-rings' as const) : ('none' as const),
    lubrication: grease.lubrication,
    ...load,
    staticRatingN,
  }
  const seals = { ...sealsOf(bearing), sealCount: decoded.closedSides === 1 ? (1 as const) : (2 as const) }
  const size = { boreMm: row.boreMm, odMm: row.odMm, widthMm: overallWidth(row) }
  const place = {
    ...size,
    speedRpm,
    ambientC: roomC,
    nu40Cst: grease.nu40Cst ?? 0,
    viscosityIndex: grease.viscosityIndex ?? usualViscosityIndex,
    housing: grease.standsIn ?? ('pillow-block' as const),
    airSpeedMPerS: airMPerS[grease.air],
    freeShaft: grease.shaftEnd === 'open',
    shaftMaterial: position.float.shaftMaterial,
    oilFlowLPerMin: 0,
    measuredAt: 'housing' as const,
    ...(grease.hotShaftC === null ? {} : { shaftC: grease.hotShaftC }),
    ...(grease.hotShaftMm === null ? {} : { shaftDistanceMm: grease.hotShaftMm }),
  }
  const runs = (churnFactor: number) => runningTemperature({ ...makes, ...seals, ...place, churnFactor, ...(grease.runningC === null ? {} : { measuredC: grease.runningC }) }) // prettier-ignore
  const churn = hasNoCage(decoded) ? crowded : 1
  const temperature = runs(churn)
  const viscosityCst = temperature.viscosityCst ?? 1
  return {
    temperature,
    torque: frictionTorque({ ...makes, ...seals, churnFactor: churn, pitchDiameterMm: (row.boreMm + row.odMm) / 2, speedRpm, viscosityCst }), // prettier-ignore
    thermal: attempt(() =>
      speedThermal({
        ...makes,
        ...size,
        churnFactor: churn,
        speedRpm,
        viscosityCst,
        ambientC: roomC,
        ringC: thermalRingC,
        coolingFactor: coolingOf[place.housing],
        oilFlowLPerMin: 0,
      }),
    ).value,
    byCoefficientW: coefficientW(row, carrying, speedRpm),
    floodedK: runs(Math.min(mostChurn, flooded * churn)).housingC - temperature.housingC,
    load,
    speedRpm,
    roomC,
  }
}

/** M = μ P d / 2: it knows neither speed nor oil. */
function coefficientW(
  { type, boreMm }: ResolvedBearing['row'],
  { equivalentN }: Carrying,
  speedRpm: number,
): number | null {
  const coefficient = frictionOf[type]?.coefficient
  return coefficient === undefined ? null : ((coefficient * equivalentN * boreMm) / 2) * speedRpm * (Math.PI / 30_000)
}

/** Outer ring the method of thermal speeds asks for, °C. */
const thermalRingC = 70

/** Loads of the duty, each by its share of the time. */
function meanLoad({ acting }: Carrying): Warmth['load'] {
  const shares = acting.reduce((sum, { share }) => sum + share, 0)
  const mean = (part: 'radialN' | 'axialN') => acting.reduce((sum, one) => sum + one.share * one[part], 0) / shares
  return { radialN: mean('radialN'), axialN: mean('axialN') }
}

function sealsOf({ decoded, row }: ResolvedBearing): { seals: 'none' | 'contact' | 'low-friction' } {
  if (factsOf(row.type).insertUnit) return { seals: 'contact' }
  if (decoded.closedSides === 0 || decoded.closure === 'shield') return { seals: 'none' }
  return { seals: decoded.closure === 'low-friction-seal' ? 'low-friction' : 'contact' }
}
