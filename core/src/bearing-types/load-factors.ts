import deepGroove from '../../data/iso281-factors-deep-groove.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { interpolate } from '../tables/step-table.ts'
import { angularFactor, type AngularColumn } from './angular-factors.ts'
import type { BearingType } from './bearing-type.ts'

/** One load as the factors see it: N, degrees, C0 of one bearing in N. */
export interface LoadFactorsInput {
  bearingType: BearingType
  /** What a fitter calls the type. */
  name: string
  radialN: number
  axialN: number
  staticRatingN?: number | undefined
  f0?: number | undefined
  contactAngleDeg?: number | undefined
  arrangement: 'single' | 'tandem' | 'back-to-back' | 'face-to-face'
  ribs: 'none' | 'both-rings'
}

/** Factors of one type at one load: below and above e, and the static pair. */
export interface Factors {
  e: number | null
  below: [x: number, y: number]
  above: [x: number, y: number]
  /** P0 = max(Fr, x0 Fr + y0 Fa); for pairs and self-aligning types Fr + y0 Fa. */
  x0: number
  y0: number
  /** No radial load is in it: the pair above e always holds. */
  axialOnly?: boolean
}

/** Grooves that are the same on both sides. @throws InputError on `axialN` or `staticRatingN` @see ISO 281:2007, ISO 76:2006 */
export function deepGrooveFactors(input: LoadFactorsInput): Factors {
  const relative = relativeLoad(input, 1, 6.89)
  const at = (column: string) => interpolate(deepGroove.rows, relative, deepGroove.columns.indexOf(column))
  return { e: at('e'), below: [1, 0], above: [0.56, at('y')], x0: 0.6, y0: 0.5 }
}

/** Axial factors of a four-point bearing are those of two rows set against each other. */
const fourPoint = { assumedDeg: 35, fromDeg: 20, opposed: true }
const usualAngular = { assumedDeg: undefined, fromDeg: 15, opposed: false }

/** Angular contact and four-point balls. @throws InputError on `contactAngleDeg`, `axialN`, `staticRatingN` */
export const angularFactors = (input: LoadFactorsInput): Factors => byAngle(input, usualAngular)
export const fourPointFactors = (input: LoadFactorsInput): Factors => byAngle(input, fourPoint)

function byAngle(
  input: LoadFactorsInput,
  { assumedDeg, fromDeg, opposed }: { assumedDeg: number | undefined; fromDeg: number; opposed: boolean },
): Factors {
  const angle = input.contactAngleDeg ?? assumedDeg
  if (angle === undefined || angle < fromDeg || angle > 45) {
    throw refuse('contactAngleDeg', angle, `from ${fromDeg} to 45°`, 'Give the contact angle.')
  }
  const paired = input.arrangement === 'back-to-back' || input.arrangement === 'face-to-face'
  const double = opposed || paired
  // Each bearing of a tandem pair has its half; back-to-back and face-to-face one row takes it all.
  const share = input.arrangement === 'tandem' ? 0.5 : 1
  const at = (column: AngularColumn) => angularFactor(angle, column, () => relativeLoad(input, share, 7.14))
  const y0 = at('y0')
  return double
    ? { e: at('e'), below: [1, at('y1')], above: [at('x2'), at('y2')], x0: 1, y0: 2 * y0 }
    : { e: at('e'), below: [1, 0], above: [at('x'), at('y')], x0: 0.5, y0 }
}

/** Two rows that swivel in one sphere; `y1` is the axial factor below e, times cot α. */
const selfAligning =
  (x2: number, y1: number, y2: number) =>
  (input: LoadFactorsInput): Factors => {
    const cot = 1 / Math.tan(angleRad(input, 3, 45))
    return { e: 1.5 / cot, below: [1, y1 * cot], above: [x2, y2 * cot], x0: 1, y0: 0.44 * cot }
  }
export const selfAligningBallFactors = selfAligning(0.65, 0.42, 0.65)
export const sphericalRollerFactors = selfAligning(0.67, 0.45, 0.67)

/** Tapered rollers, alone, in tandem or as a pair. @throws InputError on `contactAngleDeg` */
export function taperedFactors(input: LoadFactorsInput): Factors {
  const cot = 1 / Math.tan(angleRad(input, 3, 45))
  const e = 1.5 / cot
  return input.arrangement === 'single' || input.arrangement === 'tandem'
    ? { e, below: [1, 0], above: [0.4, 0.4 * cot], x0: 0.5, y0: 0.22 * cot }
    : { e, below: [1, 0.45 * cot], above: [0.67, 0.67 * cot], x0: 1, y0: 0.44 * cot }
}

/** Cylindrical rollers: ribs take half the radial load. @throws InputError on `axialN` */
export function ribbedFactors(input: LoadFactorsInput): Factors {
  const { axialN, radialN, ribs } = input
  if (ribs === 'none') return radialOnlyFactors(input, 'without a pair of ribs ')
  if (axialN > 0.5 * radialN) {
    throw refuse(
      'axialN',
      axialN,
      `at most half the radial load, ${0.5 * radialN} N, on the ribs of a cylindrical roller bearing`,
      'Let a ball, tapered or spherical roller bearing take the axial load.',
    )
  }
  return { e: 0.2, below: [1, 0], above: [0.92, 0.6], x0: 1, y0: 0 }
}

/** @throws InputError on `axialN`: there is nothing that takes it */
export function radialOnlyFactors({ name, axialN }: LoadFactorsInput, which = ''): Factors {
  if (axialN > 0) {
    throw refuse(
      'axialN',
      axialN,
      `0 N: a ${name} bearing ${which}carries no axial load`,
      'Take the axial load in a locating bearing: deep groove, angular contact, tapered, spherical, or NJ or NUP for a light one.',
    )
  }
  return { e: null, below: [1, 0], above: [1, 0], x0: 1, y0: 0 }
}

/** Thrust balls, 45 to 90°. @throws InputError on `radialN`, `axialN`, `contactAngleDeg` */
export function thrustBallFactors(input: LoadFactorsInput): Factors {
  const { radialN, axialN, name } = input
  const alpha = angleRad(input, 45, 90, 90)
  const deg = input.contactAngleDeg ?? 90
  if (deg === 90) return axialOnlyFactors(input)
  const tan = Math.tan(alpha)
  const e = 1.25 * tan
  if (radialN > 0 && axialN / radialN <= e) {
    throw refuse(
      'axialN',
      axialN,
      `more than ${(e * radialN).toFixed(0)} N beside this radial load on a ${name} bearing`,
      'Raise the axial load or take the radial load elsewhere.',
    )
  }
  const x = 1.25 * tan * (1 - (2 / 3) * Math.sin(alpha))
  return { e, below: [x, 1], above: [x, 1], x0: 2.3 * tan, y0: 1, axialOnly: true }
}

/** A thrust bearing of 90°: P = P0 = Fa. @throws InputError on `radialN` */
export function axialOnlyFactors({ radialN, name }: LoadFactorsInput): Factors {
  if (radialN > 0) {
    throw refuse(
      'radialN',
      radialN,
      `0 N on a ${name} bearing of 90°`,
      'Take the radial load in a radial bearing beside it.',
    )
  }
  return { e: null, below: [0, 1], above: [0, 1], x0: 0, y0: 1, axialOnly: true }
}

/** Factors against relative load are not tabled above this row, which is about half the static rating. */
function relativeLoad({ f0 = 14, axialN, staticRatingN }: LoadFactorsInput, share: number, largest: number): number {
  if (axialN === 0) return 0
  if (staticRatingN === undefined) {
    throw refuse(
      'staticRatingN',
      undefined,
      'C0 of one bearing in N when there is an axial load',
      'Give staticRatingN.',
    )
  }
  const relative = (f0 * axialN * share) / staticRatingN
  if (relative > largest) {
    throw refuse(
      'axialN',
      axialN,
      `at most ${Math.floor((largest * staticRatingN) / (f0 * share))} N for this bearing: ISO 281 has no factors beyond about half of C0`,
      'Take a larger bearing or a type made for axial load.',
    )
  }
  return relative
}

function angleRad(
  { contactAngleDeg, bearingType }: LoadFactorsInput,
  from: number,
  to: number,
  assumed?: number,
): number {
  const angle = contactAngleDeg ?? assumed
  if (angle === undefined || angle < from || angle > to) {
    throw refuse('contactAngleDeg', angle, `from ${from} to ${to}° for ${bearingType}`, 'Give the contact angle.')
  }
  return (angle * Math.PI) / 180
}

function refuse(field: string, value: unknown, allowed: string, fix: string): InputError {
  return new InputError({ code: value === undefined ? 'MISSING' : 'OUT_OF_RANGE', field, value, allowed, fix })
}
