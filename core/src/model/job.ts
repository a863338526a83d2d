import { z } from 'zod'
import { lenses } from '../kinds/rolling/lenses.ts'
import { quantities, type Quantity } from './units.ts'
import { versioned } from './upgrade/document.ts'
import { jobEntrySchema, jobEntrySteps } from './upgrade/job-entry.ts'
import { jobStepSchema, jobStepSteps } from './upgrade/job-step.ts'

/** Kinds of work; each has a folder under `job/kinds`. */
export const JobKind = z.enum(['bearing-change', 'grease-change', 'plain-change'])
export type JobKind = z.infer<typeof JobKind>

export const jobStates = ['planned', 'under-way', 'waiting', 'done', 'cancelled'] as const
export const JobState = z.enum(jobStates)
export type JobState = z.infer<typeof JobState>
/** Whether a job takes nothing more. */
export const hasEnded = (state: JobState): boolean => state === 'done' || state === 'cancelled'

const Key = z.string().min(1).max(80)
const Limit = z.number().nullable()

const gaugePlace = { place: z.int().min(0).max(23) }
/** What a reading gives: the figure of the position that it changes, or the record it belongs to. */
const Gives = z.discriminatedUnion('what', [
  z.strictObject({ what: z.literal('bearing.designation') }),
  z.strictObject({ what: z.literal('seat.shaft'), ...gaugePlace }),
  z.strictObject({ what: z.literal('seat.housing'), ...gaugePlace }),
  z.strictObject({ what: z.literal('float.measured') }),
  z.strictObject({ what: z.literal('float.end-play') }),
  z.strictObject({ what: z.literal('float.room') }),
  /** A measure of the ends, as it was when the work was done. */
  z.strictObject({
    what: z.literal('ends'),
    field: z.enum(['depthMm', 'ringMm', 'spigotMm', 'otherDepthMm', 'otherRingMm', 'otherSpigotMm', 'couplingGapMm']),
  }),
  /** What was gauged of a plain bearing. */
  z.strictObject({
    what: z.literal('plain.seat'),
    field: z.enum(['housingBoreMm', 'bushOdMm', 'fittedBoreMm', 'crushMm', 'journalRaUm']),
  }),
  z.strictObject({ what: z.literal('plain.mount'), field: z.enum(['bluePercent', 'jointMm']) }),
  z.strictObject({ what: z.literal('plain.strip'), ...gaugePlace }),
  z.strictObject({ what: z.literal('plain.dip') }),
  /** Inner ring as it comes off the heater. */
  z.strictObject({ what: z.literal('lifted') }),
  /** Temperature of a position so long after the start. */
  z.strictObject({ what: z.literal('run-up'), position: z.string().max(80), minutes: z.int().min(0).max(10_000) }),
])
export type Gives = z.infer<typeof Gives>

/** Something to be read at a step: a number within limits, words, or yes and no. */
export const JobReading = z.strictObject({
  key: Key,
  label: z.string().max(120),
  kind: z.enum(['number', 'text', 'yes', 'designation', 'marks', 'ended']),
  quantity: z.enum(Object.keys(quantities) as [Quantity, ...Quantity[]]),
  /** Digits that are shown of a limit. */
  decimals: z.int().min(0).max(4),
  low: Limit,
  high: Limit,
  /** Words that should come out; another answer is out of limits. */
  expected: z.string().max(80).nullable(),
  needed: z.boolean(),
  gives: Gives.nullable(),
})
export type JobReading = z.infer<typeof JobReading>

/** No ring on a heater is meant to be hotter, °C. */
const hottestRingC = 120
const celsius = z.number().min(-20).max(hottestRingC)

/** What the heat clock holds a ring against. */
export const HeatTarget = z.strictObject({
  /** Below this the ring grabs, °C. */
  slidesC: celsius,
  /** From here up it still seats with its room after what is lost on the way, °C; null in jobs of before. */
  liftC: celsius.nullable().default(null),
  aimC: celsius,
  limitC: celsius,
  roomC: z.number().min(-20).max(60),
  differenceK: z.number().min(1).max(100),
  massKg: z.number().min(0.001).max(100_000),
  areaMm2: z.number().min(10).max(1e9),
})
export type HeatTarget = z.infer<typeof HeatTarget>

const StepFields = z.strictObject({
  schema: z.literal(jobStepSchema),
  /** What is done, the same in every job of its kind: `mount`. */
  stage: Key,
  key: Key,
  title: z.string().max(80),
  /** Position it is about; null for the machine as a whole. */
  position: z.strictObject({ id: z.uuid(), name: z.string().max(80) }).nullable(),
  does: z.array(z.string().max(300)).max(20),
  /** Each has to be acknowledged before the step is done. */
  cautions: z.array(z.string().max(400)).max(8),
  /** Four for each position at the run-up, and as many positions as a job takes. */
  readings: z.array(JobReading).max(60),
  /** Lens whose overlay the drawing shows; null for no drawing. */
  lens: z.enum(lenses).nullable(),
  heat: HeatTarget.nullable(),
  /** What it waits for: the lock-out, or every other step; the lock-out itself is what others wait for. */
  guard: z.enum(['none', 'locks-out', 'locked-out', 'all-done']).default('none'),
})
/** One step of a job, one screen on the tablet; of whichever age. */
export const JobStep = versioned(jobStepSteps, StepFields)
export type JobStep = z.output<typeof JobStep>

const entry = <K extends string, S extends z.ZodRawShape>(kind: K, shape: S) =>
  z.strictObject({
    schema: z.literal(jobEntrySchema).default(jobEntrySchema),
    /** Made on the device, so that one sent twice counts once. */
    id: z.uuid(),
    step: Key,
    at: z.iso.datetime(),
    kind: z.literal(kind),
    ...shape,
  })

/** A word is no reason: a step is left out with this many letters at least. */
export const leastSkipReason = 3

const EntryFields = z.discriminatedUnion('kind', [
  entry('acknowledged', { caution: z.int().min(0).max(7) }),
  entry('reading', {
    reading: Key,
    value: z.number().min(-1e6).max(1e9).nullable(),
    text: z.string().max(600).nullable(),
    /** Why a reading out of limits was accepted. */
    reason: z.string().max(300).nullable(),
  }),
  entry('note', { text: z.string().min(1).max(1000) }),
  entry('photo', { photo: z.uuid(), name: z.string().max(120) }),
  entry('heat', {
    event: z.enum(['lifted', 'home', 'short']),
    innerC: z.number().min(-50).max(300),
    outerC: z.number().min(-50).max(300),
    seconds: z.number().min(0).max(100_000),
  }),
  entry('done', {}),
  /** A step left out on purpose, and why: a machine that already stands in the workshop needs no lock-out. */
  entry('skipped', { reason: z.string().min(leastSkipReason).max(300) }),
  entry('reopened', { reason: z.string().min(1).max(300) }),
])
/** Something a person did in a job, of whichever age. Entries are added, never changed: nobody overwrites anybody. */
export const JobEntry = versioned(jobEntrySteps, EntryFields)
export type JobEntry = z.output<typeof JobEntry>
export type JobEntryKind = JobEntry['kind']
