import {
  Duty,
  Machine,
  MachineKind,
  Position,
  ShaftLine,
  SitePractices,
  type PlainPosition,
  type RollingPosition,
} from '@yardfrost/core'
import { z } from 'zod'
import { SavedVersion, StartedVersion } from './version.ts'

export const PositionState = z.enum(['go', 'watch', 'stop', 'open'])

export const PositionSummary = z.object({
  id: z.uuid(),
  name: z.string(),
  /** Whether what lies in it rolls or slides. */
  kind: z.enum(['rolling', 'plain']).default('rolling'),
  state: PositionState,
  /** Number on the box as Yardfrost spells it; null when none is entered. */
  designation: z.string().nullable(),
  /** Worst finding, in one sentence; null when there is none. */
  finding: z.string().nullable(),
})
export type PositionSummary = z.infer<typeof PositionSummary>

export const MachineSummary = z.object({
  id: z.uuid(),
  tag: z.string(),
  name: z.string(),
  kind: MachineKind,
  duty: Duty,
  positions: z.array(PositionSummary),
})
export type MachineSummary = z.infer<typeof MachineSummary>

/** The site in walking order. */
export const Yard = z.object({
  site: z.string(),
  areas: z.array(z.object({ id: z.uuid(), name: z.string(), machines: z.array(MachineSummary) })),
})
export type Yard = z.infer<typeof Yard>

export const PositionDetail = z.object({
  id: z.uuid(),
  name: z.string(),
  area: z.string(),
  /** Whether it lies on a bench of its own; then the machine is of no kind and has no tag. */
  loose: z.boolean().default(false),
  machine: Machine.extend({ id: z.uuid(), tag: z.string(), name: z.string() }),
  inputs: Position,
  version: z.int(),
  savedAt: z.iso.datetime(),
  savedBy: z.string().nullable(),
})
export type PositionDetail = z.infer<typeof PositionDetail>
/** One whose bearing rolls. */
export type RollingDetail = PositionDetail & { inputs: RollingPosition }
/** One whose bearing slides. */
export type PlainDetail = PositionDetail & { inputs: PlainPosition }

/** A save names the version it started from; a later one on the server is a conflict, never overwritten. */
export const SavePosition = z.strictObject({ version: SavedVersion, inputs: Position })
export type SavePosition = z.infer<typeof SavePosition>

export const PositionRevision = z.object({
  version: z.int(),
  savedAt: z.iso.datetime(),
  savedBy: z.string().nullable(),
  state: PositionState,
  designation: z.string().nullable(),
  inputs: Position,
})
export type PositionRevision = z.infer<typeof PositionRevision>
export const PositionHistory = z.array(PositionRevision)

/** One position of a machine, with what the shaft line needs of it. */
export const MachinePosition = z.object({
  id: z.uuid(),
  name: z.string(),
  inputs: Position,
  version: z.int(),
  youngDeaths: z.int().default(0),
})
export type MachinePosition = z.infer<typeof MachinePosition>

/** A machine’s shaft with its positions; `shaft` is null while nobody has drawn it. */
export const ShaftDetail = z.object({
  machine: z.object({
    id: z.uuid(),
    tag: z.string(),
    name: z.string(),
    kind: MachineKind,
    duty: Duty,
    area: z.string(),
    practices: SitePractices.optional(),
  }),
  shaft: ShaftLine.nullable(),
  version: z.int(),
  positions: z.array(MachinePosition),
})
export type ShaftDetail = z.infer<typeof ShaftDetail>

/** A save of a shaft names the version it started from, and whether the benches take their loads from it. */
export const SaveShaft = z.strictObject({
  version: StartedVersion,
  shaft: ShaftLine,
  feed: z.boolean().meta({ description: 'Positions under this shaft take their loads from it' }),
})
export type SaveShaft = z.infer<typeof SaveShaft>
