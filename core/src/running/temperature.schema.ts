import { z } from 'zod'
import { FrictionInput, FrictionShape, SealShape } from './friction.schema.ts'

export const coolingHousings = ['pillow-block', 'flanged', 'motor-end-shield', 'machine-wall'] as const

export const TemperatureInput = z.strictObject({
  ...FrictionShape,
  ...SealShape,
  bearingType: FrictionShape.bearingType.optional(),
  lubrication: FrictionShape.lubrication.optional(),
  pitchDiameterMm: FrictionInput.shape.pitchDiameterMm.optional(),
  speedRpm: z.number().min(0).max(100_000).optional().meta({ unit: 'r/min', description: 'Speed' }),
  nu40Cst: z.number().min(2).max(5000).optional().meta({ unit: 'mm²/s', description: 'Oil, or base oil, at 40 °C' }),
  nu100Cst: z.number().min(2).max(1000).optional().meta({ unit: 'mm²/s', description: 'The same at 100 °C' }),
  viscosityIndex: z.number().min(0).max(300).optional().meta({ description: 'Viscosity index; 95 where left out' }),
  boreMm: z.number().min(3).max(2000).meta({ unit: 'mm', description: 'Bore' }),
  odMm: z.number().gt(0).max(2500).meta({ unit: 'mm', description: 'Outside diameter' }),
  widthMm: z.number().min(1).max(1000).meta({ unit: 'mm', description: 'Width' }),
  ambientC: z.number().min(-40).max(100).meta({ unit: '°C', description: 'Room' }),
  powerW: z
    .number()
    .min(0)
    .max(1e6)
    .optional()
    .meta({ unit: 'W', description: 'Friction, in the place of what makes it' }),
  housing: z.enum(coolingHousings).default('pillow-block').meta({ description: 'Housing' }),
  surfaceM2: z
    .number()
    .min(0.0001)
    .max(100)
    .optional()
    .meta({ unit: 'm²', description: 'Free surface of the housing' }),
  airSpeedMPerS: z.number().min(0).max(30).default(0.2).meta({ unit: 'm/s', description: 'Air over it' }),
  freeShaft: z.boolean().default(true).meta({ description: 'A shaft end in the open air' }),
  shaftMaterial: z
    .enum(['carbon-steel', 'stainless-austenitic'])
    .default('carbon-steel')
    .meta({ description: 'Shaft' }),
  shaftC: z
    .number()
    .min(-40)
    .max(600)
    .optional()
    .meta({ unit: '°C', description: 'Shaft at a hot place on its other side' }),
  shaftDistanceMm: z
    .number()
    .min(10)
    .max(5000)
    .optional()
    .meta({ unit: 'mm', description: 'From there to the bearing' }),
  shaftConductanceWPerK: z
    .number()
    .min(0)
    .max(100)
    .optional()
    .meta({ unit: 'W/K', description: 'In the place of the distance' }),
  oilFlowLPerMin: z.number().min(0).max(100).default(0).meta({ unit: 'L/min', description: 'Oil that carries heat' }),
  oilInletC: z.number().min(-20).max(120).optional().meta({ unit: '°C', description: 'Oil as it comes' }),
  housingMassKg: z.number().min(0.01).max(1e5).optional().meta({ unit: 'kg', description: 'Mass of the housing' }),
  measuredC: z.number().min(-40).max(400).optional().meta({ unit: '°C', description: 'What was measured' }),
  measuredAt: z.enum(['housing', 'outer-ring', 'inner-ring']).default('housing').meta({ description: 'Where' }),
})
export type TemperatureInput = z.output<typeof TemperatureInput>
