import { entriesAPage, JobChange, JobDetail, KeptEntry } from '@yardfrost/contract'
import { JobStep, type JobEntry, type JobKind, type JobState, type Position } from '@yardfrost/core'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run, time } from './rows.ts'

const sql = readQueries('./jobs.sql', import.meta.url, [
  'listJobs',
  'listSteps',
  'getJob',
  'listEntries',
  'getJobHead',
  'lockJob',
  'lockNumbers',
  'addJob',
  'planJob',
  'addEntry',
  'moveJob',
])

const shared = {
  id: z.uuid(),
  kind: z.string(),
  number: z.int(),
  title: z.string(),
  state: z.string(),
  planned_for: z.string().nullable(),
  created_at: time,
  ended_at: time.nullable(),
  machine_id: z.uuid(),
  tag: z.string(),
  name: z.string(),
  area: z.string(),
}
interface MachineColumns {
  machine_id: string
  tag: string
  name: string
  area: string
}
const machineOf = ({ machine_id: id, tag, name, area }: MachineColumns) => ({ id, tag, name, area })

const DetailRow = z
  .object({
    ...shared,
    entries: z.array(KeptEntry),
    steps: z.unknown(),
    reason: z.string().nullable(),
    started_at: time.nullable(),
    created_by: z.string().nullable(),
    as_found: z.unknown(),
    as_left: z.unknown(),
  })
  .transform((row) =>
    JobDetail.parse({
      ...row,
      machine: machineOf(row),
      found: row.as_found,
      left: row.as_left,
      plannedFor: row.planned_for,
      createdAt: row.created_at,
      createdBy: row.created_by,
      startedAt: row.started_at,
      endedAt: row.ended_at,
    }),
  )

/** A job as lists have it, before its steps are looked at. `lastSeq`: place of its last entry. */
const ListedRow = z
  .object({
    ...shared,
    reason: z.string().nullable(),
    last_seq: z.coerce.number().nullable(),
    who: z.string().nullable(),
  })
  .transform((row) => ({
    ...row,
    machine: machineOf(row),
    plannedFor: row.planned_for,
    createdAt: row.created_at,
    endedAt: row.ended_at,
    lastSeq: row.last_seq,
  }))
export type ListedJob = z.output<typeof ListedRow>

/** Jobs of a site: every open one, and the last `endedShown` that ended. */
export const listJobRows = (db: Db, siteId: string, endedShown: number): Promise<ListedJob[]> =>
  any(db, sql.listJobs(siteId, endedShown), ListedRow)

const StepsRow = z.object({ id: z.uuid(), steps: z.array(JobStep), entries: z.array(KeptEntry) })

/** Steps and entries of some jobs of a site. */
export const listSteps = (db: Db, siteId: string, jobIds: readonly string[]) =>
  any(db, sql.listSteps(siteId, jobIds), StepsRow)

/** One job of a site with its entries in order, all or at most so many. @throws NotFoundError */
export async function getJob(db: Db, siteId: string, jobId: string, most: number | null = null): Promise<JobDetail> {
  const found = await maybeOne(db, sql.getJob(siteId, jobId, most), DetailRow)
  if (!found) throw new NotFoundError('job', jobId)
  return found
}

/** One job of a site with the first page of its entries. @throws NotFoundError */
export async function getJobPage(db: Db, siteId: string, jobId: string): Promise<JobDetail> {
  const job = await getJob(db, siteId, jobId, entriesAPage + 1)
  return { ...job, entries: job.entries.slice(0, entriesAPage), more: job.entries.length > entriesAPage }
}

const EntryRow = z.object({ seq: z.coerce.number(), by: z.string(), entry: z.unknown() }).pipe(KeptEntry)

/** A page of entries after one of them, in order. */
async function listEntries(db: Db, siteId: string, jobId: string, after: number) {
  const found = await any(db, sql.listEntries(siteId, jobId, after, entriesAPage + 1), EntryRow)
  return { entries: found.slice(0, entriesAPage), more: found.length > entriesAPage }
}

const HeadRow = z.object({
  state: z.string(),
  reason: z.string().nullable(),
  planned_for: z.string().nullable(),
  started_at: time.nullable(),
  ended_at: time.nullable(),
  as_left: z.unknown(),
})

/** How a job stands, and a page of its entries after one of them. @throws NotFoundError */
export async function getJobChange(db: Db, siteId: string, jobId: string, after: number) {
  const head = await maybeOne(db, sql.getJobHead(siteId, jobId), HeadRow)
  if (!head) throw new NotFoundError('job', jobId)
  const { entries, more } = await listEntries(db, siteId, jobId, after)
  const { state, reason, planned_for: plannedFor, started_at: startedAt, ended_at: endedAt, as_left: left } = head
  return { change: JobChange.parse({ state, reason, plannedFor, startedAt, endedAt, left, entries }), more }
}

/** A job that others wait for until this transaction is over. @throws NotFoundError */
export async function holdJob(db: Db, siteId: string, jobId: string): Promise<JobDetail> {
  await run(db, sql.lockJob(siteId, jobId))
  return getJob(db, siteId, jobId)
}

/** Stores a new job with the next number of its site and returns its id. */
export async function insertJob(
  db: Db,
  job: {
    siteId: string
    accountId: string | null
    machineId: string
    kind: JobKind
    title: string
    positionIds: readonly string[]
    steps: readonly JobStep[]
    found: Readonly<Record<string, Position>>
    plannedFor: string | null
  },
): Promise<string> {
  await run(db, sql.lockNumbers(job.siteId))
  const query = sql.addJob(
    ...[job.siteId, job.machineId, job.kind, job.title, job.positionIds],
    ...[JSON.stringify(job.steps), JSON.stringify(job.found), job.plannedFor, job.accountId],
  )
  return one(db, query, IdRow)
}

/** Stores an entry and returns its place in the order; null for an id that is there already. */
export async function insertEntry(
  db: Db,
  { siteId, accountId, jobId, entry }: { siteId: string; accountId: string | null; jobId: string; entry: JobEntry },
): Promise<number | null> {
  const query = sql.addEntry(entry.id, siteId, jobId, JSON.stringify(entry), accountId)
  const row = await maybeOne(db, query, z.object({ seq: z.coerce.number() }))
  return row?.seq ?? null
}

/** Stores another state of a job, why, and how it left its positions. */
export const storeState = (
  db: Db,
  jobId: string,
  state: JobState,
  reason: string | null,
  left: Readonly<Record<string, Position>> | null = null,
): Promise<void> => run(db, sql.moveJob(jobId, state, reason, left && JSON.stringify(left)))

/** Stores the day (YYYY-MM-DD) a job is planned for, or none. */
export const storePlan = (db: Db, jobId: string, plannedFor: string | null): Promise<void> =>
  run(db, sql.planJob(jobId, plannedFor))
