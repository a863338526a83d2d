import { calculation } from '../working/calculation.ts'
import { GrowthInput } from './growth.schema.ts'
import { inchesPerFoot } from './practices/inches-per-foot.ts'
import { growthOverRise, physics } from './practices/physics.ts'
import { wholeTemperature } from './practices/whole-temperature.ts'

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
export const growth = (input: GrowthInput): Growth => ({
  growthMm: growthOverRise(input),
  perFootMm: inchesPerFoot.work(input),
  absoluteMm: wholeTemperature.work(input),
  recommendedMm: physics.work(input),
})

export const growthCalculation = calculation(
  'shaft.growth',
  'Growth of a shaft, three practices',
  'Linear expansion; trade practice',
  GrowthInput,
  growth,
)
