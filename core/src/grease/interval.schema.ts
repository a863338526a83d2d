import { z } from 'zod'
import { BearingType } from '../bearing-types/index.ts'
import { intervalPractices } from '../model/site-practices.ts'

export const contaminations = ['light', 'heavy', 'light-abrasive', 'heavy-abrasive'] as const
export const moistures = ['dry', 'humid', 'condensation', 'wet'] as const
export const vibrations = ['low', 'medium', 'high'] as const
export const orientations = ['horizontal', 'inclined', 'vertical'] as const

export const IntervalInput = z.strictObject({
  method: z.enum(intervalPractices).meta({ description: 'Practice: interval formula, or speed-factor curve' }),
  bearingType: BearingType,
  boreMm: z.number().min(5).max(1000).meta({ unit: 'mm', description: 'Bore' }),
  odMm: z
    .number()
    .gt(0)
    .max(3000)
    .optional()
    .meta({ unit: 'mm', description: 'Outside diameter, needed for speed-factor' }),
  speedRpm: z.number().gt(0).max(1e6).meta({ unit: 'r/min', description: 'Speed' }),
  temperatureC: z.number().min(-20).max(110).meta({ unit: '°C', description: 'Housing at the bearing seat' }),
  contamination: z.enum(contaminations).default('light').meta({ description: 'Dust and dirt' }),
  moisture: z.enum(moistures).default('dry').meta({ description: 'Moisture' }),
  vibration: z.enum(vibrations).default('low').meta({ description: 'Vibration: low to 5, medium to 10 mm/s peak' }),
  orientation: z.enum(orientations).default('horizontal').meta({ description: 'Shaft' }),
  fullComplement: z.boolean().optional().meta({ description: 'Rollers without a cage' }),
  loadRatio: z.number().min(0).max(0.35).default(0.1).meta({ description: 'P/C' }),
})
export type IntervalInput = z.input<typeof IntervalInput>
export type IntervalGiven = z.output<typeof IntervalInput>

export interface Interval {
  hoursH: number
  factors: Record<string, number>
  warnings: string[]
}

/** Grease ages: no interval is longer. */
export const longestIntervalH = 30_000
