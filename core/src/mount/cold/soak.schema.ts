import { z } from 'zod'
import { ChillInput } from './chill.ts'

export const SoakInput = z.strictObject({
  massKg: z.number().gt(0).max(1e5).meta({ unit: 'kg', description: 'Part' }),
  areaMm2: z.number().gt(0).max(1e9).meta({ unit: 'mm²', description: 'All exposed surface' }),
  roomC: z.number().min(-10).max(50).meta({ unit: '°C', description: 'Room' }),
  coolant: ChillInput.shape.coolant,
  part: ChillInput.shape.part,
})
export type SoakInput = z.input<typeof SoakInput>
