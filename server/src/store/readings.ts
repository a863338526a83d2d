import { Trend, trendQuantities, TrendQuantity } from '@yardfrost/core'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./readings.sql', import.meta.url, [
  'makeMonths',
  'addReadings',
  'countDays',
  'findBasis',
  'putBasis',
  'judgeDays',
  'listBases',
  'dueTrends',
  'readPositions',
  'listDays',
  'listJudged',
  'getMounted',
  'putTrend',
  'listTrends',
  'listVerdicts',
  'listHousing',
  'lastRead',
  'listRaw',
  'findPositions',
])

/** One reading at a position. */
export interface NewReading {
  positionId: string
  quantity: TrendQuantity
  /** Moment, ISO 8601. */
  at: string
  value: number
  ambient: number | null
  load: number | null
}

/** Makes the months that some moments fall in. */
export const makeMonths = (db: Db, moments: readonly string[]): Promise<void> => run(db, sql.makeMonths(moments))

/** Adds readings to a site; their days are yet to be counted. */
export async function insertReadings(
  db: Db,
  siteId: string,
  readings: readonly NewReading[],
  source: string,
): Promise<void> {
  const moments = readings.map(({ at }) => at)
  await makeMonths(db, moments)
  await run(
    db,
    sql.addReadings(
      ...[siteId, readings.map(({ positionId }) => positionId), readings.map(({ quantity }) => quantity), moments],
      ...[
        readings.map(({ value }) => value),
        readings.map(({ ambient }) => ambient),
        readings.map(({ load }) => load),
        source,
      ],
    ),
  )
}

/** A day on which a quantity was read at a position. */
export interface DayRead {
  positionId: string
  quantity: TrendQuantity
  /** Day, UTC. */
  day: string
}

/** What tells a day from every other. */
export const dayKey = ({ positionId, quantity, day }: DayRead): string => `${positionId} ${quantity} ${day}`

/** Days of positions on which something was read, each once. */
export const daysRead = (readings: readonly NewReading[]): DayRead[] => {
  const days = readings.map(({ positionId, quantity, at }) => ({ positionId, quantity, day: at.slice(0, 10) }))
  return [...new Map(days.map((one) => [dayKey(one), one])).values()]
}

/** Counts days anew. */
export const countDays = (db: Db, siteId: string, days: readonly DayRead[]): Promise<void> =>
  run(db, sql.countDays(siteId, ...[days.map((one) => one.positionId), days.map((one) => one.quantity), days.map((one) => one.day)])) // prettier-ignore

/** What a row of readings is judged by. */
export interface ReadingBasis {
  /** The warmth of the room is taken off. */
  room: boolean
  /** Load the readings have to be near; null where nobody reads one. */
  load: number | null
}

const BasisRow = z
  .object({
    room: z.boolean(),
    load: z.number().nullable(),
    known: z.boolean(),
    known_room: z.boolean().nullable(),
    known_load: z.number().nullable(),
    known_since: z.string().nullable(),
  })
  .transform(({ room, load, known, known_room, known_load, known_since }) => ({
    should: { room, load },
    known: known ? { room: known_room ?? false, load: known_load, since: known_since } : null,
  }))

/** What a row should be judged by since a day, and what it is judged by now, by the first `days` days. */
export const findBasis = (
  db: Db,
  siteId: string,
  row: { positionId: string; quantity: TrendQuantity },
  since: string | null,
  days: number,
) => one(db, sql.findBasis(siteId, row.positionId, row.quantity, since, days), BasisRow)

export const putBasis = (
  db: Db,
  siteId: string,
  { positionId, quantity }: { positionId: string; quantity: TrendQuantity },
  { room, load }: ReadingBasis,
  since: string | null,
): Promise<void> => run(db, sql.putBasis(siteId, positionId, quantity, room, load, since))

/** Takes the middle of what is judged of each day: of some days, or of all since one. */
export const judgeDays = (
  db: Db,
  siteId: string,
  { positionId, quantity }: { positionId: string; quantity: TrendQuantity },
  which: { days: readonly string[] } | { since: string | null },
  { room, load, near }: ReadingBasis & { near: number },
): Promise<void> => {
  const [days, since] = 'days' in which ? [which.days, null] : [null, which.since]
  return run(db, sql.judgeDays(siteId, positionId, quantity, days, since, room, load, near))
}

const KnownRow = z.object({ quantity: TrendQuantity, room: z.boolean(), load: z.number().nullable() })
/** What each row of a position is judged by, where not as it was read. */
export const listBases = (db: Db, siteId: string, positionId: string) =>
  any(db, sql.listBases(siteId, positionId), KnownRow)

const SiteRow = z.object({ id: z.uuid() })
/** Takes a site whose rows were not judged today; null where there is none. */
export const takeDueTrends = async (db: Db, today: string): Promise<string | null> =>
  (await maybeOne(db, sql.dueTrends(today), SiteRow))?.id ?? null

/** Positions of a site that have a trend. */
export const listReadPositions = async (db: Db, siteId: string): Promise<string[]> =>
  (await any(db, sql.readPositions(siteId), SiteRow)).map(({ id }) => id)

const DayRow = z.object({
  quantity: TrendQuantity,
  day: z.string(),
  count: z.int(),
  low: z.number(),
  high: z.number(),
  median: z.number(),
  judged: z.number().nullable(),
})
/** Days of a position from a day on, in order, by quantity; those before `daysFrom` by weeks. */
export const listDays = (
  db: Db,
  siteId: string,
  positionId: string,
  { from, daysFrom }: { from: string; daysFrom: string },
): Promise<z.output<typeof DayRow>[]> => any(db, sql.listDays(siteId, positionId, from, daysFrom), DayRow)

const JudgedRow = z.object({
  quantity: TrendQuantity,
  day: z.string(),
  median: z.number(),
  raw: z.number().nullable(),
  count: z.int(),
  days: z.coerce.number(),
})
/** A day that is judged, and how many days its row has. */
export type JudgedDay = z.output<typeof JudgedRow>
/** Of each quantity the first and the last days that are judged, in order. */
export const listJudged = (
  db: Db,
  siteId: string,
  positionId: string,
  from: string | null,
  { first, last }: { first: number; last: number },
): Promise<JudgedDay[]> => any(db, sql.listJudged(siteId, positionId, from, first, last, trendQuantities), JudgedRow)

const MountedRow = z.object({ mounted: time.nullable() })

/** When the bearing of a position was last changed, ISO 8601; null where no job tells. */
export const mountedAt = async (db: Db, siteId: string, positionId: string): Promise<string | null> =>
  (await one(db, sql.getMounted(siteId, positionId, 'bearing-change'), MountedRow)).mounted

/** When the last job on a position was done, of whichever kind, ISO 8601; null where none was. */
export const workedAt = async (db: Db, siteId: string, positionId: string): Promise<string | null> =>
  (await one(db, sql.getMounted(siteId, positionId, null), MountedRow)).mounted

export const putTrend = (
  db: Db,
  siteId: string,
  positionId: string,
  quantity: TrendQuantity,
  trend: Trend,
): Promise<void> => run(db, sql.putTrend(siteId, positionId, quantity, trend.verdict, JSON.stringify(trend)))

const TrendRow = z
  .object({
    position_id: z.uuid(),
    quantity: TrendQuantity,
    verdict: z.enum(['watch', 'stop']),
    result: Trend,
    position: z.string(),
    machine_id: z.uuid(),
    tag: z.string(),
    machine: z.string(),
    area: z.string(),
  })
  .transform(({ position_id, position, machine_id, tag, machine, area, ...rest }) => ({
    ...rest,
    position: { id: position_id, name: position },
    machine: { id: machine_id, tag, name: machine, area },
  }))

/** Rows of a site that go towards a limit, or are over one, in walking order. */
export const listTrends = (db: Db, siteId: string) => any(db, sql.listTrends(siteId), TrendRow)

const VerdictRow = z
  .object({ position_id: z.uuid(), quantity: TrendQuantity, trend: Trend, day: z.string() })
  .transform(({ position_id, ...row }) => ({ positionId: position_id, ...row }))
/** Where the readings of some positions are going, with the day each was last read. */
export const listVerdicts = (db: Db, siteId: string, positionIds: readonly string[]) =>
  any(db, sql.listVerdicts(siteId, positionIds), VerdictRow)

const HousingRow = z
  .object({ position_id: z.uuid(), day: z.string(), median: z.number() })
  .transform(({ position_id, ...row }) => ({ positionId: position_id, ...row }))
/** Housing temperature of some positions by days since a day, °C, in order. */
export const listHousing = (db: Db, siteId: string, positionIds: readonly string[], from: string) =>
  any(db, sql.listHousing(siteId, positionIds, from), HousingRow)

/** The middle of the last day on which a quantity was read at a position; null where nobody has read it. */
export const lastRead = async (
  db: Db,
  siteId: string,
  positionId: string,
  quantity: TrendQuantity,
): Promise<number | null> =>
  (await maybeOne(db, sql.lastRead(siteId, positionId, quantity), z.object({ median: z.number() })))?.median ?? null

const RawRow = z.object({
  quantity: TrendQuantity,
  at: time,
  value: z.number(),
  ambient: z.number().nullable(),
  load: z.number().nullable(),
  source: z.string(),
})

/** Readings of a position as they were taken, in order. */
export const listRaw = (db: Db, siteId: string, positionId: string, most: number) =>
  any(db, sql.listRaw(siteId, positionId, most), RawRow)

const NamedRow = z.object({ id: z.uuid(), tag: z.string(), name: z.string() })
/** Positions of a site by tag and name, in lower case. */
export const positionsByName = (db: Db, siteId: string) => any(db, sql.findPositions(siteId), NamedRow)
