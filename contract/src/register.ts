import { Duty, MachineKind } from '@yardfrost/core'
import { z } from 'zod'
import { MachineSummary } from './site.ts'
import { SavedVersion } from './version.ts'

export const criticalities = ['vital', 'important', 'minor'] as const
/** How much stands still with the machine. */
export const Criticality = z.enum(criticalities)
export type Criticality = z.infer<typeof Criticality>

export const hoursSources = ['clock', 'shifts', 'meter'] as const
/** Where running hours come from: the calendar, so many hours a week, or an hour meter that somebody reads. */
export const HoursSource = z.enum(hoursSources)
export type HoursSource = z.infer<typeof HoursSource>

const words = (most: number, title: string) => z.string().trim().min(1).max(most).meta({ title })

/** What lies in a position: it rolls, or it slides. */
export const PositionKind = z.enum(['rolling', 'plain'])
export type PositionKind = z.infer<typeof PositionKind>

/** A bearing position as the register knows it; without an id it is a new one. What lies in it, rolling where nobody says, is settled when it is added. */
const EntryPosition = z.strictObject({
  id: z.uuid().optional(),
  name: words(80, 'Position'),
  kind: PositionKind.optional().meta({ title: 'It' }),
  designation: z.string().trim().max(60).default('').meta({ title: 'Bearing' }),
})

/** What the register holds of one machine. */
export const MachineEntry = z
  .strictObject({
    area: words(60, 'Area'),
    tag: words(30, 'Tag'),
    name: words(80, 'Name'),
    kind: MachineKind.meta({ title: 'Kind' }),
    duty: Duty.meta({ title: 'Runs' }),
    criticality: Criticality.default('important').meta({ title: 'How much hangs on it' }),
    hoursSource: HoursSource.default('clock').meta({ title: 'Running hours from' }),
    hoursPerWeek: z.number().gt(0).max(168).nullable().default(null).meta({ title: 'Hours a week', unit: 'h' }),
    positions: z.array(EntryPosition).max(40).default([]).meta({ title: 'Positions' }),
  })
  .refine(({ hoursSource, hoursPerWeek }) => hoursSource !== 'shifts' || hoursPerWeek !== null, {
    path: ['hoursPerWeek'],
    message: 'the hours a week that it runs, above 0 to 168 h, when they come from shifts',
  })
  .refine(({ positions }) => new Set(positions.map(({ name }) => name)).size === positions.length, {
    path: ['positions'],
    message: 'names that differ from one another',
  })
export type MachineEntry = z.output<typeof MachineEntry>

/** Another name for an area, in place of the one it has. */
export const RenameArea = z.strictObject({ from: words(60, 'Area'), to: words(60, 'Area') })
export type RenameArea = z.infer<typeof RenameArea>

/** All areas of a site, in the order in which one walks them. */
export const WalkAreas = z.strictObject({ areas: z.array(words(60, 'Area')).min(1).max(500) })
export type WalkAreas = z.infer<typeof WalkAreas>

/** A new machine; a copy takes bearings, inputs and shaft of its positions over, by name. */
export const AddMachine = z.strictObject({ entry: MachineEntry, copyOf: z.uuid().nullable().default(null) })
export type AddMachine = z.input<typeof AddMachine>

/** A save names the version it started from. */
export const SaveMachine = z.strictObject({ version: SavedVersion, entry: MachineEntry })
export type SaveMachine = z.input<typeof SaveMachine>

export const RetireMachine = z.strictObject({ version: SavedVersion, retired: z.boolean() })
export type RetireMachine = z.infer<typeof RetireMachine>

const registered = {
  criticality: Criticality,
  hoursSource: HoursSource,
  hoursPerWeek: z.number().nullable(),
  retiredAt: z.iso.datetime().nullable(),
  version: z.int(),
}

/** One machine as the register has it. */
export const MachineDetail = MachineSummary.extend({ area: z.string(), ...registered })
export type MachineDetail = z.infer<typeof MachineDetail>

/** What is asked of the register: every word must be found in tag, name, area, position or bearing. */
export const RegisterQuery = z.strictObject({
  q: z.string().max(100).default(''),
  kind: MachineKind.nullable().default(null),
  criticality: Criticality.nullable().default(null),
  retired: z.stringbool().default(false),
  offset: z.coerce.number().int().min(0).max(1_000_000).default(0),
  limit: z.coerce.number().int().min(1).max(200).default(20),
})
export type RegisterQuery = z.input<typeof RegisterQuery>

export const RegisterPage = z.object({
  total: z.int(),
  /** Positions of all machines found. */
  positions: z.int(),
  machines: z.array(MachineDetail),
})
export type RegisterPage = z.infer<typeof RegisterPage>

const { area, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek } = MachineEntry.shape
/** A line of the register as CSV, one a position; a machine without positions has one line with the last two empty. */
export const RegisterLine = z.strictObject({
  area,
  tag,
  name,
  kind,
  duty,
  criticality,
  hours_source: hoursSource,
  hours_per_week: hoursPerWeek,
  position: z.string().trim().max(80).default(''),
  bearing: EntryPosition.shape.designation,
  /** What lies in it: a plain bearing is entered on its bench. */
  position_kind: PositionKind.default('rolling'),
})
export type RegisterLine = z.output<typeof RegisterLine>
/** Largest file that is read, bytes. */
export const largestImport = 4_000_000
/** Lines a file may have. */
export const mostImportLines = 10_000

export const importOutcomes = ['new', 'changed', 'same', 'refused'] as const
/** What a line of an import does, and what there is to say of it: why it is refused, or what to look at. */
export const ImportLine = z.object({
  line: z.int(),
  tag: z.string(),
  outcome: z.enum(importOutcomes),
  message: z.string().nullable(),
  field: z.string().nullable(),
})
export type ImportLine = z.infer<typeof ImportLine>

/** Outcome of an import, line by line; `saved` is false for a trial run. */
export const ImportReport = z.object({ saved: z.boolean(), machines: z.int(), lines: z.array(ImportLine) })
export type ImportReport = z.infer<typeof ImportReport>
