import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { bushMaterialOf } from './bush-materials.ts'
import { sliding, useVerdict } from './sliding.ts'

/** Materials that are judged by pressure and velocity alone. */
const materials = ['leaded-bronze', 'tin-bronze', 'aluminium-bronze', 'sintered-bronze', 'white-metal', 'ptfe-lined', 'nylon'] as const // prettier-ignore

export const PressureVelocityInput = z.strictObject({
  journalDiameterMm: z.number().min(2).max(1000).meta({ unit: 'mm', description: 'Journal diameter' }),
  lengthMm: z.number().min(1).max(2000).meta({ unit: 'mm', description: 'Length' }),
  loadN: z.number().min(0).max(1e9).meta({ unit: 'N', description: 'Load' }),
  speedRpm: z.number().min(0).max(1e6).meta({ unit: 'r/min', description: 'Speed' }),
  material: z.enum(materials).meta({ description: 'Bush material' }),
})
export type PressureVelocityInput = z.infer<typeof PressureVelocityInput>

export interface PressureVelocity {
  pressureMPa: number
  velocityMPerS: number
  pv: number
  limits: { pressureMPa: number; velocityMPerS: number; pv: number }
  /** Which of the three comes nearest to its limit. */
  governing: 'pressureMPa' | 'velocityMPerS' | 'pv'
  verdict: 'ok' | 'marginal' | 'over-limit'
}

/**
 * Whether a greased or dry bush stands its pressure, its speed and their product.
 *
 * @example pressureVelocity({ journalDiameterMm: 12, lengthMm: 16, loadN: 240, speedRpm: 1800, material: 'sintered-bronze' }).verdict // 'marginal'
 * @see general catalogue practice
 */
export function pressureVelocity(input: PressureVelocityInput): PressureVelocity {
  const { material } = input
  const made = bushMaterialOf(material)
  const limits = { pressureMPa: made.pressureMPa, velocityMPerS: made.velocityMPerS, pv: made.pv }
  const found = sliding(input)
  const used = (['pressureMPa', 'velocityMPerS', 'pv'] as const).map(
    (name) => [name, found[name] / limits[name]] as const,
  )
  const [governing, most] = used.reduce((worst, one) => (one[1] > worst[1] ? one : worst))
  return { ...found, limits, governing, verdict: useVerdict(most) }
}

export const pressureVelocityCalculation = calculation(
  'sleeve.pv',
  'Pressure and speed of a bush',
  'General catalogue practice',
  PressureVelocityInput,
  pressureVelocity,
)
