import { z } from 'zod'

export const NutTorqueInput = z.strictObject({
  boreMm: z.number().min(3).max(300).meta({ unit: 'mm', description: 'Bore of the bearing, and size of the thread' }),
  forceN: z.number().min(0).max(1e8).meta({ unit: 'N', description: 'Force along the shaft that the nut has to give' }),
  friction: z.number().min(0.02).max(0.5).default(0.12).meta({ description: 'Of thread and face: 0.10 oiled to 0.16' }),
})
export type NutTorqueInput = z.input<typeof NutTorqueInput>
