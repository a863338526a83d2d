import { z } from 'zod'

export const PressInput = z.strictObject({
  boreMm: z.number().min(3).max(2000).meta({ unit: 'mm', description: 'Bore' }),
  widthMm: z.number().min(1).max(2000).meta({ unit: 'mm', description: 'Ring width' }),
  innerRacewayMm: z.number().gt(0).max(3000).meta({ unit: 'mm', description: 'Diameter of the inner raceway' }),
  shaftBoreMm: z.number().default(0).meta({ unit: 'mm', description: 'Bore of a hollow shaft, 0 if solid' }),
  interferenceUm: z.number().min(-2000).max(6000).meta({ unit: 'µm', description: 'Fit as gauged, tight positive' }),
  friction: z.number().min(0.02).max(0.5).default(0.15).meta({ description: 'Friction, 0.10 oiled to 0.20 dry' }),
  finish: z.enum(['ground', 'turned']).default('ground').meta({ description: 'Finish of the seat' }),
})
export type PressInput = z.input<typeof PressInput>
