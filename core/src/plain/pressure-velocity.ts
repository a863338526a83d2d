import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import table from '../../data/sleeve-materials.json' with { type: 'json' }

const materials = table.rows.map(([name]) => String(name)) as [string, ...string[]]

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
 *     p = W / (L D)      v = π D n / 60000
 *
 * @example pressureVelocity({ journalDiameterMm: 12, lengthMm: 16, loadN: 240, speedRpm: 1800, material: 'sintered-bronze' }).verdict // 'marginal'
 * @see general catalogue practice
 */
export function pressureVelocity(input: PressureVelocityInput): PressureVelocity {
  const { journalDiameterMm, lengthMm, loadN, speedRpm, material } = input
  const row = table.rows.find(([name]) => name === material)
  if (!row) throw new Error(`no bush material ${material}`)
  const limits = { pressureMPa: Number(row[1]), velocityMPerS: Number(row[2]), pv: Number(row[3]) }
  const pressureMPa = loadN / (lengthMm * journalDiameterMm)
  const velocityMPerS = (Math.PI * journalDiameterMm * speedRpm) / 60_000
  const found = { pressureMPa, velocityMPerS, pv: pressureMPa * velocityMPerS }
  const used = (['pressureMPa', 'velocityMPerS', 'pv'] as const).map(
    (name) => [name, found[name] / limits[name]] as const,
  )
  const [governing, most] = used.reduce((worst, one) => (one[1] > worst[1] ? one : worst))
  const compared = Math.round(most * 1e4) / 1e4
  return { ...found, limits, governing, verdict: compared <= 0.8 ? 'ok' : compared <= 1 ? 'marginal' : 'over-limit' }
}

export const pressureVelocityCalculation = calculation(
  'sleeve.pv',
  'Pressure and speed of a bush',
  'General catalogue practice',
  PressureVelocityInput,
  pressureVelocity,
)
