import { z } from 'zod'

export const GrowthInput = z.strictObject({
  spanMm: z.number().min(10).max(20_000).meta({ unit: 'mm', description: 'Distance between the bearings' }),
  material: z.enum(['carbon-steel', 'stainless-austenitic']).meta({ description: 'Shaft material' }),
  assemblyC: z.number().min(-40).max(60).meta({ unit: '°C', description: 'Shaft when it was assembled' }),
  runningC: z.number().min(-40).max(250).meta({ unit: '°C', description: 'Shaft at its hottest in service' }),
})
export type GrowthInput = z.infer<typeof GrowthInput>
