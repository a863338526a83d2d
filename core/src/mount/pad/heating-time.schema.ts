import { z } from 'zod'
import { flatHeaters } from './flat-heaters.ts'

export const HeatingTimeInput = z.strictObject({
  heater: z.enum(flatHeaters).meta({ description: 'What it lies on' }),
  powerW: z.number().min(50).max(50_000).meta({ unit: 'W', description: 'Power of the heater' }),
  massKg: z.number().gt(0).max(1e5).meta({ unit: 'kg', description: 'Bearing' }),
  areaMm2: z.number().gt(0).max(1e9).meta({ unit: 'mm²', description: 'All exposed surface' }),
  roomC: z.number().min(-20).max(60).meta({ unit: '°C', description: 'Room' }),
  aimC: z.number().max(150).meta({ unit: '°C', description: 'Aim of the inner ring' }),
})
export type HeatingTimeInput = z.infer<typeof HeatingTimeInput>
