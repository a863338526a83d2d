import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { factsOf, BearingType } from '../bearing-types/index.ts'

export const FillInput = z.strictObject({
  boreMm: z.number().gt(0).max(2000).meta({ unit: 'mm', description: 'Bore' }),
  odMm: z.number().gt(0).max(3000).meta({ unit: 'mm', description: 'Outside diameter' }),
  widthMm: z.number().gt(0).max(2000).meta({ unit: 'mm', description: 'Width' }),
  massKg: z
    .number()
    .gt(0)
    .max(1e5)
    .optional()
    .meta({ unit: 'kg', description: 'Mass of the bearing; its free space is estimated when absent' }),
  bearingType: BearingType,
  speedRpm: z.number().min(0).max(1e6).meta({ unit: 'r/min', description: 'Speed' }),
  ndmLimit: z
    .number()
    .min(1000)
    .max(3e6)
    .meta({ unit: 'mm/min', description: 'Limit of pitch diameter times speed on grease' }),
  housingFreeVolumeCm3: z
    .number()
    .min(0)
    .max(1e7)
    .default(0)
    .meta({ unit: 'cm³', description: 'Free space of the housing' }),
})
export type FillInput = z.input<typeof FillInput>

export interface Fill {
  freeVolumeCm3: number
  /** Of the housing space; the bearing itself is always filled. */
  fillPercent: number
  fillG: number
}

const steelGPerCm3 = 7.8
const greaseGPerCm3 = 0.9

/**
 * First fill of a bearing and its housing.
 *
 *     free = π/4 B (D² − d²) − m/ρ      fill = 0.9 (free + housing · percent)
 *
 * The faster it turns against its limit, the less of the housing is filled: churning heats.
 *
 * @throws InputError on `odMm` (not above the bore), `massKg` (heavier than solid steel), `speedRpm` (over the limit)
 * @example greaseFill({ boreMm: 60, odMm: 110, widthMm: 22, massKg: 0.78, bearingType: 'deep-groove-ball', speedRpm: 1500,
 *   ndmLimit: 500000, housingFreeVolumeCm3: 90 }).fillG // 82.7
 * @see general published practice
 */
export function greaseFill(input: FillInput): Fill {
  const { boreMm, odMm, widthMm, massKg, bearingType, speedRpm, ndmLimit, housingFreeVolumeCm3 = 0 } = input
  const refuse = (field: string, value: number, allowed: string, fix: string) =>
    new InputError({ code: 'FIELDS_DISAGREE', field, value, allowed, fix })
  if (odMm <= boreMm) throw refuse('odMm', odMm, `above boreMm (${boreMm} mm)`, 'Check the sizes and their unit.')
  const envelope = ((Math.PI / 4) * widthMm * (odMm ** 2 - boreMm ** 2)) / 1000
  const freeVolumeCm3 =
    massKg === undefined
      ? envelope * factsOf(bearingType).greasing.freeShare
      : envelope - (massKg * 1000) / steelGPerCm3
  if (massKg !== undefined && freeVolumeCm3 <= 0) {
    throw refuse(
      'massKg',
      massKg,
      `below ${((envelope * steelGPerCm3) / 1000).toPrecision(3)} kg, a solid ring of this size`,
      'Check the mass and its unit.',
    )
  }
  const ratio = (speedRpm * ((boreMm + odMm) / 2)) / ndmLimit
  if (ratio > 1) {
    throw refuse(
      'speedRpm',
      speedRpm,
      `at most ${Math.floor((2 * ndmLimit) / (boreMm + odMm))} r/min on grease`,
      'Use oil, or the maker’s limit for this bearing.',
    )
  }
  const fillPercent = ratio < 0.2 ? 85 : ratio < 0.5 ? 50 : ratio < 0.8 ? 40 : 30
  return {
    freeVolumeCm3,
    fillPercent,
    fillG: greaseGPerCm3 * (freeVolumeCm3 + (housingFreeVolumeCm3 * fillPercent) / 100),
  }
}

export const greaseFillCalculation = calculation(
  'grease.fill',
  'First fill of bearing and housing',
  'General published practice',
  FillInput,
  greaseFill,
)
