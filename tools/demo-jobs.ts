import type { JobDetail } from '@yardfrost/contract'
import { JobEntry, type JobStep, type References } from '@yardfrost/core'
import { addEntries, addJob, closeJob } from '@yardfrost/server'
import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import { z } from 'zod'

interface DemoJob {
  tag: string
  position: string
  daysAgo: number
  /** Steps that are done; all, and it is closed, where absent. */
  until?: string
  /** Readings that are otherwise than in the middle of their limits. */
  readings?: Record<string, { value?: number; text?: string; reason?: string }>
  notes?: Record<string, string>
}

const jobs: DemoJob[] = [
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
      'shaft-0': { value: 54.996, reason: 'Sleeve is on order; runs until the stop in March' },
    },
    notes: { evidence: 'Grease dry and brown, cover side' },
  },
] // prettier-ignore

/** Jobs of the demo site: one that is done and one that somebody is in the middle of. */
export async function loadDemoJobs(pool: pg.Pool, references: References): Promise<void> {
  const account = await one(pool, z.object({ id: z.uuid(), site_id: z.uuid(), name: z.string() }), "select id, site_id, name from account where role = 'technician' limit 1", []) // prettier-ignore
  const worker = { siteId: account.site_id, accountId: account.id }
  for (const demo of jobs) {
    const place = await one(
      pool,
      z.object({ machine_id: z.uuid(), id: z.uuid() }),
      'select p.machine_id, p.id from position p join machine m on m.id = p.machine_id where m.tag = $1 and p.name = $2',
      [demo.tag, demo.position],
    )
    const job = await addJob(pool, references, worker, { machineId: place.machine_id, positionIds: [place.id] })
    const { refused } = await addEntries(pool, worker, account.name, job.id, entriesOf(job, demo))
    if (refused[0]) throw new Error(`demo job ${demo.tag}: ${refused[0].message}`)
    if (!demo.until) await closeJob(pool, references, worker, job.id)
    await keepDates(pool, job.id, demo)
  }
}

/** Everything that was done in it, an entry a minute. */
function entriesOf(job: JobDetail, { daysAgo, until, readings = {}, notes = {} }: DemoJob): JobEntry[] {
  let at = Date.now() - daysAgo * 86_400_000
  const entry = (step: JobStep, kind: JobEntry['kind'], rest: object = {}): JobEntry =>
    JobEntry.parse({ id: randomUUID(), step: step.key, at: new Date((at += 60_000)).toISOString(), kind, ...rest })
  const last = until === undefined ? job.steps.length : job.steps.findIndex(({ key }) => key.startsWith(`${until}:`))
  return job.steps.slice(0, last).flatMap((step) => {
    const note = notes[step.key.split(':')[0] ?? '']
    return [
      ...step.cautions.map((_, caution) => entry(step, 'acknowledged', { caution })),
      ...step.readings
        .filter(({ needed, key }) => needed || readings[key])
        .map((reading) => {
          const { low, high, expected, kind, key } = reading
          const middle = low !== null && high !== null ? (low + high) / 2 : (low ?? (high === null ? 1 : high * 0.8))
          const usual =
            kind === 'number' ? { value: Number(middle.toFixed(reading.decimals)) } : { text: expected ?? 'Day shift' }
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

async function keepDates(pool: pg.Pool, jobId: string, { daysAgo, until }: DemoJob): Promise<void> {
  await pool.query(
    `update job set created_at = now() - make_interval(days => $2 + 1), started_at = now() - make_interval(days => $2),
       ended_at = case when $3 then now() - make_interval(days => $2) + interval '6 hours' end
     where id = $1`,
    [jobId, daysAgo, until === undefined],
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
