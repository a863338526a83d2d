import { z } from 'zod'
import { contaminations, moistures } from '../grease/interval.schema.ts'
import { calculation } from '../working/calculation.ts'

export const OilChangeInput = z.strictObject({
  temperatureC: z.number().min(-20).max(130).meta({ unit: '°C', description: 'Temperature of the oil' }),
  contamination: z.enum(contaminations).default('light').meta({ description: 'Dust and dirt' }),
  moisture: z.enum(moistures).default('dry').meta({ description: 'Moisture' }),
  oil: z.enum(['mineral', 'synthetic']).default('mineral').meta({ description: 'Oil' }),
  system: z.enum(['bath', 'circulation']).default('bath').meta({ description: 'A bath, or circulating' }),
})

export interface OilChange {
  hoursH: number
  /** After commissioning or a repair. */
  firstChangeH: number
  factors: { baseH: number; environment: number; oil: number; system: number }
}

const yearH = 8760
const firstH = 250
const dirt = { light: 1, heavy: 0.5, 'light-abrasive': 0.35, 'heavy-abrasive': 0.2 } as const
const water = { dry: 1, humid: 0.7, condensation: 0.4, wet: 0.2 } as const

/** A year up to 50 °C; halved every 25 °C to 100 °C, then every 10 °C. */
function baseOf(temperatureC: number): number {
  if (temperatureC <= 50) return yearH
  if (temperatureC <= 100) return yearH * 2 ** (-(temperatureC - 50) / 25)
  return (yearH / 4) * 2 ** (-(temperatureC - 100) / 10)
}

/**
 * Warm hours after which the oil is changed.
 *
 *     hours = base(T) · environment · oil · system,  at most a year, two for synthetic or circulating oil
 *
 * @throws InputError on the field that is out of range
 * @example oilChange({ temperatureC: 80, contamination: 'heavy', … }).hoursH // 1907
 * @see general published practice
 */
export function oilChange(input: z.output<typeof OilChangeInput>): OilChange {
  const factors = {
    baseH: baseOf(input.temperatureC),
    environment: Math.min(dirt[input.contamination], water[input.moisture]),
    oil: input.oil === 'synthetic' ? 2 : 1,
    system: input.system === 'circulation' ? 2 : 1,
  }
  const capH = yearH * Math.max(factors.oil, factors.system)
  const hoursH = Math.min(capH, factors.baseH * factors.environment * factors.oil * factors.system)
  return { hoursH, firstChangeH: Math.min(firstH, hoursH), factors }
}

export const oilChangeCalculation = calculation(
  'oil.change',
  'Hours between oil changes',
  'General published practice',
  OilChangeInput,
  oilChange,
)
