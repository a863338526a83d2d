import type { JobDetail } from '@yardfrost/contract'
import { JobEntry, type JobStep, type References } from '@yardfrost/core'
import { addEntries, addJob, closeJob, inTransaction, moveJob } from '@yardfrost/server'
import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import { z } from 'zod'

interface DemoJob {
  tag: string
  position: string
  /** When it was begun; one that is planned is for so many days from now. */
  daysAgo: number
  /** Step it has come to; all are done, and it is closed, where absent. */
  until?: string
  /** How it stands otherwise: not begun yet, or waiting, with the reason. */
  state?: 'planned' | { waits: string }
  /** Readings that are otherwise than in the middle of their limits. */
  readings?: Record<string, { value?: number; text?: string; reason?: string }>
  notes?: Record<string, string>
}

const jobs: DemoJob[] = [
  {
    tag: 'CP-32',
    position: 'Coupling end',
    daysAgo: 612,
    notes: { 'came-out': 'Raceway grey all round, grease washed out by brine', 'gauge': 'Seat clean, no creep' },
  },
  {
    tag: 'WM-90',
    position: 'Non-drive end',
    daysAgo: 388,
    notes: { 'came-out': 'Sound; changed with the drive end while the motor was open' },
  },
  {
    tag: 'CM-31',
    position: 'Non-drive end',
    daysAgo: 233,
    readings: { told: { text: 'Control room, day shift' } },
    notes: { evidence: 'No fluting here; the drive end was not opened' },
  },
  {
    tag: 'BM-11',
    position: 'Non-drive end',
    daysAgo: 141,
    readings: { number: { text: '6314-C3' }, grease: { text: 'Polyurea, VG 100' }, told: { text: 'Control room, night shift' } },
    notes: { 'came-out': 'Cage rubbed bright on one side, the rest clean' },
  },
  {
    tag: 'DF-42',
    position: 'Fan end',
    daysAgo: 1,
    until: 'check-new',
    readings: {
      'number': { text: '6311' },
      'shaft-0': { value: 54.989, reason: 'Sleeve is on order; runs until the stop in March' },
    },
    notes: { evidence: 'Grease dry and brown, cover side' },
  },
  { tag: 'DC-45', position: 'Drive side', daysAgo: 3, until: 'check-new', state: { waits: 'Lock washer is on order' } },
  { tag: 'BP-12', position: 'Coupling end', daysAgo: -6, until: 'lock-out', state: 'planned' },
] // prettier-ignore

/** Jobs of the demo site: some done over two years, one that somebody is in the middle of, one waiting, one planned. */
export async function loadDemoJobs(pool: pg.Pool, references: References): Promise<void> {
  const account = await one(pool, z.object({ id: z.uuid(), site_id: z.uuid(), name: z.string() }), "select m.account_id as id, m.site_id, m.name from membership m join site s on s.id = m.site_id where s.demo and m.role = 'technician' limit 1", []) // prettier-ignore
  const worker = { siteId: account.site_id, accountId: account.id }
  for (const demo of jobs) {
    const place = await one(
      pool,
      z.object({ machine_id: z.uuid(), id: z.uuid() }),
      'select p.machine_id, p.id from position p join machine m on m.id = p.machine_id where m.tag = $1 and p.name = $2',
      [demo.tag, demo.position],
    )
    const plannedFor = demo.state === 'planned' ? dayOf(-demo.daysAgo) : null
    const made = { machineId: place.machine_id, positionIds: [place.id], plannedFor }
    const job = await inTransaction(pool, (db) => addJob(db, references, worker, made))
    if (demo.state === 'planned') continue
    const waits = demo.state?.waits
    await inTransaction(pool, async (db) => {
      const entries = { jobId: job.id, entries: entriesOf(job, demo) }
      const { refused } = await addEntries(db, references, worker, account.name, entries)
      if (refused[0]) throw new Error(`demo job ${demo.tag}: ${refused[0].message}`)
      if (waits) await moveJob(db, worker, { jobId: job.id, state: 'waiting', reason: waits })
      if (!demo.until) await closeJob(db, references, worker, job.id)
    })
    await keepDates(pool, job.id, place.id, demo)
  }
}

/** Everything that was done in it, an entry a minute. */
function entriesOf(job: JobDetail, { daysAgo, until, readings = {}, notes = {} }: DemoJob): JobEntry[] {
  let at = Date.now() - daysAgo * 86_400_000
  const entry = (step: JobStep, kind: JobEntry['kind'], rest: object = {}): JobEntry =>
    JobEntry.parse({ id: randomUUID(), step: step.key, at: new Date((at += 60_000)).toISOString(), kind, ...rest })
  const last = until === undefined ? job.steps.length : job.steps.findIndex(({ stage }) => stage === until)
  return job.steps.slice(0, last).flatMap((step) => {
    const note = notes[step.stage]
    return [
      ...step.cautions.map((_, caution) => entry(step, 'acknowledged', { caution })),
      ...step.readings
        .filter(({ needed, key }) => needed || readings[key])
        .map((reading) => {
          const { low, high, expected, kind, key } = reading
          const middle = low !== null && high !== null ? (low + high) / 2 : (low ?? (high === null ? 1 : high * 0.8))
          const usual =
            kind === 'number'
              ? { value: Number(middle.toFixed(reading.decimals)) }
              : { text: reading.kind === 'ended' ? 'sound' : (expected ?? 'Day shift') }
          return entry(step, 'reading', {
            reading: key,
            value: null,
            text: null,
            reason: null,
            ...(readings[key] ?? usual),
          })
        }),
      ...(note ? [entry(step, 'note', { text: note })] : []),
      ...(step.heat
        ? ['lifted', 'home'].map((event) =>
            entry(step, 'heat', { event, innerC: step.heat?.aimC ?? 100, outerC: 82, seconds: 96 }),
          )
        : []),
      entry(step, 'done'),
    ]
  })
}

/** The day so many days from now, as YYYY-MM-DD. */
const dayOf = (daysAhead: number): string => new Date(Date.now() + daysAhead * 86_400_000).toISOString().slice(0, 10)

/** Puts a job, and what it left its position as, where they belong in time. */
async function keepDates(pool: pg.Pool, jobId: string, positionId: string, demo: DemoJob): Promise<void> {
  const { daysAgo, until } = demo
  await pool.query(
    `update job set created_at = now() - make_interval(days => $2 + 1), started_at = now() - make_interval(days => $2),
       ended_at = case when $3 then now() - make_interval(days => $2) + interval '6 hours' end
     where id = $1`,
    [jobId, daysAgo, until === undefined],
  )
  if (until !== undefined) return
  await pool.query(
    `update fitted_bearing
     set out_on = current_date - $2::integer, hours = greatest((current_date - $2::integer - fitted_on) * 24, 1)
     where out_job = $1`,
    [jobId, daysAgo],
  )
  await pool.query('update fitted_bearing set fitted_on = current_date - $2::integer where fitted_job = $1', [jobId, daysAgo]) // prettier-ignore
  await pool.query(
    `with left_as as (
       update position p set saved_at = j.ended_at from job j where j.id = $1 and p.id = $2
       returning p.id, p.version, p.saved_at
     )
     update position_revision r set saved_at = left_as.saved_at from left_as
     where r.position_id = left_as.id and r.version = left_as.version`,
    [jobId, positionId],
  )
}

async function one<S extends z.ZodType>(
  pool: pg.Pool,
  schema: S,
  text: string,
  values: unknown[],
): Promise<z.output<S>> {
  const { rows } = await pool.query(text, values)
  return schema.parse(rows[0])
}
