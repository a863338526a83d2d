import { z } from 'zod'
import { surfaces, usualSetting } from './surfaces.ts'

export const InfraredInput = z.strictObject({
  trueC: z.number().min(-60).max(350).meta({ unit: '°C', description: 'Ring as it is' }),
  roomC: z.number().min(-20).max(60).meta({ unit: '°C', description: 'Room' }),
  surface: z.enum(surfaces).meta({ description: 'What it is pointed at' }),
  setting: z.number().min(0.1).max(1).default(usualSetting).meta({ description: 'What the thermometer is set to' }),
})
export type InfraredInput = z.input<typeof InfraredInput>
