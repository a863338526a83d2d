import { FindingDetail, Fitted, type LogPage, type LogQuery } from '@yardfrost/contract'
import {
  hoursAt,
  attempt,
  dayNumber,
  grouped,
  OutReason,
  type paretoGroups,
  runningHours,
  type DamageFinding,
  type FindingEntry,
  type FittedEntry,
  type RunningHours,
} from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { hoursInputOf, type HoursColumns } from './running-hours.ts'
import { any, IdRow, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./log.sql', import.meta.url, [
  'listLines', 'countLog', 'listChoices', 'countByHours', 'countByCause', 'countByPlace', 'countByKind', 'listEnds', 'listRunning', 'countRunning', 'listMeters', 'getHours',
  'getRunning', 'endBearing', 'addBearing', 'listOf', 'getStory', 'exportLog', 'namePositions', 'addFinding', 'listFindings',
  'latestFinding', 'linkFinding',
]) // prettier-ignore

/** Which bearings are meant. */
export type Meant = Omit<z.output<typeof LogQuery>, 'offset' | 'limit'>
const valuesOf = (siteId: string, { area, machine, position, type, cause, person }: Meant) =>
  [siteId, area, machine, position, type, cause, person] as const

/** A machine, and how its hours are known. */
interface HoursOf extends HoursColumns {
  machine_id: string
}
const hoursColumns = { machine_id: z.uuid(), hours_source: z.string(), hours_per_week: z.number().nullable() }
const MeterRow = z.object({ machine_id: z.uuid(), date: z.string(), hours: z.number() })

/** Hours between two days of a machine; a meter that cannot be read is taken to run always. */
export type Hours = (machine: HoursOf, fromDay: string, toDay: string) => number

/** Reads the meters of some machines, and tells the hours they ran. */
export async function hoursOf(db: Db, machines: readonly HoursOf[], asOf: string): Promise<Hours> {
  const metered = [...new Set(machines.filter((one) => one.hours_source === 'meter').map((one) => one.machine_id))]
  const readings = metered.length > 0 ? await any(db, sql.listMeters(metered), MeterRow) : []
  const ofMeter = grouped(readings, ({ machine_id }) => machine_id)
  const always = runningHours({ hoursSource: 'clock' }, asOf)
  const lines = new Map<string, RunningHours>()
  for (const machine of machines) {
    if (lines.has(machine.machine_id)) continue
    const read = (ofMeter.get(machine.machine_id) ?? []).map(({ date, hours }) => ({ date, hours }))
    lines.set(machine.machine_id, attempt(() => runningHours(hoursInputOf(machine, read), asOf)).value ?? always)
  }
  // Of many bearings the days are few.
  const numbers = new Map<string, number>()
  const numberOf = (day: string): number => {
    const known = numbers.get(day) ?? dayNumber(day)
    numbers.set(day, known)
    return known
  }
  return ({ machine_id }, fromDay, toDay) => {
    const line = lines.get(machine_id) ?? always
    return Math.max(hoursAt(line, numberOf(toDay)) - hoursAt(line, numberOf(fromDay)), 0)
  }
}

const bearingColumns = {
  id: z.uuid(),
  designation: z.string(),
  bearing_type: z.string().nullable(),
  batch: z.string(),
  fitted_on: z.string(),
  out_on: z.string().nullable(),
  hours: z.number().nullable(),
  ended: OutReason.nullable(),
  cause: z.string().nullable(),
  note: z.string(),
  finding_id: z.uuid().nullable(),
  source: z.string(),
}
const BearingRow = z.object(bearingColumns)
const placeColumns = { machine_id: z.uuid(), tag: z.string(), machine: z.string(), area: z.string() }

function fittedOf(row: z.output<typeof BearingRow>, machine: HoursOf, hours: Hours, asOf: string): Fitted {
  const { bearing_type: bearingType, fitted_on: fittedOn, out_on: outOn, finding_id: findingId, ...rest } = row
  const ran = row.hours ?? hours(machine, fittedOn, asOf)
  return Fitted.parse({ ...rest, bearingType, fittedOn, outOn, findingId, hoursH: Math.round(ran * 10) / 10 })
}

const LineRow = z.object({
  id: z.uuid(), name: z.string(), ...placeColumns, ...hoursColumns, bearings: z.array(BearingRow),
}) // prettier-ignore
const CountRow = z.object({ positions: z.int(), fitted: z.int(), came_out: z.int(), since: z.string().nullable() })
const ChoicesRow = z.object({
  machines: z.array(z.object({ id: z.uuid(), tag: z.string() })),
  areas: z.array(z.string()),
  types: z.array(z.string()),
  causes: z.array(z.string()),
  people: z.array(z.object({ id: z.uuid(), name: z.string() })),
})

/** A page of the log: positions in walking order with the bearings they had. */
export async function getLogPage(
  db: Db,
  siteId: string,
  query: z.output<typeof LogQuery>,
  asOf: string,
): Promise<LogPage> {
  const values = valuesOf(siteId, query)
  const [rows, counted, choices] = await Promise.all([
    any(db, sql.listLines(...values, query.offset, query.limit), LineRow),
    one(db, sql.countLog(...values), CountRow),
    one(db, sql.listChoices(siteId, query.area), ChoicesRow),
  ])
  const hours = await hoursOf(db, rows, asOf)
  const { positions, fitted, came_out: cameOut, since } = counted
  const lines = rows.map((row) => ({
    position: { id: row.id, name: row.name },
    machine: { id: row.machine_id, tag: row.tag, name: row.machine, area: row.area },
    bearings: row.bearings.map((one) => fittedOf(one, row, hours, asOf)),
  }))
  return { positions, fitted, cameOut, since, lines, ...choices }
}

const CountedRow = z.object({ ended: OutReason, count: z.int(), hours: z.number() })
const CausedRow = CountedRow.extend({ cause: z.string().nullable() })
const KeyedRow = z.object({ key: z.string(), name: z.string().nullable(), failed: z.int(), hours: z.number() })
const RunningRow = z.object({
  fitted_on: z.string(), position_id: z.uuid(), bearing_type: z.string().nullable(), cause: z.string().nullable(), ...hoursColumns,
}) // prettier-ignore
/** Bearings that run, of one bin of hours (no key) or of one thing. */
const RunsRow = z.object({ key: z.string().nullable(), count: z.int(), hours: z.number() })

/**
 * Ends counted by hours, by cause and by what is asked, and the bearings that run: each by itself where its place is meant or its
 * hours stand on a meter, the others counted.
 */
export async function countLog(
  db: Db,
  siteId: string,
  meant: Meant,
  { groupBy, asOf }: { groupBy: (typeof paretoGroups)[number]; asOf: string },
) {
  const values = valuesOf(siteId, meant)
  const each = meant.machine !== null || meant.position !== null
  const countByKey = groupBy === 'machine' || groupBy === 'position' ? sql.countByPlace : sql.countByKind
  const [byHours, byCause, byKey, running, runs] = await Promise.all([
    any(db, sql.countByHours(...values), CountedRow),
    any(db, sql.countByCause(...values), CausedRow),
    any(db, countByKey(...values, groupBy), KeyedRow),
    any(db, sql.listRunning(...values, !each), RunningRow),
    each ? [] : any(db, sql.countRunning(...values, groupBy, asOf), RunsRow),
  ])
  return {
    byHours,
    byCause,
    byKey,
    running,
    runsByHours: runs.filter(({ key }) => key === null),
    runsByKey: runs.flatMap(({ key, ...run }) => (key === null ? [] : [{ key, ...run }])),
  }
}

const EndRow = z.object({ ended: OutReason, hours: z.number(), position_id: z.uuid() })
/** So many ends by themselves, oldest first. */
export const listEnds = (db: Db, siteId: string, meant: Meant, most: number) =>
  any(db, sql.listEnds(...valuesOf(siteId, meant), most), EndRow)

const PlaceRow = z.object({ ...hoursColumns, life_h: z.number().nullable() })
/** How the hours of a position are known, and its rated life. @throws NotFoundError */
export async function getPlace(db: Db, siteId: string, positionId: string) {
  const found = await maybeOne(db, sql.getHours(siteId, positionId), PlaceRow)
  if (!found) throw new NotFoundError('position', positionId)
  return found
}

const OfRow = z.object({ id: z.uuid(), designation: z.string(), fitted_on: z.string(), out_on: z.string().nullable() })
/** Bearings of a position, oldest first. */
export const listOf = (db: Db, siteId: string, positionId: string) => any(db, sql.listOf(siteId, positionId), OfRow)

const OpenRow = z.object({ id: z.uuid(), fitted_on: z.string() })
/** The bearing that runs in a position; others wait until this transaction is over. */
export const findRunning = (db: Db, positionId: string) => maybeOne(db, sql.getRunning(positionId), OpenRow)

/** A bearing comes out. */
export const endBearing = (
  db: Db,
  id: string,
  end: {
    day: string
    hoursH: number
    ended: OutReason
    cause: string | null
    findingId: string | null
    jobId: string | null
  },
): Promise<void> => run(db, sql.endBearing(id, end.day, end.hoursH, end.ended, end.cause, end.findingId, end.jobId))

/** Stores a bearing that was fitted, and returns its id. */
export const addBearing = (
  db: Db,
  { siteId, accountId }: { siteId: string; accountId: string | null },
  positionId: string,
  entry: FittedEntry,
  rest: {
    bearingType: string | null
    source: Fitted['source']
    hoursH: number | null
    jobId?: string
    asLeft?: unknown
  },
): Promise<string> =>
  one(
    db,
    sql.addBearing(
      ...[siteId, positionId, entry.designation, rest.bearingType, entry.batch, entry.fittedOn, rest.jobId ?? null],
      ...[
        rest.asLeft === undefined ? null : JSON.stringify(rest.asLeft),
        entry.outOn,
        rest.hoursH,
        entry.ended,
        entry.cause,
      ],
      ...[entry.note, rest.source, accountId, null],
    ),
    IdRow,
  )

const StoryRow = z.object({
  ...bearingColumns, ...placeColumns, ...hoursColumns, position_id: z.uuid(), position: z.string(), as_left: z.unknown(),
  entered_by: z.string().nullable(), fitted_job: z.uuid().nullable(), fitted_number: z.int().nullable(),
  out_job: z.uuid().nullable(), out_number: z.int().nullable(),
}) // prettier-ignore

/** One bearing with its jobs. @throws NotFoundError */
export async function getStory(db: Db, siteId: string, id: string, asOf: string) {
  const row = await maybeOne(db, sql.getStory(siteId, id), StoryRow)
  if (!row) throw new NotFoundError('bearing', id)
  const hours = await hoursOf(db, [row], asOf)
  const job = (jobId: string | null, number: number | null) => (jobId && number !== null ? { id: jobId, number } : null)
  return {
    bearing: fittedOf(row, row, hours, asOf),
    position: { id: row.position_id, name: row.position },
    machine: { id: row.machine_id, tag: row.tag, name: row.machine, area: row.area },
    fittedJob: job(row.fitted_job, row.fitted_number),
    outJob: job(row.out_job, row.out_number),
    asLeft: row.as_left ?? null,
    enteredBy: row.entered_by,
  }
}

const ExportRow = z.record(z.string(), z.union([z.string(), z.number(), z.null()]))
/** Every bearing of a site, a line each. */
export const exportLog = (db: Db, siteId: string) => any(db, sql.exportLog(siteId), ExportRow)

const NamedRow = z.object({ id: z.uuid(), tag: z.string(), name: z.string() })
/** Positions of a site by what they are called, in lower case. */
export const namePositions = (db: Db, siteId: string) => any(db, sql.namePositions(siteId), NamedRow)

/** Keeps a finding; false for one that was sent before. */
export async function insertFinding(
  db: Db,
  { siteId, accountId }: { siteId: string; accountId: string | null },
  positionId: string,
  { id, at, finding, cause, why }: FindingEntry,
): Promise<boolean> {
  const query = sql.addFinding(id, siteId, positionId, cause, why, JSON.stringify(finding), at, accountId)
  const added = await maybeOne(db, query, IdRow)
  if (added) await run(db, sql.linkFinding(positionId, id))
  return added !== null
}

const FindingRow = z
  .object({
    id: z.uuid(), at: time, cause: z.string().nullable(), why: z.string(), body: z.unknown(), by: z.string().nullable(),
    position_id: z.uuid(), position: z.string(), ...placeColumns, fitted_id: z.uuid().nullable(),
  })
  .transform(({ body, position_id, position, machine_id, tag, machine, area, fitted_id: fittedId, ...rest }) =>
    FindingDetail.parse({
      ...rest,
      finding: body as DamageFinding,
      position: { id: position_id, name: position },
      machine: { id: machine_id, tag, name: machine, area },
      fittedId,
    }),
  ) // prettier-ignore

/** Findings of a position, newest first. */
export const listFindings = (db: Db, siteId: string, positionId: string): Promise<FindingDetail[]> =>
  any(db, sql.listFindings(siteId, positionId, null), FindingRow)

/** One finding. @throws NotFoundError */
export async function getFinding(db: Db, siteId: string, id: string): Promise<FindingDetail> {
  const found = await maybeOne(db, sql.listFindings(siteId, null, id), FindingRow)
  if (!found) throw new NotFoundError('finding', id)
  return found
}

const LatestRow = z.object({ id: z.uuid(), cause: z.string().nullable() })
/** What was last found of a position since a day. */
export const latestFinding = (db: Db, positionId: string, since: string) =>
  maybeOne(db, sql.latestFinding(positionId, since), LatestRow)
