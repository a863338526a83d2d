import { z } from 'zod'
import deepGroove from '../../data/iso281-factors-deep-groove.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { BearingType, bearingTypeNames, isBall } from '../model/bearing-type.ts'
import { interpolate } from '../tables/step-table.ts'
import { angularFactor, type AngularColumn } from './angular-factors.ts'

const largestLoadN = 1e8
/** Less than this is no load: it would give lives beyond all numbers. */
const leastLoadN = 0.001

export const EquivalentLoadInput = z.strictObject({
  bearingType: BearingType,
  radialN: z
    .number()
    .min(0)
    .max(largestLoadN)
    .default(0)
    .meta({ unit: 'N', description: 'Radial load on the bearing or pair' }),
  axialN: z.number().min(0).max(largestLoadN).default(0).meta({ unit: 'N', description: 'Axial load, as a magnitude' }),
  staticRatingN: z.number().gt(0).optional().meta({ unit: 'N', description: 'C0 of one bearing' }),
  f0: z.number().min(5).max(20).optional().meta({ description: 'Factor f0 of ISO 76; 14 is assumed when absent' }),
  contactAngleDeg: z.number().min(0).max(90).optional().meta({ unit: '°', description: 'Contact angle' }),
  arrangement: z
    .enum(['single', 'tandem', 'back-to-back', 'face-to-face'])
    .default('single')
    .meta({ description: 'Single bearing, or how the pair is set' }),
  ribs: z
    .enum(['none', 'both-rings'])
    .default('none')
    .meta({ description: 'Cylindrical roller: ribs that can take axial load' }),
  dynamicRatingN: z.number().gt(0).optional().meta({ unit: 'N', description: 'C; gives the minimum load' }),
})
export type EquivalentLoadInput = z.input<typeof EquivalentLoadInput>
type Input = z.output<typeof EquivalentLoadInput>

export interface EquivalentLoad {
  /** Dynamic equivalent load P, N. */
  equivalentN: number
  /** Limit of Fa/Fr above which the axial load counts; null where the type has none. */
  e: number | null
  x: number
  y: number
  /** Static equivalent load P0, N. */
  staticEquivalentN: number
  /** Given with a dynamic rating: the least load that keeps the elements rolling, N. */
  minimumN?: number
  belowMinimum?: boolean
}

/** Factors of one type at one load: below and above e, and the static pair. */
interface Factors {
  e: number | null
  below: [x: number, y: number]
  above: [x: number, y: number]
  /** P0 = max(Fr, x0 Fr + y0 Fa); for pairs and self-aligning types Fr + y0 Fa. */
  x0: number
  y0: number
}

/**
 * Equivalent dynamic and static load of a bearing under radial and axial load.
 *
 *     P = X Fr + Y Fa          X, Y of the first pair up to Fa/Fr = e, of the second above
 *
 * @param input - loads in N of the whole pair, ratings in N of one bearing, angle in degrees
 * @throws InputError on `radialN` (no load at all; radial on a thrust bearing), `axialN` (on a type or rib that cannot take
 *   it; beyond the factors of the standard), `contactAngleDeg`, `staticRatingN`, `arrangement`
 * @example equivalentLoad({ bearingType: 'deep-groove-ball', radialN: 2000, axialN: 1500, staticRatingN: 11200,
 *   f0: 13.9 }).equivalentN // 3148
 * @see ISO 281:2007 (dynamic), ISO 76:2006 (static)
 */
export function equivalentLoad(given: EquivalentLoadInput): EquivalentLoad {
  const { radialN = 0, axialN = 0, arrangement = 'single', ribs = 'none' } = given
  const input: Input = { ...given, radialN, axialN, arrangement, ribs }
  const { bearingType } = input
  if (radialN + axialN < leastLoadN) {
    throw refuse(
      'radialN',
      radialN,
      'more than 0 N where there is no axial load either',
      'Give the load on the bearing.',
    )
  }
  if (input.arrangement !== 'single' && bearingType !== 'angular-contact-ball' && bearingType !== 'tapered-roller') {
    throw refuse('arrangement', input.arrangement, `single for ${bearingType}`, 'Pairs are angular contact or tapered.')
  }
  const factors = factorsOf(input)
  const counts = axialN > 0 && (radialN === 0 || (factors.e !== null && axialN / radialN > factors.e))
  const [x, y] = counts || bearingType === 'thrust-ball' ? factors.above : factors.below
  const equivalentN = x * radialN + y * axialN
  const staticEquivalentN = Math.max(
    bearingType === 'thrust-ball' ? 0 : radialN,
    factors.x0 * radialN + factors.y0 * axialN,
  )
  const result: EquivalentLoad = { equivalentN, e: factors.e, x, y, staticEquivalentN }
  if (input.dynamicRatingN === undefined) return result
  const minimumN = minimumLoad(bearingType, input.dynamicRatingN)
  return { ...result, minimumN, belowMinimum: equivalentN < minimumN }
}

/**
 * Least load that keeps the elements rolling instead of skidding, N: 0.01 C for balls, 0.02 C for rollers.
 * A maker's formula with speed and viscosity is better where it is known.
 */
export const minimumLoad = (type: BearingType, dynamicRatingN: number): number =>
  (isBall(type) ? 0.01 : 0.02) * dynamicRatingN

function factorsOf(input: Input): Factors {
  const { bearingType, radialN, axialN, ribs } = input
  switch (bearingType) {
    case 'deep-groove-ball':
    case 'insert-ball':
      return deepGrooveFactors(input)
    case 'angular-contact-ball':
    case 'four-point-ball':
      return angularFactors(input)
    case 'self-aligning-ball': {
      const cot = 1 / Math.tan(angleRad(input, 3, 45))
      return { e: 1.5 / cot, below: [1, 0.42 * cot], above: [0.65, 0.65 * cot], x0: 1, y0: 0.44 * cot }
    }
    case 'spherical-roller': {
      const cot = 1 / Math.tan(angleRad(input, 3, 45))
      return { e: 1.5 / cot, below: [1, 0.45 * cot], above: [0.67, 0.67 * cot], x0: 1, y0: 0.44 * cot }
    }
    case 'tapered-roller': {
      const cot = 1 / Math.tan(angleRad(input, 3, 45))
      const e = 1.5 / cot
      return input.arrangement === 'single' || input.arrangement === 'tandem'
        ? { e, below: [1, 0], above: [0.4, 0.4 * cot], x0: 0.5, y0: 0.22 * cot }
        : { e, below: [1, 0.45 * cot], above: [0.67, 0.67 * cot], x0: 1, y0: 0.44 * cot }
    }
    case 'cylindrical-roller': {
      if (ribs === 'both-rings') {
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
      return radialOnly(input)
    }
    case 'needle-roller':
    case 'toroidal-roller':
      return radialOnly(input)
    case 'thrust-ball':
      return thrustFactors(input)
    default:
      return bearingType satisfies never
  }
}

function radialOnly({ bearingType, axialN }: Input): Factors {
  if (axialN > 0) {
    throw refuse(
      'axialN',
      axialN,
      `0 N: a ${bearingTypeNames[bearingType]} bearing ${bearingType === 'cylindrical-roller' ? 'without a pair of ribs ' : ''}carries no axial load`,
      'Take the axial load in a locating bearing: deep groove, angular contact, tapered, spherical, or NJ or NUP for a light one.',
    )
  }
  return { e: null, below: [1, 0], above: [1, 0], x0: 1, y0: 0 }
}

/** Factors against relative load are not tabled above this row, which is about half the static rating. */
function relativeLoad({ f0 = 14, axialN, staticRatingN }: Input, share: number, largest: number): number {
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

function deepGrooveFactors(input: Input): Factors {
  const relative = relativeLoad(input, 1, 6.89)
  const at = (column: string) => interpolate(deepGroove.rows, relative, deepGroove.columns.indexOf(column))
  return { e: at('e'), below: [1, 0], above: [0.56, at('y')], x0: 0.6, y0: 0.5 }
}

function angularFactors(input: Input): Factors {
  const fourPoint = input.bearingType === 'four-point-ball'
  const angle = input.contactAngleDeg ?? (fourPoint ? 35 : undefined)
  const from = fourPoint ? 20 : 15
  if (angle === undefined || angle < from || angle > 45) {
    throw refuse('contactAngleDeg', angle, `from ${from} to 45°`, 'Give the contact angle.')
  }
  const paired = input.arrangement === 'back-to-back' || input.arrangement === 'face-to-face'
  const double = fourPoint || paired
  // Each bearing of a tandem pair has its half; back-to-back and face-to-face one row takes it all.
  const share = input.arrangement === 'tandem' ? 0.5 : 1
  const at = (column: AngularColumn) => angularFactor(angle, column, () => relativeLoad(input, share, 7.14))
  const y0 = at('y0')
  return double
    ? { e: at('e'), below: [1, at('y1')], above: [at('x2'), at('y2')], x0: 1, y0: 2 * y0 }
    : { e: at('e'), below: [1, 0], above: [at('x'), at('y')], x0: 0.5, y0 }
}

function thrustFactors(input: Input): Factors {
  const { radialN, axialN } = input
  const alpha = angleRad(input, 45, 90, 90)
  const deg = input.contactAngleDeg ?? 90
  if (deg === 90) {
    if (radialN > 0) {
      throw refuse(
        'radialN',
        radialN,
        '0 N on a thrust ball bearing of 90°',
        'Take the radial load in a radial bearing beside it.',
      )
    }
    return { e: null, below: [0, 1], above: [0, 1], x0: 0, y0: 1 }
  }
  const tan = Math.tan(alpha)
  const e = 1.25 * tan
  if (radialN > 0 && axialN / radialN <= e) {
    throw refuse(
      'axialN',
      axialN,
      `more than ${(e * radialN).toFixed(0)} N beside this radial load on a thrust ball bearing`,
      'Raise the axial load or take the radial load elsewhere.',
    )
  }
  const x = 1.25 * tan * (1 - (2 / 3) * Math.sin(alpha))
  return { e, below: [x, 1], above: [x, 1], x0: 2.3 * tan, y0: 1 }
}

function angleRad({ contactAngleDeg, bearingType }: Input, from: number, to: number, assumed?: number): number {
  const angle = contactAngleDeg ?? assumed
  if (angle === undefined || angle < from || angle > to) {
    throw refuse('contactAngleDeg', angle, `from ${from} to ${to}° for ${bearingType}`, 'Give the contact angle.')
  }
  return (angle * Math.PI) / 180
}

function refuse(field: string, value: unknown, allowed: string, fix: string): InputError {
  return new InputError({ code: value === undefined ? 'MISSING' : 'OUT_OF_RANGE', field, value, allowed, fix })
}
