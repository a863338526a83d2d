import { calculation } from '../working/calculation.ts'
import { factsOf } from '../bearing-types/index.ts'
import { balance, balanceRadially, type Carried, type Elements, type Place } from './balance.ts'
import { ballField, ballForces, ballLoads, ballMoment, ballStart, ballZoneDeg, type BallField } from './balls.ts'
import { withoutUnused, isRibbed, resolveInside, type Inside, InsideInput } from './bearing-inside.ts'
import { laminae, linePressure, pointPressure, rollerCurvatures } from './contacts.ts'
import {
  rollerField,
  rollerForces,
  rollerLoads,
  rollerMoment,
  rollerStart,
  rollerZoneDeg,
  type RollerField,
} from './rollers.ts'

export interface Footprint {
  maxPressureMPa: number
  footprintAcrossMm: number
  footprintAlongMm: number
}

export interface LoadDistribution {
  radialUm: number
  axialUm: number
  momentNmm: number
  /** One array a row, element 0 under the load. */
  elementLoadsN: number[][]
  /** Balls: signed running angle, null where unloaded. Rollers: null. */
  contactAnglesDeg: (number | null)[][] | null
  rowShare: number[]
  loadZoneDeg: number
  elementsLoaded: number
  maxElementN: number
  contactAngleDeg: number
  inner: Footprint
  outer: Footprint
  staticSafetyByPressure: number
  /** Radial, at constant axial load and tilt. */
  stiffnessNPerUm: number
  /** Of the most loaded roller; balls null. */
  laminaLoadsN: number[] | null
  laminaPeakRatio: number | null
  laminaPeakAt: number | null
}

/** A bearing under its load, with the inner ring where it comes to rest. */
export type Settled = { place: Place; carried: Carried } & (
  { kind: 'ball'; field: BallField } | { kind: 'roller'; field: RollerField }
)

/** Finds the place of the inner ring for a load. */
export function settle(inside: Inside): Settled {
  if (inside.ball) {
    const field = ballField(inside)
    return { kind: 'ball', field, ...rest(inside, ballForces(field), ballStart(field)) }
  }
  const field = rollerField(inside)
  return { kind: 'roller', field, ...rest(inside, rollerForces(field), rollerStart(field)) }
}

function rest(inside: Inside, elements: Elements, start: Place): { place: Place; carried: Carried } {
  const { ball, alphaRad, radialN, axialN } = inside
  const place =
    !ball && alphaRad === 0
      ? balanceRadially(elements, radialN, start.radialMm)
      : balance(elements, { radialN, axialN }, start)
  return { place, carried: elements(place) }
}

/** The whole row of which half is known: the other half mirrors it. */
export const wholeRow = <T>(half: readonly T[], elements: number): T[] =>
  Array.from({ length: elements }, (_, j) => half[Math.min(j, elements - j)] as T)

/** Loads that differ by less than this share are the same. */
const same = 1e-9
/** Less than this share of the largest load is no load. */
const unloaded = 1e-6

/**
 * How a load is shared among the rolling elements: who carries, how hard it presses, how far the load zone reaches.
 *
 * @param input - loads in N, clearance in µm (diametral), tilt in arc minutes
 * @throws InputError where the bearing cannot be built or does not carry the load
 * @example loadDistribution({ bearingType: 'deep-groove-ball', elements: 9, elementDiameterMm: 9.525, pitchDiameterMm: 46,
 *   radialN: 2000, operatingClearanceUm: 10 }).maxElementN // 1038
 * @see Hertz; ISO/TS 16281. Rings are taken as stiff, round and hard-seated.
 */
export function loadDistribution(input: InsideInput): LoadDistribution {
  const inside = resolveInside(ribless(input))
  const settled = settle(inside)
  const { place, carried } = settled
  const common = {
    radialUm: 1000 * place.radialMm,
    axialUm: 1000 * place.axialMm,
    stiffnessNPerUm: (carried.kaa > 0 ? carried.krr - carried.kra ** 2 / carried.kaa : carried.krr) / 1000,
  }
  return settled.kind === 'ball'
    ? { ...common, ...describeBalls(settled.field, place) }
    : { ...common, ...describeRollers(settled.field, place) }
}

/** With ribs the axial load slides over them and does not reach the raceways; the checks still see it. */
function ribless(input: InsideInput): InsideInput {
  if (!isRibbed({ bearingType: input.bearingType, ribs: input.ribs ?? 'none' })) return input
  resolveInside(input)
  return { ...input, axialN: 0 }
}

/** First element, row by row, within a hair of the largest load. */
function mostLoaded(loads: number[][]): { row: number; element: number; largest: number } {
  const largest = Math.max(...loads.flat())
  const row = loads.findIndex((one) => one.some((load) => load >= largest * (1 - same)))
  const element = (loads[row] ?? []).findIndex((load) => load >= largest * (1 - same))
  return { row, element, largest }
}

function shared(loads: number[][]): { rowShare: number[]; elementsLoaded: number; limit: number } {
  const sums = loads.map((row) => row.reduce((sum, load) => sum + load, 0))
  const all = sums.reduce((sum, one) => sum + one, 0)
  const limit = unloaded * Math.max(...loads.flat())
  return {
    rowShare: sums.map((sum) => sum / all),
    elementsLoaded: loads.flat().filter((load) => load > limit).length,
    limit,
  }
}

type Described = Omit<LoadDistribution, 'radialUm' | 'axialUm' | 'stiffnessNPerUm'>

function describeBalls(field: BallField, place: Place): Described {
  const { inside, contacts } = field
  const half = ballLoads(field, place)
  const rows = half.map((row) => wholeRow(row, inside.elements))
  const loads = rows.map((row) => row.map(({ loadN }) => loadN))
  const { row, element, largest } = mostLoaded(loads)
  const { limit, ...share } = shared(loads)
  const degrees = (rad: number) => (rad * 180) / Math.PI
  const footprint = (side: 'inner' | 'outer'): Footprint => {
    const { pressureMPa, semiMajorMm, semiMinorMm } = pointPressure(contacts[side], largest)
    return { maxPressureMPa: pressureMPa, footprintAcrossMm: 2 * semiMajorMm, footprintAlongMm: 2 * semiMinorMm }
  }
  const [inner, outer] = [footprint('inner'), footprint('outer')]
  const { inside: rules, ratings, swivels } = factsOf(inside.bearingType)
  const fourPoint = ratings.lines === 2
  return {
    ...share,
    // A four-point ball touches on two lines; it is one ball.
    elementsLoaded: fourPoint
      ? (loads[0] ?? []).filter((load, j) => Math.max(load, loads[1]?.[j] ?? 0) > limit).length
      : share.elementsLoaded,
    momentNmm: swivels ? 0 : ballMoment(field, half),
    elementLoadsN: loads,
    contactAnglesDeg: rows.map((one) => one.map(({ loadN, angleRad }) => (loadN > limit ? degrees(angleRad) : null))),
    loadZoneDeg: ballZoneDeg(field, row, place),
    maxElementN: largest,
    contactAngleDeg: Math.abs(degrees(rows[row]?.[element]?.angleRad ?? 0)),
    inner,
    outer,
    staticSafetyByPressure: (rules.dentsAtMPa / Math.max(inner.maxPressureMPa, outer.maxPressureMPa)) ** 3,
    laminaLoadsN: null,
    laminaPeakRatio: null,
    laminaPeakAt: null,
  }
}

function describeRollers(field: RollerField, place: Place): Described {
  const { inside, placesMm } = field
  const { elements, elementDiameterMm, elementLengthMm, gamma } = inside
  const half = rollerLoads(field, place)
  const rows = half.map((row) => wholeRow(row, elements))
  const loads = rows.map((row) => row.map((roller) => roller.reduce((sum, q) => sum + q, 0)))
  const { row, element, largest } = mostLoaded(loads)
  const top = rows[row]?.[element] ?? new Float64Array(laminae)
  const peak = Math.max(...top)
  const hardest = Math.max(...half.flat().map((roller) => Math.max(...roller)))
  const curvatures = rollerCurvatures(elementDiameterMm, gamma)
  const perMm = (load: number) => (load * laminae) / elementLengthMm
  const across = (top.filter((q) => q > 0).length * elementLengthMm) / laminae
  const footprint = (sumPerMm: number): Footprint => ({
    maxPressureMPa: linePressure(sumPerMm, perMm(hardest)).pressureMPa,
    footprintAcrossMm: across,
    footprintAlongMm: 2 * linePressure(sumPerMm, perMm(peak)).halfWidthMm,
  })
  const [inner, outer] = [footprint(curvatures.inner), footprint(curvatures.outer)]
  const { rowShare, elementsLoaded } = shared(loads)
  const peaks = Array.from(top, (q, k) =>
    q >= peak * (1 - unloaded) ? Math.abs((2 * (placesMm[k] ?? 0)) / elementLengthMm) : Infinity,
  )
  return {
    rowShare,
    elementsLoaded,
    momentNmm: rollerMoment(field, half),
    elementLoadsN: loads,
    contactAnglesDeg: null,
    loadZoneDeg: rollerZoneDeg(field, row, place),
    maxElementN: largest,
    contactAngleDeg: inside.contactAngleDeg,
    inner,
    outer,
    staticSafetyByPressure:
      (factsOf(inside.bearingType).inside.dentsAtMPa / Math.max(inner.maxPressureMPa, outer.maxPressureMPa)) ** 2,
    laminaLoadsN: [...top],
    laminaPeakRatio: (peak * laminae) / largest,
    laminaPeakAt: Math.min(...peaks),
  }
}

export const loadDistributionCalculation = calculation(
  'load.distribution',
  'How the load is shared among the rolling elements',
  'Hertz; ISO/TS 16281',
  InsideInput,
  loadDistribution,
  { prepare: withoutUnused },
)
