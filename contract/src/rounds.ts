import {
  PointKind,
  PointOwn,
  PointWork,
  purged,
  RoundEntry,
  SettledOwn,
  thickenerNames,
  type Seen,
} from '@yardfrost/core'
import { z } from 'zod'
import { HoursSource } from './register.ts'
import { SavedVersion } from './version.ts'

const Day = z.iso.date().refine((day) => /^(19|20|21)/.test(day), 'a day of the years 1900 to 2199')

const Place = z.object({ id: z.uuid(), tag: z.string(), name: z.string(), area: z.string() })

/** A point of the plant: what is done there, and when it is due. */
export const PlantPoint = z.object({
  id: z.uuid(),
  kind: PointKind,
  position: z.object({ id: z.uuid(), name: z.string() }),
  machine: Place.extend({ hoursSource: HoursSource }),
  work: PointWork,
  own: PointOwn,
  lastDone: z.string().nullable(),
  /** Null where it was never done, or never comes due. */
  dueOn: z.string().nullable(),
  earlyOn: z.string().nullable(),
  lateOn: z.string().nullable(),
  intervalDays: z.number(),
  movedTo: z.string().nullable(),
  version: z.int(),
})
export type PlantPoint = z.infer<typeof PlantPoint>

export const PlantStop = z
  .strictObject({
    id: z.uuid(),
    fromDay: Day.meta({ title: 'From' }),
    toDay: Day.meta({ title: 'To' }),
    title: z.string().trim().min(1).max(60).meta({ title: 'Why' }),
  })
  .refine(({ fromDay, toDay }) => fromDay <= toDay, { path: ['toDay'], message: 'no sooner than it begins' })
export type PlantStop = z.infer<typeof PlantStop>

/** Everything that comes due, in walking order, and when the plant stands. */
export const PlantPoints = z.object({ points: z.array(PlantPoint), stops: z.array(PlantStop) })
export type PlantPoints = z.infer<typeof PlantPoints>

/** Points that are overdue, and how many more come due by the end of the week. */
export const OverduePoints = z.object({ points: z.array(PlantPoint), dueThisWeek: z.int() })
export type OverduePoints = z.infer<typeof OverduePoints>

/** Points that were all last done on one day: what somebody knows of a plant that begins. */
export const SayDone = z.strictObject({ pointIds: z.array(z.uuid()).min(1).max(20_000), day: Day })
export type SayDone = z.infer<typeof SayDone>

/** What was said of a point on a round. */
export const PointVisit = z.object({
  round: z.int(),
  by: z.string(),
  entry: RoundEntry,
})
/** A change of what people have settled, newest first. */
export const PointChange = z.object({ at: z.iso.datetime(), by: z.string().nullable(), from: PointOwn, to: PointOwn })
export const PointHistory = z.object({ visits: z.array(PointVisit), changes: z.array(PointChange) })
export type PointHistory = z.infer<typeof PointHistory>

const celsius = z.number()
/** What was seen and read at one greasing, as core has it. */
const SeenAt = z.object({
  day: z.string(),
  came: z.enum(purged).nullable(),
  temperature: z.object({ beforeC: celsius, peakC: celsius, settledC: celsius }).nullable(),
  ultrasound: z.object({ baselineDb: z.number(), beforeDb: z.number(), afterDb: z.number() }).nullable(),
}) satisfies z.ZodType<Seen>

/** Points whose interval should be another one, by what was seen, with what was seen since it was last settled. */
export const Proposals = z.array(z.object({ point: PlantPoint, seen: z.array(SeenAt) }))
export type Proposals = z.infer<typeof Proposals>

/** What people settle for a point. */
export const SavePoint = z.strictObject({
  version: SavedVersion,
  own: SettledOwn,
  lastDone: Day.nullable().meta({ title: 'Last done' }),
})
export type SavePoint = z.input<typeof SavePoint>

/** Points to other weeks, each within its tolerance; null takes one back to where it is due. */
export const MovePoints = z.strictObject({
  moves: z
    .array(z.strictObject({ id: z.uuid(), to: Day.nullable() }))
    .min(1)
    .max(20_000),
})
export type MovePoints = z.infer<typeof MovePoints>

export const SaveStops = z.strictObject({ stops: z.array(PlantStop).max(500) })
export type SaveStops = z.infer<typeof SaveStops>
export const PlantStops = z.array(PlantStop)

/** A point as a round has it: as it stood when the round was made. */
export const RoundPoint = PlantPoint.omit({ version: true, movedTo: true }).extend({
  reason: z.enum(['overdue', 'due', 'together', 'by-hand']),
})
export type RoundPoint = z.infer<typeof RoundPoint>

/** Makes a round of points, in walking order. */
export const AddRound = z.strictObject({
  title: z.string().trim().min(1).max(80),
  day: Day,
  walkedBy: z.uuid().nullable().default(null),
  pointIds: z
    .array(z.uuid())
    .min(1)
    .max(500)
    .refine((ids) => new Set(ids).size === ids.length, { message: 'each point once' }),
})
export type AddRound = z.input<typeof AddRound>

/** Another name, day or walker of a round, points that come to it, and points that go; what is left out stays as it is. */
export const SaveRound = z.strictObject({
  version: SavedVersion,
  title: AddRound.shape.title.optional(),
  day: Day.optional(),
  walkedBy: z.uuid().nullable().optional(),
  add: z.array(z.uuid()).max(500).default([]),
  remove: z.array(z.uuid()).max(500).default([]),
})
export type SaveRound = z.input<typeof SaveRound>

export const KeptRoundEntry = z.object({ seq: z.int(), by: z.string(), entry: RoundEntry })
export type KeptRoundEntry = z.infer<typeof KeptRoundEntry>

const shared = {
  id: z.uuid(),
  number: z.int(),
  title: z.string(),
  day: z.string(),
  state: z.enum(['open', 'closed']),
  /** Whom it was made for. */
  walkedBy: z.string().nullable(),
}
export const RoundSummary = z.object({
  ...shared,
  points: z.int(),
  done: z.int(),
  skipped: z.int(),
  minutes: z.number(),
  areas: z.array(z.string()),
})
export type RoundSummary = z.infer<typeof RoundSummary>
export const RoundList = z.array(RoundSummary)

/** A gun of the shop with the grease that is in it. */
export const RoundGun = z.object({
  name: z.string(),
  gramsPerStroke: z.number(),
  lubricant: z.string(),
  thickener: z.enum(thickenerNames).nullable(),
})
export type RoundGun = z.infer<typeof RoundGun>

export const RoundDetail = z.object({
  ...shared,
  /** Rises when the round itself is changed: its points, its day, who walks it. */
  version: z.int(),
  createdAt: z.iso.datetime(),
  closedAt: z.iso.datetime().nullable(),
  points: z.array(RoundPoint),
  guns: z.array(RoundGun),
  entries: z.array(KeptRoundEntry),
})
export type RoundDetail = z.infer<typeof RoundDetail>

export const RoundChange = z.object({
  version: RoundDetail.shape.version,
  state: RoundDetail.shape.state,
  closedAt: RoundDetail.shape.closedAt,
  entries: z.array(KeptRoundEntry),
})
export type RoundChange = z.infer<typeof RoundChange>

export const RoundEntriesKept = z.object({
  kept: z.array(KeptRoundEntry),
  refused: z.array(z.object({ id: z.uuid(), message: z.string(), fix: z.string() })),
})

/** Whether somebody has a calendar to subscribe to, since when. */
export const CalendarState = z.object({ madeAt: z.iso.datetime().nullable() })
/** Its address below this server, shown this once. */
export const GivenCalendar = z.object({ path: z.string() })

/** The meter of a machine as somebody has read it; `replacedAt`: what the old one showed last, where this is a new one. */
export const ReadMeter = z.strictObject({
  day: Day,
  shownH: z.number().min(0).max(1e7),
  replacedAt: z.number().min(0).max(1e7).nullable().default(null),
})
export type ReadMeter = z.input<typeof ReadMeter>
export const MeterReadings = z.object({
  hoursSource: HoursSource,
  readings: z.array(z.object({ day: z.string(), shownH: z.number(), hoursH: z.number() })),
})
export type MeterReadings = z.infer<typeof MeterReadings>
