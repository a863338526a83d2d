import { z } from 'zod'
import { BearingType } from '../bearing-types/index.ts'

export const frictionLubrications = ['grease', 'oil-bath', 'oil-circulation', 'oil-air'] as const
export const rubbingSeals = ['none', 'low-friction', 'contact', 'shaft-lip'] as const

const load = (description: string) => z.number().min(0).max(1e8).optional().meta({ unit: 'N', description })

/** What the friction of a bearing is made of, but for speed and viscosity. */
export const FrictionShape = {
  bearingType: BearingType,
  series: z.string().max(10).optional().meta({ description: 'Series; the first of the type where left out' }),
  contactAngleDeg: z
    .number()
    .min(3)
    .max(90)
    .optional()
    .meta({ unit: '°', description: 'Contact angle; usual for the type' }),
  ribs: z.enum(['none', 'both-rings']).default('none').meta({ description: 'Ribs of a cylindrical bearing' }),
  lubrication: z.enum(frictionLubrications).meta({ description: 'Grease, or oil and how it comes' }),
  churnFactor: z.number().min(1).max(3).default(1).meta({ description: '1 at the mark, 2 flooded' }),
  radialN: load('Radial load'),
  axialN: load('Axial load'),
  staticRatingN: z.number().gt(0).max(1e9).optional().meta({ unit: 'N', description: 'Static rating C0' }),
}
export const SealShape = {
  seals: z.enum(rubbingSeals).default('none').meta({ description: 'Seals that rub' }),
  sealCount: z
    .union([z.literal(1), z.literal(2)])
    .default(2)
    .meta({ description: 'How many' }),
  sealDiameterMm: z.number().min(1).max(3000).optional().meta({ unit: 'mm', description: 'Where the lip rubs' }),
}

export const FrictionInput = z.strictObject({
  ...FrictionShape,
  ...SealShape,
  pitchDiameterMm: z.number().min(5).max(3000).meta({ unit: 'mm', description: 'Pitch diameter' }),
  speedRpm: z.number().gt(0).max(100_000).meta({ unit: 'r/min', description: 'Speed' }),
  viscosityCst: z
    .number()
    .min(1)
    .max(20_000)
    .meta({ unit: 'mm²/s', description: 'Viscosity as it runs; of grease its base oil' }),
})
export type FrictionInput = z.output<typeof FrictionInput>
