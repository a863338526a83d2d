import { JobDetail, JobSummary, KeptEntry, type AddJob, type EntriesKept, type MoveJob } from '@yardfrost/contract'
import {
  asLeft,
  assess,
  composeJob,
  hasEnded,
  holdsRolling,
  jobProgress,
  type Catalogue,
  type JobEntry,
  type JobPosition,
  type JobProgress,
  type JobState,
  JobStep,
  type Position,
  type References,
} from '@yardfrost/core'
import type pg from 'pg'
import { z } from 'zod'
import { JobError } from '../errors/job-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { inTransaction, type Db } from './database.ts'
import { getPosition, recordEvent, savePositionIn } from './positions.ts'
import { readQueries } from './read-queries.ts'

const sql = readQueries('./jobs.sql', import.meta.url, [
  'listJobs',
  'getJob',
  'lockJob',
  'lockNumbers',
  'addJob',
  'planJob',
  'addEntry',
  'moveJob',
  'addPhoto',
  'getPhoto',
])

/** Who works on the jobs of which site. */
export interface Worker {
  siteId: string
  accountId: string
}

const time = z.date().transform((at) => at.toISOString())
const shared = {
  id: z.uuid(),
  number: z.int(),
  title: z.string(),
  state: z.string(),
  planned_for: z.string().nullable(),
  created_at: time,
  ended_at: time.nullable(),
  steps: z.unknown(),
  machine_id: z.uuid(),
  tag: z.string(),
  name: z.string(),
  area: z.string(),
  entries: z.array(KeptEntry),
}
const machineOf = ({ machine_id: id, tag, name, area }: { machine_id: string; tag: string; name: string; area: string }) => ({ id, tag, name, area }) // prettier-ignore

const DetailRow = z
  .object({
    ...shared,
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

const SummaryRow = z.object(shared)
const stepsOf = z.array(JobStep)

function summaryOf(row: z.output<typeof SummaryRow>, catalogue: Catalogue): JobSummary {
  const { steps, current } = progressOf({ steps: stepsOf.parse(row.steps), entries: row.entries }, catalogue)
  return JobSummary.parse({
    ...row,
    machine: machineOf(row),
    plannedFor: row.planned_for,
    createdAt: row.created_at,
    endedAt: row.ended_at,
    stage: steps.find(({ step }) => step.key === current)?.step.title ?? null,
    doneSteps: steps.filter(({ done, skipped }) => done || skipped).length,
    steps: steps.length,
    who: row.entries.at(-1)?.by ?? null,
  })
}

/** Where a job stands, from its entries. */
export const progressOf = (
  { steps, entries }: Pick<JobDetail, 'steps' | 'entries'>,
  catalogue: Catalogue,
): JobProgress =>
  jobProgress(
    steps,
    entries.map(({ entry, by }) => ({ ...entry, by })),
    catalogue,
  )

/** Ended jobs that a list still shows. */
const endedShown = 30

/** Jobs of a site: every open one, and the last that ended. */
export async function listJobs(db: Db, { catalogue }: References, siteId: string): Promise<JobSummary[]> {
  const { rows } = await db.query({ name: 'jobs.listJobs', text: sql.listJobs, values: [siteId, endedShown] })
  return z
    .array(SummaryRow)
    .parse(rows)
    .map((row) => summaryOf(row, catalogue))
}

/** One job of a site with its entries in order. @throws NotFoundError */
export async function getJob(db: Db, siteId: string, jobId: string): Promise<JobDetail> {
  const { rows } = await db.query({ name: 'jobs.getJob', text: sql.getJob, values: [siteId, jobId] })
  if (!rows[0]) throw new NotFoundError('job', jobId)
  return DetailRow.parse(rows[0])
}

/**
 * Makes a job of some positions of one machine; its steps are composed from how they stand now.
 *
 * @throws NotFoundError for a position that is not one of the machine's
 */
export async function addJob(
  pool: pg.Pool,
  { catalogue }: References,
  { siteId, accountId }: Worker,
  { machineId, positionIds, plannedFor = null }: AddJob,
): Promise<JobDetail> {
  return inTransaction(pool, async (db) => {
    const positions: JobPosition[] = []
    for (const id of positionIds) {
      const position = await getPosition(db, siteId, id)
      if (position.machine.id !== machineId || !holdsRolling(position)) throw new NotFoundError('position', id)
      const { name, inputs, machine } = position
      positions.push({ id, name, inputs, machine })
    }
    const steps = composeJob(positions, catalogue)
    const found = Object.fromEntries(positions.map(({ id, inputs }) => [id, inputs]))
    await db.query({ name: 'jobs.lockNumbers', text: sql.lockNumbers, values: [siteId] })
    const { rows } = await db.query({
      name: 'jobs.addJob',
      text: sql.addJob,
      values: [
        siteId,
        machineId,
        titleOf(positions.map(({ name }) => name.toLowerCase())),
        positionIds,
        JSON.stringify(steps),
        JSON.stringify(found),
        plannedFor,
        accountId,
      ],
    })
    const jobId = z.uuid().parse(rows[0]?.id)
    await recordEvent(db, {
      siteId,
      accountId,
      kind: 'job.added',
      subjectId: jobId,
      detail: { machineId, positionIds, plannedFor },
    })
    return getJob(db, siteId, jobId)
  })
}

/** More names than this are counted instead. */
const mostNamed = 3

function titleOf(names: readonly string[]): string {
  if (names.length > mostNamed) return `Change the bearings of ${names.length} positions`
  return `Change the bearing${names.length > 1 ? 's' : ''}, ${names.join(' and ')}`
}

/** A job that others wait for until this transaction is over. @throws NotFoundError, JobError when it has ended */
async function openJob(db: pg.PoolClient, siteId: string, jobId: string): Promise<JobDetail> {
  await db.query({ name: 'jobs.lockJob', text: sql.lockJob, values: [siteId, jobId] })
  const job = await getJob(db, siteId, jobId)
  if (hasEnded(job.state)) {
    throw new JobError(
      'JOB_CLOSED',
      `Job ${job.number} is ${job.state} and takes nothing more`,
      'Make a new job for what is still to be done.',
    )
  }
  return job
}

/**
 * Adds entries of one device in their order. Each counts once, however often it is sent; one that cannot be is refused with
 * its reason, and the others are kept.
 *
 * @throws JobError when the job has ended; NotFoundError
 */
export async function addEntries(
  pool: pg.Pool,
  { catalogue }: References,
  { siteId, accountId }: Worker,
  by: string,
  jobId: string,
  entries: readonly JobEntry[],
): Promise<EntriesKept> {
  return inTransaction(pool, async (db) => {
    const job = await openJob(db, siteId, jobId)
    const all = [...job.entries]
    const kept: KeptEntry[] = []
    const refused: EntriesKept['refused'] = []
    let added = 0
    for (const entry of entries) {
      const before = all.find((one) => one.entry.id === entry.id)
      if (before) {
        kept.push(before)
        continue
      }
      const refusal = refusalOf(entry, { ...job, entries: all }, catalogue)
      if (refusal) {
        refused.push({ id: entry.id, ...refusal })
        continue
      }
      const { rows } = await db.query({
        name: 'jobs.addEntry',
        text: sql.addEntry,
        values: [entry.id, siteId, jobId, JSON.stringify(entry), accountId],
      })
      // An id that another job has is no entry of this one; said, it is not lost without a word.
      if (!rows[0]) {
        refused.push({ id: entry.id, message: 'Another job has this entry', fix: 'Enter it again in this job.' })
        continue
      }
      added++
      const one = { seq: Number(rows[0].seq), by, entry }
      all.push(one)
      kept.push(one)
    }
    // Only new work moves a job: what is refused, or sent a second time, does not.
    if (added > 0 && job.state !== 'under-way') await move(db, jobId, 'under-way', null)
    return { kept, refused }
  })
}

/** Why an entry cannot be; null when it can. */
function refusalOf(
  entry: JobEntry,
  job: Pick<JobDetail, 'steps' | 'entries'>,
  catalogue: Catalogue,
): { message: string; fix: string } | null {
  const step = job.steps.find(({ key }) => key === entry.step)
  if (!step) return { message: `This job has no step ${entry.step}`, fix: 'Read the job again.' }
  if (entry.kind === 'reading' && !step.readings.some(({ key }) => key === entry.reading))
    return { message: `${step.title} has no reading ${entry.reading}`, fix: 'Read the job again.' }
  if (entry.kind === 'acknowledged' && entry.caution >= step.cautions.length)
    return { message: `${step.title} has no caution ${entry.caution}`, fix: 'Read the job again.' }
  if (entry.kind !== 'done') return null
  const { blockers } = progressOf(job, catalogue).steps.find((one) => one.step.key === entry.step) ?? { blockers: [] }
  return blockers.length === 0
    ? null
    : { message: `${step.title} cannot be done: ${blockers.join(', ')}`, fix: 'Do what is missing, then mark it done.' }
}

async function move(
  db: Db,
  jobId: string,
  state: JobState,
  reason: string | null,
  left: Record<string, Position> | null = null,
): Promise<void> {
  await db.query({
    name: 'jobs.moveJob',
    text: sql.moveJob,
    values: [jobId, state, reason, left && JSON.stringify(left)],
  })
}

/** Lets a job wait, go on, or be cancelled. @throws JobError when it has ended; NotFoundError */
export async function moveJob(
  pool: pg.Pool,
  { siteId, accountId }: Worker,
  jobId: string,
  { state, reason = '' }: MoveJob,
): Promise<JobDetail> {
  return inTransaction(pool, async (db) => {
    await openJob(db, siteId, jobId)
    await move(db, jobId, state, reason || null)
    await recordEvent(db, { siteId, accountId, kind: `job.${state}`, subjectId: jobId, detail: { reason } })
    return getJob(db, siteId, jobId)
  })
}

/** Plans a job for another day (YYYY-MM-DD), or for none. @throws JobError when it has ended; NotFoundError */
export async function planJob(
  pool: pg.Pool,
  { siteId, accountId }: Worker,
  jobId: string,
  plannedFor: string | null,
): Promise<JobDetail> {
  return inTransaction(pool, async (db) => {
    await openJob(db, siteId, jobId)
    await db.query({ name: 'jobs.planJob', text: sql.planJob, values: [jobId, plannedFor] })
    await recordEvent(db, { siteId, accountId, kind: 'job.planned', subjectId: jobId, detail: { plannedFor } })
    return getJob(db, siteId, jobId)
  })
}

/**
 * Closes a job whose steps are all done, and leaves its positions as the readings have them: number, seats, clearance.
 *
 * @throws JobError when it has ended, or a step is open; NotFoundError
 */
export async function closeJob(
  pool: pg.Pool,
  { catalogue, damage }: References,
  { siteId, accountId }: Worker,
  jobId: string,
): Promise<JobDetail> {
  return inTransaction(pool, async (db) => {
    const job = await openJob(db, siteId, jobId)
    const progress = progressOf(job, catalogue)
    const open = progress.steps.find(({ done, skipped }) => !done && !skipped)
    if (open) {
      throw new JobError(
        'NOT_READY',
        `Job ${job.number} is not done: ${open.step.title} is open`,
        'Do that step, or cancel the job with a reason.',
      )
    }
    const left: Record<string, Position> = {}
    for (const positionId of new Set(job.steps.flatMap(({ position }) => (position ? [position.id] : [])))) {
      const found = await getPosition(db, siteId, positionId)
      if (!holdsRolling(found)) continue
      const { machine, version } = found
      const inputs = asLeft(found.inputs, positionId, progress)
      const assessment = assess(inputs, machine, catalogue, damage)
      await savePositionIn(db, { siteId, accountId, positionId, version, inputs, assessment })
      left[positionId] = inputs
    }
    await move(db, jobId, 'done', null, left)
    await recordEvent(db, { siteId, accountId, kind: 'job.done', subjectId: jobId, detail: { number: job.number } })
    return getJob(db, siteId, jobId)
  })
}

/** Keeps a photograph of a job; one that was sent before is kept once. @throws JobError when it has ended; NotFoundError */
export async function addPhoto(
  pool: pg.Pool,
  { siteId, accountId }: Worker,
  photo: { id: string; jobId: string; type: string; content: Buffer },
): Promise<void> {
  await inTransaction(pool, async (db) => {
    await openJob(db, siteId, photo.jobId)
    await db.query({
      name: 'jobs.addPhoto',
      text: sql.addPhoto,
      values: [photo.id, siteId, photo.jobId, photo.type, photo.content, accountId],
    })
  })
}

/** @throws NotFoundError */
export async function getPhoto(
  db: Db,
  siteId: string,
  jobId: string,
  photoId: string,
): Promise<{ type: string; content: Buffer }> {
  const { rows } = await db.query({ name: 'jobs.getPhoto', text: sql.getPhoto, values: [siteId, jobId, photoId] })
  if (!rows[0]) throw new NotFoundError('photograph', photoId)
  return z.object({ type: z.string(), content: z.instanceof(Buffer) }).parse(rows[0])
}
