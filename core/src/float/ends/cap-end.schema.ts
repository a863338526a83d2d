import { z } from 'zod'
import { otherSideMm } from '../practices/physics.ts'

const length = (description: string) => z.number().min(0).max(2000).meta({ unit: 'mm', description })

export const CapEndInput = z.strictObject({
  depthMm: length('Depth of the housing bore, face to shoulder, gasket in place').gt(0),
  ringMm: length('Height of the outer ring').gt(0),
  spigotMm: length('Length of the spigot on the cap'),
  spacerMm: length('Height of a spacer ring beside the bearing').default(0),
  floats: z.boolean().meta({ description: 'Whether the ring is to slide at this end, or to be held' }),
  leaveMm: length('Room to leave toward the growth; needed where the ring floats').optional(),
  otherSideMm: length('Room on the other side of a floating ring').default(otherSideMm),
  growsToCap: z
    .boolean()
    .default(true)
    .meta({ description: 'Whether the ring moves toward the cap, or to the shoulder' }),
})
export type CapEndInput = z.input<typeof CapEndInput>
