import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import growthTable from '../../data/growth.json' with { type: 'json' }

export const GrowthInput = z.strictObject({
  spanMm: z.number().min(10).max(20_000).meta({ unit: 'mm', description: 'Distance between the bearings' }),
  material: z.enum(['carbon-steel', 'stainless-austenitic']).meta({ description: 'Shaft material' }),
  assemblyC: z.number().min(-40).max(60).meta({ unit: '°C', description: 'Shaft when it was assembled' }),
  runningC: z.number().min(-40).max(250).meta({ unit: '°C', description: 'Shaft at its hottest in service' }),
})
export type GrowthInput = z.infer<typeof GrowthInput>

export interface Growth {
  /** Physics: expansion over the rise; negative when it runs colder. */
  growthMm: number
  /** Inches-per-foot practice: no temperature in it. */
  perFootMm: number
  /** Whole-temperature practice: as if fitted at 0 °F. */
  absoluteMm: number
  /** Physics and a margin: the default. */
  recommendedMm: number
}

/** Room beyond the computed growth, mm: ten thou. */
export const growthMarginMm = 0.25

/** Most that `float` takes; a shaft that grows more is bound in any housing. */
const mostGrowthMm = 50
export const withinBounds = (growthMm: number): number => Math.max(-mostGrowthMm, Math.min(mostGrowthMm, growthMm))
/** Diameters that `float` takes, mm. */
export const withinShafts = (diameterMm: number): number => Math.max(3, Math.min(2000, diameterMm))

/**
 * How far a shaft grows between its bearings, by three practices.
 *
 *     growth = α L (t_run − t_assembly)      per foot = L/1200 or L/800      absolute = α_F L T_F
 *
 * @example growth({ spanMm: 600, material: 'carbon-steel', assemblyC: 20, runningC: 70 }).growthMm // 0.362
 * @see linear expansion; the other two are trade practice
 */
export function growth({ spanMm, material, assemblyC, runningC }: GrowthInput): Growth {
  const row = growthTable.rows.find(([name]) => name === material)
  if (!row) throw new Error(`no growth for ${material}`)
  const perF = Number(row[1])
  const growthMm = perF * 1.8 * spanMm * (runningC - assemblyC)
  return {
    growthMm,
    perFootMm: spanMm * Number(row[2]),
    absoluteMm: perF * spanMm * Math.max(1.8 * runningC + 32, 0),
    recommendedMm: Math.abs(growthMm) + growthMarginMm,
  }
}

export const growthCalculation = calculation(
  'shaft.growth',
  'Growth of a shaft, three practices',
  'Linear expansion; trade practice',
  GrowthInput,
  growth,
)
