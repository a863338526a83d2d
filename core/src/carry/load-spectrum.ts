import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { lifeExponent, BearingType } from '../bearing-types/index.ts'

export const LoadSpectrumInput = z.strictObject({
  bearingType: BearingType,
  steps: z
    .array(
      z.strictObject({
        equivalentN: z.number().min(0).max(1e8),
        speedRpm: z.number().min(0).max(100_000),
        share: z.number().min(0).max(1),
      }),
    )
    .min(1)
    .meta({
      description: 'Duty steps: equivalentN (0 to 1e8 N), speedRpm (0 to 100 000), share of time (0 to 1, together 1)',
    }),
})
export type LoadSpectrumInput = z.infer<typeof LoadSpectrumInput>

/** How far the shares may miss 1 by rounding; what is within is divided out. */
const shareSlack = 0.005

/**
 * One load and speed that use the bearing up as fast as a spectrum of steps does.
 *
 *     P = (Σ P^p n q / Σ n q)^(1/p)         n = Σ n q / Σ q
 *
 * A step at standstill counts in time, not in revolutions; its static safety is looked at apart.
 *
 * @throws InputError on `steps`: shares that do not make 1, or nothing both loaded and turning
 * @example loadSpectrum({ bearingType: 'deep-groove-ball', steps: [{ equivalentN: 4000, speedRpm: 1000, share: 0.3 },
 *   { equivalentN: 2000, speedRpm: 1500, share: 0.7 }] }).equivalentN // 2734
 * @see cumulative damage, ISO 281 practice
 */
export function loadSpectrum({ bearingType, steps }: LoadSpectrumInput): { equivalentN: number; meanSpeedRpm: number } {
  const sum = (of: (step: LoadSpectrumInput['steps'][number]) => number) =>
    steps.reduce((total, step) => total + of(step), 0)
  const shares = sum(({ share }) => share)
  if (Math.abs(shares - 1) > shareSlack) {
    throw refuse(`shares that add up to ${shares}`, 'shares of time that together make 1', 'Correct the shares.')
  }
  const turns = sum(({ speedRpm, share }) => speedRpm * share)
  const p = lifeExponent(bearingType)
  const damage = sum(({ equivalentN, speedRpm, share }) => equivalentN ** p * speedRpm * share)
  if (damage === 0) {
    throw refuse(
      'nothing both loaded and turning',
      'at least one step with load and speed',
      'Give a step its load and speed.',
    )
  }
  return { equivalentN: (damage / turns) ** (1 / p), meanSpeedRpm: turns / shares }
}

function refuse(value: string, allowed: string, fix: string): InputError {
  return new InputError({ code: 'FIELDS_DISAGREE', field: 'steps', value, allowed, fix })
}

export const loadSpectrumCalculation = calculation(
  'load.spectrum',
  'One load and speed for a duty of steps',
  'Cumulative damage',
  LoadSpectrumInput,
  loadSpectrum,
)
