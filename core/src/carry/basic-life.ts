import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { lifeExponent, BearingType } from '../bearing-types/index.ts'

export const BasicLifeInput = z.strictObject({
  bearingType: BearingType,
  dynamicRatingN: z.number().gt(0).meta({ unit: 'N', description: 'Basic dynamic rating C' }),
  equivalentN: z.number().min(0.001).meta({ unit: 'N', description: 'Equivalent dynamic load P, at most C' }),
  speedRpm: z.number().gt(0).lte(100_000).meta({ unit: 'r/min', description: 'Speed' }),
})
export type BasicLifeInput = z.infer<typeof BasicLifeInput>

export interface BasicLife {
  millionRevs: number
  hoursH: number
}

/**
 * Basic rating life in millions of revolutions.
 *
 *     L10 = (C / P)^p
 *
 * @param exponent - 3 for balls, 10/3 for rollers
 * @example basicRatingLife(19_500, 1950, 3) // 1000
 * @see ISO 281:2007
 */
export const basicRatingLife = (dynamicRatingN: number, equivalentN: number, exponent: number): number =>
  (dynamicRatingN / equivalentN) ** exponent

/** Hours that a life in millions of revolutions lasts at a speed. */
export const lifeHours = (millionRevs: number, speedRpm: number): number => (1e6 * millionRevs) / (60 * speedRpm)

/**
 * Basic rating life: 90 % of a large group of such bearings last longer before the first spall.
 *
 * @throws InputError on `equivalentN` when it is above the rating: the bearing is then damaged at once
 * @example basicLife({ bearingType: 'deep-groove-ball', dynamicRatingN: 19500, equivalentN: 1950, speedRpm: 1480 }).hoursH // 11 261
 * @see ISO 281:2007
 */
export function basicLife({ bearingType, dynamicRatingN, equivalentN, speedRpm }: BasicLifeInput): BasicLife {
  if (equivalentN > dynamicRatingN) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'equivalentN',
      value: equivalentN,
      allowed: `at most the dynamic rating (${dynamicRatingN} N)`,
      fix: 'Take a larger bearing or a lower load.',
    })
  }
  const millionRevs = basicRatingLife(dynamicRatingN, equivalentN, lifeExponent(bearingType))
  return { millionRevs, hoursH: lifeHours(millionRevs, speedRpm) }
}

export const basicLifeCalculation = calculation(
  'life.basic',
  'Basic rating life',
  'ISO 281:2007',
  BasicLifeInput,
  basicLife,
)
