import { HeatTarget, JobEntry, JobKind, JobState, JobStep, Position } from '@yardfrost/core'
import { z } from 'zod'

/** A day a job is planned for, or null; a day has no time zone. */
const PlannedFor = z.iso
  .date()
  .refine((day) => /^(19|20|21)/.test(day), 'a day of the years 1900 to 2199')
  .nullable()

/** Makes a job of some positions of one machine. */
export const AddJob = z.strictObject({
  machineId: z.uuid(),
  positionIds: z
    .array(z.uuid())
    .min(1)
    .max(12)
    .refine((ids) => new Set(ids).size === ids.length, { message: 'each position once' })
    .meta({ description: 'Positions whose bearing is changed, each once' }),
  kind: JobKind.default('bearing-change'),
  plannedFor: PlannedFor.default(null),
})
export type AddJob = z.input<typeof AddJob>

/** A job as lists show it. */
export const JobSummary = z.object({
  id: z.uuid(),
  kind: JobKind.default('bearing-change'),
  number: z.int(),
  title: z.string(),
  state: JobState,
  /** What it waits for. */
  reason: z.string().nullable(),
  machine: z.object({ id: z.uuid(), tag: z.string(), name: z.string(), area: z.string() }),
  plannedFor: PlannedFor,
  createdAt: z.iso.datetime(),
  endedAt: z.iso.datetime().nullable(),
  /** Title of the step it stands at; null when all are done. */
  stage: z.string().nullable(),
  doneSteps: z.int(),
  steps: z.int(),
  /** Who made the last entry; null while nobody has. */
  who: z.string().nullable(),
})
export type JobSummary = z.infer<typeof JobSummary>
export const JobList = z.array(JobSummary)

/** An entry as the server keeps it: what the device sent, who sent it, and its place in the order. */
export const KeptEntry = z.object({ seq: z.int(), by: z.string(), entry: JobEntry })
export type KeptEntry = z.infer<typeof KeptEntry>

export const JobDetail = z.object({
  id: z.uuid(),
  /** Answers that are kept on a device from before say none. */
  kind: JobKind.default('bearing-change'),
  number: z.int(),
  title: z.string(),
  state: JobState,
  reason: z.string().nullable(),
  machine: z.object({ id: z.uuid(), tag: z.string(), name: z.string(), area: z.string() }),
  steps: z.array(JobStep),
  entries: z.array(KeptEntry),
  /** There are entries after the last of these. */
  more: z.boolean().default(false),
  /** Inputs of each position, by its id: when the job was made, and as it left them; null until it is done. */
  found: z.record(z.uuid(), Position),
  left: z.record(z.uuid(), Position).nullable(),
  plannedFor: PlannedFor,
  createdAt: z.iso.datetime(),
  createdBy: z.string().nullable(),
  startedAt: z.iso.datetime().nullable(),
  endedAt: z.iso.datetime().nullable(),
})
export type JobDetail = z.infer<typeof JobDetail>

/** Entries of a job that come with it, and with each page of those after. */
export const entriesAPage = 500
export const EntriesQuery = z.strictObject({ after: z.coerce.number().int().min(0).max(Number.MAX_SAFE_INTEGER) })
export const EntryPage = z.object({ entries: z.array(KeptEntry), more: z.boolean() })

/** What has changed of a job: how it stands now, and the entries since. */
export const JobChange = JobDetail.pick({
  state: true,
  reason: true,
  plannedFor: true,
  startedAt: true,
  endedAt: true,
  left: true,
}).extend({ entries: z.array(KeptEntry) })
export type JobChange = z.infer<typeof JobChange>

export const mostEntries = 200
/**
 * Entries of one device, in the order they were made. Each is read and answered by itself: one that cannot be read is refused,
 * and holds up no other.
 */
export const AddEntries = z.strictObject({
  entries: z
    .array(z.looseObject({ id: z.uuid() }))
    .min(1)
    .max(mostEntries),
})
export type AddEntries = z.infer<typeof AddEntries>

/** What became of them: a refused one is named with its reason, the others are kept. */
export const EntriesKept = z.object({
  kept: z.array(KeptEntry),
  refused: z.array(z.object({ id: z.uuid(), message: z.string(), fix: z.string() })),
})
export type EntriesKept = z.infer<typeof EntriesKept>

/** Moves a job on: waiting and back, or cancelled, with the reason why. A job whose every step is done is closed otherwise. */
export const MoveJob = z
  .strictObject({
    state: z.enum(['under-way', 'waiting', 'cancelled']),
    reason: z.string().trim().max(300).default(''),
  })
  .refine(({ state, reason }) => state === 'under-way' || reason !== '', {
    path: ['reason'],
    message: 'why it waits or is cancelled, in words',
  })
export type MoveJob = z.input<typeof MoveJob>

/** Plans a job for a day, or for none. */
export const PlanJob = z.strictObject({ plannedFor: PlannedFor })
export type PlanJob = z.infer<typeof PlanJob>

/** Largest photograph, bytes. */
export const largestPhoto = 12_000_000
/** What all photographs of a site may take together, bytes; they are kept smaller than they come. */
export const roomForPhotos = 4_000_000_000
export const photoTypes = ['image/jpeg', 'image/png', 'image/webp'] as const

/** One line of the heater: seconds since it was switched on, both probes, power. */
export const HeaterSample = z.object({
  seconds: z.number().min(0),
  innerC: z.number(),
  outerC: z.number(),
  powerW: z.number().min(0),
  /** At its aim, and held there. */
  ready: z.boolean(),
})
export type HeaterSample = z.infer<typeof HeaterSample>

/** Switches the heater on: for a step of a job, or for a position on the bench. Aim and limit are the server's. */
export const StartHeaterRun = z.union([
  z.strictObject({ jobId: z.uuid(), step: z.string().min(1).max(80) }),
  z.strictObject({ positionId: z.uuid() }),
])
export type StartHeaterRun = z.infer<typeof StartHeaterRun>
/** A heater that is on, what it is told, and the piece that lies on it. */
export const HeaterRun = z.object({ id: z.uuid(), piece: z.uuid(), target: HeatTarget })
export type HeaterRun = z.infer<typeof HeaterRun>

/** Points the infrared thermometer of the shop at a piece. */
export const PointThermometer = z.strictObject({ piece: z.uuid(), roomC: z.number().min(-20).max(60) })
export type PointThermometer = z.infer<typeof PointThermometer>
export const ThermometerReading = z.object({ shownC: z.number() })
