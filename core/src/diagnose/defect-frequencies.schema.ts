import { z } from 'zod'

export const DefectFrequenciesInput = z.strictObject({
  elements: z.int().min(3).max(300).meta({ description: 'Rolling elements in one row' }),
  elementDiameterMm: z.number().min(0.3).max(250).meta({ unit: 'mm', description: 'Rolling element diameter' }),
  pitchDiameterMm: z.number().min(2).max(3000).meta({ unit: 'mm', description: 'Pitch diameter' }),
  contactAngleDeg: z
    .number()
    .min(0)
    .max(90)
    .default(0)
    .meta({ unit: '°', description: 'Loaded contact angle; 0 for a radial bearing' }),
  speedRpm: z.number().min(0).max(1e6).meta({ unit: 'r/min', description: 'Speed of the turning ring' }),
  rotatingRing: z.enum(['inner', 'outer']).default('inner').meta({ description: 'Ring that turns' }),
})
export type DefectFrequenciesInput = z.input<typeof DefectFrequenciesInput>
