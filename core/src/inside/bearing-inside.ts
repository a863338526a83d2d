import { z } from 'zod'
import { dynamicRating } from '../catalogue/dynamic-rating.ts'
import { checkInterior, RatingInput, type Interior } from '../catalogue/interior.ts'
import { staticRating } from '../catalogue/static-rating.ts'
import { InputError } from '../errors/input-error.ts'
import { factsOf, isThrust, BearingType } from '../bearing-types/index.ts'

const conformity = (description: string) => z.number().min(0.505).max(0.6).optional().meta({ description })

/** Groove radii of balls as a share of the ball diameter. */
export const conformities = {
  conformityInner: conformity('Groove radius of the inner ring over the ball diameter; 0.52, self-aligning 0.53'),
  conformityOuter: conformity('Groove radius of the outer ring over the ball diameter; 0.53'),
}

export const insideArrangements = ['single', 'back-to-back', 'face-to-face', 'tandem'] as const

/** A bearing or pair, its load, its clearance and its tilt: what the calculations of this folder share. */
export const InsideInput = z.strictObject({
  bearingType: BearingType,
  rows: z.int().min(1).max(6).optional().meta({ description: 'Rows of rolling elements; 1, self-aligning types 2' }),
  arrangement: z
    .enum(insideArrangements)
    .default('single')
    .meta({ description: 'Single, or how a pair of like single-row bearings is set' }),
  elements: RatingInput.shape.elements,
  elementDiameterMm: RatingInput.shape.elementDiameterMm,
  elementLengthMm: RatingInput.shape.elementLengthMm,
  pitchDiameterMm: RatingInput.shape.pitchDiameterMm,
  contactAngleDeg: RatingInput.shape.contactAngleDeg,
  ...conformities,
  rowSpacingMm: z
    .number()
    .gt(0)
    .max(2000)
    .optional()
    .meta({ unit: 'mm', description: 'Between the middles of neighbouring rows; estimated when absent' }),
  radialN: z.number().min(0).max(1e8).meta({ unit: 'N', description: 'Radial load' }),
  axialN: z.number().min(0).max(1e8).default(0).meta({ unit: 'N', description: 'Axial load' }),
  ribs: z
    .enum(['none', 'both-rings'])
    .default('none')
    .meta({ description: 'Cylindrical roller: ribs that can take axial load' }),
  operatingClearanceUm: z
    .number()
    .default(0)
    .meta({ unit: 'µm', description: 'Operating clearance, diametral; negative is preload' }),
  tiltArcmin: z
    .number()
    .min(-180)
    .max(180)
    .default(0)
    .meta({ unit: '′', description: 'Inner ring against the outer, −60 to 60; self-aligning types to 180' }),
})
export type InsideInput = z.input<typeof InsideInput>

/** Cylindrical rollers whose ribs take the axial load, and not their raceways. */
export const isRibbed = ({ bearingType, ribs }: Pick<Inside, 'bearingType' | 'ribs'>): boolean =>
  factsOf(bearingType).axialLoad === 'on-ribs' && ribs === 'both-rings'

/** A bearing as the distribution sees it: everything checked, worked out and in mm, N and radians. */
export interface Inside extends Omit<Interior, 'bm'> {
  ball: boolean
  /** +1: the row carries axial load along +z; −1: against it. */
  signs: readonly number[]
  /** Middle of each row along z. */
  places: readonly number[]
  /** Two rows that carry against each other. */
  opposed: boolean
  /** A row with a contact angle that is alone or in tandem: its axial load sets its clearance. */
  open: boolean
  arrangement: (typeof insideArrangements)[number]
  conformityInner: number
  /** Of a self-aligning outer ring: its sphere, in ball diameters. */
  conformityOuter: number
  radialN: number
  axialN: number
  ribs: 'none' | 'both-rings'
  clearanceMm: number
  tiltRad: number
}

/**
 * Takes out what the type does not use, so that it is not checked.
 *
 * @param given - an input as it came in, of any kind
 */
export function withoutUnused(given: unknown): unknown {
  if (typeof given !== 'object' || given === null || Array.isArray(given)) return given
  const { bearingType } = given as { bearingType?: unknown }
  const { success, data: type } = BearingType.safeParse(bearingType)
  if (!success) return given
  const { grooves, axialLoad } = factsOf(type)
  const unused = [
    ...(grooves ? ['elementLengthMm'] : ['conformityInner', 'conformityOuter']),
    ...(grooves?.outer === 'sphere' ? ['conformityOuter'] : []),
    ...(axialLoad === 'on-ribs' ? [] : ['ribs']),
  ]
  return Object.fromEntries(Object.entries(given).filter(([field]) => !unused.includes(field)))
}

/**
 * Checks an input and works out the geometry of its rows.
 *
 * @throws InputError on the first field that does not fit: a bearing that cannot be built, an axial load the type does not
 *   carry or that leaves an open row, a load beyond five times C0, a clearance beyond the bearing
 */
export function resolveInside(input: InsideInput): Inside {
  const { bearingType, arrangement = 'single', radialN, axialN = 0, ribs = 'none', operatingClearanceUm = 0 } = input
  const { grooves, inside: rules, pairs, swivels, name } = factsOf(bearingType)
  const ball = grooves !== null
  if (isThrust(bearingType))
    throw refuse(
      'bearingType',
      bearingType,
      `a radial bearing: in a ${name} bearing every ${ball ? 'ball' : 'roller'} carries Fa/(Z sin α)`,
    )
  const rows = input.rows ?? rules.usualRows
  const rowsAllowed = rules.rows
  if (!rowsAllowed.includes(rows)) throw refuse('rows', rows, `one of ${rowsAllowed.join(', ')} for ${bearingType}`)
  const pairable = pairs && rows === 1
  if (arrangement !== 'single' && !pairable)
    throw refuse(
      'arrangement',
      arrangement,
      'single: only single-row angular contact and tapered bearings stand in pairs',
    )
  const interior = checkInterior({
    bearingType,
    rows,
    elements: input.elements,
    elementDiameterMm: input.elementDiameterMm,
    elementLengthMm: input.elementLengthMm,
    pitchDiameterMm: input.pitchDiameterMm,
    contactAngleDeg: input.contactAngleDeg,
  })
  const { elements, elementDiameterMm: dw, elementLengthMm, pitchDiameterMm: dpw, alphaRad, gamma } = interior
  const signs = signsOf(bearingType, rows, arrangement)
  const opposed = signs.length > 1 && signs.some((sign) => sign !== signs[0])
  const open = !opposed && pairs
  const paired = arrangement !== 'single'
  const usualSpacing = (ball && paired ? pairSpacing : rules.spacing) * (ball ? dw : elementLengthMm)
  const together = rules.signs !== null || swivels
  const spacing = together ? 0 : (input.rowSpacingMm ?? usualSpacing)
  const conformityInner = input.conformityInner ?? grooves?.inner ?? 0.52
  const sphere = grooves?.outer === 'sphere'
  const conformityOuter = sphere ? (1 / gamma + 1) / 2 : (input.conformityOuter ?? outerConformity)
  const inside: Inside = {
    bearingType,
    ball,
    signs,
    places: signs.map((_, row) => (row - (signs.length - 1) / 2) * spacing),
    opposed,
    open,
    arrangement,
    rows,
    elements,
    elementDiameterMm: dw,
    elementLengthMm,
    pitchDiameterMm: dpw,
    contactAngleDeg: interior.contactAngleDeg,
    alphaRad,
    gamma,
    conformityInner,
    conformityOuter,
    radialN,
    axialN,
    ribs,
    clearanceMm: open ? 0 : operatingClearanceUm / 1000,
    tiltRad: swivels ? 0 : ((input.tiltArcmin ?? 0) * Math.PI) / 10_800,
  }
  checkClearance(inside, operatingClearanceUm)
  const mostTilt = swivels ? 180 : 60
  if (Math.abs(input.tiltArcmin ?? 0) > mostTilt)
    throw refuse('tiltArcmin', input.tiltArcmin, `from −${mostTilt} to ${mostTilt}′ for ${bearingType}`)
  checkLoads(inside)
  return inside
}

/** Between two single rows of balls set side by side, ball diameters. */
const pairSpacing = 1.6
/** Outer groove radius over the ball diameter, as the distribution takes it. */
const outerConformity = 0.53

function signsOf(type: BearingType, rows: number, arrangement: Inside['arrangement']): number[] {
  const { inside, pairs } = factsOf(type)
  if (inside.signs) return [...inside.signs]
  if (arrangement === 'back-to-back' || (pairs && rows === 2)) return [1, -1]
  if (arrangement === 'face-to-face') return [-1, 1]
  return Array.from({ length: arrangement === 'tandem' ? 2 : rows }, () => 1)
}

/** Distance of the groove centres of a ball that just touches, mm. */
export const grooveDistance = ({ conformityInner, conformityOuter, elementDiameterMm }: Inside): number =>
  (conformityInner + conformityOuter - 1) * elementDiameterMm

function checkClearance(inside: Inside, clearanceUm: number): void {
  const { pitchDiameterMm, ball, alphaRad } = inside
  const [least, most] = clearanceDomain(inside, 5 * pitchDiameterMm)
  if (clearanceUm >= least && clearanceUm <= most) return
  const why =
    ball && most < 5 * pitchDiameterMm
      ? `; a ball leaves its grooves at ${(1000 * grooveDistance(inside) * Math.cos(alphaRad)).toFixed(0)} µm`
      : ''
  throw refuse(
    'operatingClearanceUm',
    clearanceUm,
    `from ${least.toFixed(0)} to ${most.toFixed(0)} µm for this bearing${why}`,
  )
}

/** Least clearance a bearing may be asked for, and the most up to a wish, µm. */
export function clearanceDomain(inside: Inside, wishedUm: number): [leastUm: number, mostUm: number] {
  const { pitchDiameterMm, ball, alphaRad } = inside
  const ofGrooves = ball ? 1000 * grooveDistance(inside) * Math.cos(alphaRad) : Infinity
  return [-2 * pitchDiameterMm, Math.min(5 * pitchDiameterMm, wishedUm, ofGrooves)]
}

function checkLoads(inside: Inside): void {
  const { bearingType, radialN, axialN, ribs, open, alphaRad } = inside
  if (radialN + axialN < 1) throw refuse('radialN', radialN, 'at least 1 N together with axialN')
  const most = 5 * staticRatingOf(inside)
  for (const [field, load] of [
    ['radialN', radialN],
    ['axialN', axialN],
  ] as const)
    // prettier-ignore
    if (load > most) throw refuse(field, load, `at most 5 C0, ${most.toFixed(0)} N; check its unit`)
  const { axialLoad } = factsOf(bearingType)
  const radialOnly = axialLoad === 'none' || (axialLoad === 'on-ribs' && ribs === 'none')
  if (radialOnly && axialN > 0)
    throw refuse('axialN', axialN, `0 N: a ${bearingType} without ribs carries no axial load`)
  if (ribs === 'both-rings' && axialLoad === 'on-ribs' && axialN > 0.5 * radialN)
    throw refuse('axialN', axialN, `at most half the radial load, ${0.5 * radialN} N, on ribs`)
  const least = (inside.ball ? 0.9 : 1.05) * radialN * Math.tan(alphaRad)
  if (open && axialN < least)
    throw refuse(
      'axialN',
      axialN,
      `at least ${least.toFixed(0)} N: an open row slides off under less`,
      'Say how the pair is arranged, on the page Duty of Carry; the other bearing of it gives the axial load.',
    )
}

/** The interior as the ratings take it, with some rows. */
const ratingInput = (inside: Inside, rows: number): RatingInput => ({
  bearingType: inside.bearingType,
  rows,
  elements: inside.elements,
  elementDiameterMm: inside.elementDiameterMm,
  elementLengthMm: inside.ball ? undefined : inside.elementLengthMm,
  pitchDiameterMm: inside.pitchDiameterMm,
  contactAngleDeg: inside.contactAngleDeg,
})

/** Static rating of the whole bearing or pair, N; a four-point bearing counts both its contact lines. */
export function staticRatingOf(inside: Inside): number {
  const { lines } = factsOf(inside.bearingType).ratings
  return lines * staticRating(ratingInput(inside, lines > 1 ? 1 : inside.signs.length)).ratingN
}

/** Static rating and f0 of one row. */
export const oneRowStatic = (inside: Inside) => staticRating(ratingInput(inside, 1))

/** Dynamic rating of the whole bearing or pair, N; a four-point bearing counts both its contact lines. */
export function dynamicRatingOf(inside: Inside): number {
  const { lines } = factsOf(inside.bearingType).ratings
  return lines ** 0.7 * dynamicRating(ratingInput(inside, lines > 1 ? 1 : inside.signs.length)).ratingN
}

/** Elements of half a row, each with how often it stands in the whole: the other half mirrors it. */
export function halfRow(elements: number): { cosines: Float64Array; weights: Float64Array } {
  const half = Math.floor(elements / 2)
  const cosines = Float64Array.from({ length: half + 1 }, (_, j) => Math.cos((2 * Math.PI * j) / elements))
  const weights = cosines.map((_, j) => (j === 0 || 2 * j === elements ? 1 : 2))
  return { cosines, weights }
}

export function refuse(
  field: string,
  value: unknown,
  allowed: string,
  fix = 'Check the value and its unit.',
): InputError {
  return new InputError({
    code: 'OUT_OF_RANGE',
    field,
    value,
    allowed,
    fix,
  })
}
