import { z } from 'zod'

export const WindowInput = z.strictObject({
  ringMassKg: z.number().gt(0).max(1e5).meta({ unit: 'kg', description: 'Mass that was heated' }),
  ringAreaMm2: z.number().gt(0).max(1e9).meta({ unit: 'mm²', description: 'All exposed surface' }),
  startC: z.number().max(150).meta({ unit: '°C', description: 'Ring when it leaves the heater, at most 150' }),
  neededC: z.number().meta({ unit: '°C', description: 'Ring that still slides' }),
  roomC: z.number().min(-20).max(60).meta({ unit: '°C', description: 'Room' }),
})
export type WindowInput = z.infer<typeof WindowInput>
