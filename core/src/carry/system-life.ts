import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { BearingType, isBall } from '../bearing-types/index.ts'

export const SystemLifeInput = z.strictObject({
  livesH: z
    .array(z.number().gt(0).max(1e12))
    .min(1)
    .meta({ unit: 'h', description: 'Rated life of each bearing, above 0 to 1e12 h' }),
  bearingTypes: z.array(BearingType).min(1).meta({ description: 'Type of each bearing, in the same order' }),
})
export type SystemLifeInput = z.infer<typeof SystemLifeInput>

/** Weibull slope of ISO 281. */
const slope = (type: BearingType) => (isBall(type) ? 10 / 9 : 9 / 8)

/**
 * Rated life of several bearings together: the time that 90 of 100 such machines reach with all of them whole.
 *
 *     Σ (T / L_i)^e_i = 1        e = 10/9 balls, 9/8 rollers
 *
 * @throws InputError on `bearingTypes` when there are not as many types as lives
 * @example systemLife({ livesH: [40000, 40000], bearingTypes: ['deep-groove-ball', 'deep-groove-ball'] }) // { systemH: 21435 }
 * @see survival product with the slopes of ISO 281
 */
export function systemLife({ livesH, bearingTypes }: SystemLifeInput): { systemH: number } {
  if (livesH.length !== bearingTypes.length) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'bearingTypes',
      value: `a list of ${bearingTypes.length}`,
      allowed: `as many types as lives (${livesH.length})`,
      fix: 'Give a type for each life.',
    })
  }
  const slopes = bearingTypes.map(slope)
  const used = (hours: number) => livesH.reduce((sum, life, index) => sum + (hours / life) ** (slopes[index] ?? 1), 0)
  let low = 0
  // The whole cannot outlast its weakest part.
  let high = Math.min(...livesH)
  for (let step = 0; step < 200; step++) {
    const middle = (low + high) / 2
    if (used(middle) < 1) low = middle
    else high = middle
  }
  return { systemH: high }
}

export const systemLifeCalculation = calculation(
  'life.system',
  'Rated life of several bearings together',
  'Survival product, slopes of ISO 281',
  SystemLifeInput,
  systemLife,
)
