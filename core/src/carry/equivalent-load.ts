import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { factsOf, BearingType } from '../bearing-types/index.ts'

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
  const facts = factsOf(bearingType)
  if (radialN + axialN < leastLoadN) {
    throw refuse(
      'radialN',
      radialN,
      'more than 0 N where there is no axial load either',
      'Give the load on the bearing.',
    )
  }
  if (input.arrangement !== 'single' && !facts.pairs) {
    throw refuse('arrangement', input.arrangement, `single for ${bearingType}`, 'Pairs are angular contact or tapered.')
  }
  const factors = facts.loadFactors({ ...input, name: facts.name })
  const counts = axialN > 0 && (radialN === 0 || (factors.e !== null && axialN / radialN > factors.e))
  const [x, y] = counts || factors.axialOnly ? factors.above : factors.below
  const equivalentN = x * radialN + y * axialN
  const staticEquivalentN = Math.max(factors.axialOnly ? 0 : radialN, factors.x0 * radialN + factors.y0 * axialN)
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
  factsOf(type).minimumLoadShare * dynamicRatingN

function refuse(field: string, value: unknown, allowed: string, fix: string): InputError {
  return new InputError({ code: value === undefined ? 'MISSING' : 'OUT_OF_RANGE', field, value, allowed, fix })
}

export const equivalentLoadCalculation = calculation(
  'load.equivalent',
  'Equivalent dynamic and static load',
  'ISO 281:2007, ISO 76:2006',
  EquivalentLoadInput,
  equivalentLoad,
)
