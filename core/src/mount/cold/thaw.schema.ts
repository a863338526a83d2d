import { z } from 'zod'

export const ThawInput = z.strictObject({
  massKg: z.number().gt(0).max(1e5).meta({ unit: 'kg', description: 'Part' }),
  areaMm2: z.number().gt(0).max(1e9).meta({ unit: 'mm²', description: 'All exposed surface' }),
  odMm: z.number().min(3).max(2000).meta({ unit: 'mm', description: 'Outside diameter that goes in' }),
  interferenceMaxUm: z.number().min(0).max(2000).meta({ unit: 'µm', description: 'Tightest fit' }),
  roomC: z.number().min(-10).max(50).meta({ unit: '°C', description: 'Room' }),
  ringC: z.number().min(-196).max(50).meta({ unit: '°C', description: 'Part as it is taken out' }),
})
export type ThawInput = z.infer<typeof ThawInput>
