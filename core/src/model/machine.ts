import { z } from 'zod'
import { BearingType } from '../bearing-types/index.ts'
import { ShaftLine } from './shaft-line.ts'
import { SitePractices } from './site-practices.ts'

export const machineKinds = [
  'motor',
  'pump',
  'fan',
  'conveyor',
  'mill',
  'agitator',
  'gearbox',
  'spindle',
  'other',
] as const
export const MachineKind = z.enum(machineKinds)
export type MachineKind = z.infer<typeof MachineKind>

export const duties = ['short-use', 'intermittent', 'one-shift', 'round-the-clock', 'main-process', 'spindle'] as const
export const Duty = z.enum(duties)
export type Duty = z.infer<typeof Duty>

/** What the machine adds to the judgement of a position. */
export const Machine = z.object({
  kind: MachineKind,
  duty: Duty,
  /** Rated lives of its other positions as they were last saved, h. */
  others: z
    .array(z.object({ position: z.string(), bearingType: BearingType, lifeH: z.number().positive() }))
    .optional(),
  /** Its shaft, where somebody has drawn it. */
  shaft: ShaftLine.nullable().optional(),
  /** Practices the site goes by, where it has chosen any. */
  practices: SitePractices.optional(),
  /** Name of the position that is looked at, to find it on the shaft. */
  position: z.string().optional(),
})
export type Machine = z.infer<typeof Machine>
