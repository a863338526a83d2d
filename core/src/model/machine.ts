import { z } from 'zod'
import { BearingType } from '../bearing-types/index.ts'
import { MakerOf } from './maker-values.ts'
import { OtherEnd } from './other-end.ts'
import { SiteGivens } from '../site/settings.ts'
import { duties, Duty, MachineKind, machineKinds } from './machine-kinds.ts'
import { ShaftLine } from './shaft-line.ts'
import { Reported } from './reported.ts'
import { SitePractices } from './site-practices.ts'

export { duties, Duty, MachineKind, machineKinds }

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
  /** What the site settles for all positions. */
  site: SiteGivens.optional(),
  /** Signs that rounds and readings tell of its bearing. */
  reported: z.array(Reported).optional(),
  /** Bearings of the position that died young in the last three years. */
  youngDeaths: z.int().min(0).optional(),
  /** Findings of the site that people decided, by the name of the cause. */
  causesFound: z.record(z.string(), z.int().min(0)).optional(),
  /** What its other bearings show, as they were last saved or found. */
  ends: z.array(OtherEnd).optional(),
  /** What a maker's list says of its bearing. */
  maker: MakerOf.nullable().optional(),
  /** Name of the position that is looked at, to find it on the shaft. */
  position: z.string().optional(),
})
export type Machine = z.infer<typeof Machine>
