import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { calculation } from '../working/calculation.ts'

export const OilLevelInput = z.strictObject({
  pitchDiameterMm: z.number().min(5).max(3000).meta({ unit: 'mm', description: 'Pitch diameter' }),
  elementDiameterMm: z.number().min(0.3).max(250).meta({ unit: 'mm', description: 'Diameter of a rolling element' }),
  measuredMm: z
    .number()
    .min(-3000)
    .max(3000)
    .optional()
    .meta({ unit: 'mm', description: 'Shaft centre line down to the oil at standstill; negative above it' }),
})

export interface OilLevel {
  /** From the shaft centre line down. */
  centreToLevelMm: number
  toleranceMm: number
  /** As near the centre line as the oil may stand. */
  highMm: number
  lowMm: number
  /** Positive: too high. Null while nobody has measured, like those below. */
  deviationMm: number | null
  /** Share of the lowest element that is under oil. */
  immersion: number | null
  churnFactor: number | null
  verdict: 'ok' | 'high' | 'low' | null
}

const clip = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value))
const toHundredth = (mm: number): number => Math.round(mm * 100) / 100

/**
 * Where the oil of a bath stands: the centre of the lowest rolling element, at standstill, on a horizontal shaft.
 *
 *     level = Dpw / 2 down from the shaft centre,  ± min(5, max(1, Dw / 4), Dw / 2)
 *
 * @throws InputError on `elementDiameterMm` over half the pitch diameter
 * @example oilLevel({ pitchDiameterMm: 92.5, elementDiameterMm: 16, measuredMm: 40 }).verdict // 'high'
 * @see general published practice; churning is guidance
 */
export function oilLevel({ pitchDiameterMm, elementDiameterMm, measuredMm }: z.output<typeof OilLevelInput>): OilLevel {
  if (elementDiameterMm > pitchDiameterMm / 2)
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'elementDiameterMm',
      value: elementDiameterMm,
      allowed: `at most half the pitch diameter, ${pitchDiameterMm / 2} mm`,
      fix: 'Check both diameters.',
    })
  const centreToLevelMm = pitchDiameterMm / 2
  const toleranceMm = Math.min(5, Math.max(1, elementDiameterMm / 4), elementDiameterMm / 2)
  const level = { centreToLevelMm, toleranceMm, highMm: centreToLevelMm - toleranceMm, lowMm: centreToLevelMm + toleranceMm } // prettier-ignore
  if (measuredMm === undefined)
    return { ...level, deviationMm: null, immersion: null, churnFactor: null, verdict: null }
  const deviationMm = centreToLevelMm - measuredMm
  const [off, allowed] = [toHundredth(deviationMm), toHundredth(toleranceMm)]
  return {
    ...level,
    deviationMm,
    immersion: clip((centreToLevelMm + elementDiameterMm / 2 - measuredMm) / elementDiameterMm, 0, 1),
    churnFactor: 1 + clip(deviationMm / centreToLevelMm, 0, 1),
    verdict: off > allowed ? 'high' : off < -allowed ? 'low' : 'ok',
  }
}

export const oilLevelCalculation = calculation(
  'oil.level',
  'Where the oil of a bath stands',
  'General published practice',
  OilLevelInput,
  oilLevel,
)
