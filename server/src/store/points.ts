import { MeterReadings, PlantPoint, PlantStop } from '@yardfrost/contract'
import { PointKind, PointOwn, PointWork, type PointDue, type PointWorks } from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { hoursInputOf } from './running-hours.ts'
import { any, IdRow, maybeOne, one, run } from './rows.ts'

const sql = readQueries('./points.sql', import.meta.url, [
  'keepPoints',
  'dropPoints',
  'listReckoned',
  'storeDue',
  'listPoints',
  'savePoint',
  'movePoints',
  'doPoints',
  'tellDone',
  'countDue',
  'listStops',
  'dropStops',
  'addStops',
  'listReadings',
  'addReading',
])

const day = z.string().nullable()

const PointRow = z
  .object({
    id: z.uuid(),
    kind: z.string(),
    work: z.unknown(),
    own: z.unknown(),
    last_done: day,
    due_on: day,
    early_on: day,
    late_on: day,
    interval_days: z.number(),
    moved_to: day,
    version: z.int(),
    position_id: z.uuid(),
    position: z.string(),
    machine_id: z.uuid(),
    tag: z.string(),
    machine: z.string(),
    hours_source: z.string(),
    area: z.string(),
  })
  .transform(({ position_id, position, machine_id, tag, machine, hours_source: hoursSource, area, ...row }) =>
    PlantPoint.parse({
      ...row,
      lastDone: row.last_done,
      dueOn: row.due_on,
      earlyOn: row.early_on,
      lateOn: row.late_on,
      intervalDays: row.interval_days,
      movedTo: row.moved_to,
      position: { id: position_id, name: position },
      machine: { id: machine_id, tag, name: machine, area, hoursSource },
    }),
  )

/** Keeps what a position asks for on a round; the points that are new, or ask for something else now. */
export async function keepPoints(db: Db, positionId: string, works: PointWorks): Promise<string[]> {
  const kinds = Object.keys(works)
  await run(db, sql.dropPoints(positionId, kinds))
  const documents = Object.values(works).map((work) => JSON.stringify(work))
  return kinds.length === 0 ? [] : any(db, sql.keepPoints(positionId, kinds, documents), IdRow)
}

const ReckonedRow = z
  .object({
    id: z.uuid(),
    kind: PointKind,
    work: PointWork,
    own: PointOwn,
    last_done: day,
    hours_source: z.string(),
    hours_per_week: z.number().nullable(),
    readings: z.array(z.object({ date: z.string(), hours: z.number() })),
  })
  .transform(({ last_done, hours_source, hours_per_week, readings, ...rest }) => ({
    ...rest,
    lastDone: last_done,
    hours: hoursInputOf({ hours_source, hours_per_week }, readings),
  }))
export type ReckonedPoint = z.output<typeof ReckonedRow>

/** What points are reckoned by: those of one machine, or some by their ids. */
export const listReckoned = (
  db: Db,
  siteId: string,
  { machineId, pointIds }: { machineId?: string; pointIds?: readonly string[] },
): Promise<ReckonedPoint[]> => any(db, sql.listReckoned(siteId, machineId ?? null, pointIds ?? null), ReckonedRow)

export const storeDue = (db: Db, all: readonly ({ id: string } & PointDue)[]): Promise<void> =>
  run(
    db,
    sql.storeDue(
      all.map(({ id }) => id),
      // One that was never done has no date: it is due whenever one looks.
      all.map(({ hoursSinceH, dueDate }) => (hoursSinceH === null ? null : dueDate)),
      all.map(({ hoursSinceH, notBeforeDate }) => (hoursSinceH === null ? null : notBeforeDate)),
      all.map(({ hoursSinceH, notAfterDate }) => (hoursSinceH === null ? null : notAfterDate)),
      all.map(({ intervalDays }) => intervalDays),
    ),
  )

/** Points of a site in walking order; some of them by their ids. */
export const listPoints = (db: Db, siteId: string, pointIds: readonly string[] | null = null): Promise<PlantPoint[]> =>
  any(db, sql.listPoints(siteId, pointIds, null), PointRow)

/** Points that are overdue on a day, those that can be reached. */
export const listOverdue = (db: Db, siteId: string, on: string): Promise<PlantPoint[]> =>
  any(db, sql.listPoints(siteId, null, on), PointRow)

/** @throws NotFoundError */
export async function getPoint(db: Db, siteId: string, pointId: string): Promise<PlantPoint> {
  const [found] = await listPoints(db, siteId, [pointId])
  if (!found) throw new NotFoundError('point', pointId)
  return found
}

/** Stores what people settle for a point; false when somebody saved since `version`. */
export async function storePoint(
  db: Db,
  siteId: string,
  { id, version, own, lastDone }: { id: string; version: number; own: PointOwn; lastDone: string | null },
): Promise<boolean> {
  const query = sql.savePoint(siteId, id, version, JSON.stringify(own), lastDone)
  return (await maybeOne(db, query, z.object({ version: z.int() }))) !== null
}

export const storeMoves = (db: Db, siteId: string, moves: readonly { id: string; to: string | null }[]): Promise<void> =>
  run(db, sql.movePoints(siteId, moves.map(({ id }) => id), moves.map(({ to }) => to))) // prettier-ignore

export const storeDone = (db: Db, siteId: string, done: readonly { id: string; day: string | null }[]): Promise<void> =>
  run(db, sql.doPoints(siteId, done.map(({ id }) => id), done.map((one) => one.day))) // prettier-ignore

/** Keeps when points were last done, as somebody knows; returns those that are of the site. */
export const storeToldDone = (db: Db, siteId: string, pointIds: readonly string[], day: string): Promise<string[]> =>
  any(db, sql.tellDone(siteId, pointIds, day), IdRow)

/** How many points come due up to a day and are not overdue yet. */
export const countDue = async (db: Db, siteId: string, upTo: string, today: string): Promise<number> =>
  (await one(db, sql.countDue(siteId, upTo, today), z.object({ count: z.int() }))).count

const StopRow = z
  .object({ id: z.uuid(), from_day: z.string(), to_day: z.string(), title: z.string() })
  .transform(({ from_day: fromDay, to_day: toDay, ...rest }) => PlantStop.parse({ ...rest, fromDay, toDay }))

export const listStops = (db: Db, siteId: string): Promise<PlantStop[]> => any(db, sql.listStops(siteId), StopRow)

/** Another list of stops in place of the one there is. */
export async function storeStops(db: Db, siteId: string, stops: readonly PlantStop[]): Promise<void> {
  await run(db, sql.dropStops(siteId))
  await run(
    db,
    sql.addStops(
      siteId,
      stops.map(({ id }) => id),
      stops.map(({ fromDay }) => fromDay),
      stops.map(({ toDay }) => toDay),
      stops.map(({ title }) => title),
    ),
  )
}

const MeterRow = z
  .object({ hours_source: z.string(), readings: z.unknown() })
  .transform(({ hours_source: hoursSource, readings }) => MeterReadings.parse({ hoursSource, readings }))

/** Hour meter of a machine, latest reading first. @throws NotFoundError */
export async function getMeter(db: Db, siteId: string, machineId: string): Promise<MeterReadings> {
  const found = await maybeOne(db, sql.listReadings(siteId, machineId), MeterRow)
  if (!found) throw new NotFoundError('machine', machineId)
  return found
}

export const insertMeterReading = (
  db: Db,
  who: { siteId: string; accountId: string | null },
  { machineId, day: on, shownH, hoursH }: { machineId: string; day: string; shownH: number; hoursH: number },
): Promise<void> => run(db, sql.addReading(who.siteId, machineId, on, shownH, hoursH, who.accountId))
