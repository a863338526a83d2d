import type { JobDetail } from '@yardfrost/contract'
import { jobKinds, leftBy, type Position, type References } from '@yardfrost/core'
import type pg from 'pg'
import { savePosition } from '../bench/save-position.ts'
import { JobError } from '../errors/job-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { getJob, storeState } from '../store/jobs.ts'
import { holdPosition, storeReported } from '../store/positions.ts'
import { keepChange } from '../log/keep-change.ts'
import { openJob } from './open-job.ts'
import { progressOf } from './progress.ts'

/**
 * Closes a job whose steps are all done, and leaves its positions as the readings of its kind have them.
 *
 * @throws JobError when it has ended, or a step is open; NotFoundError
 */
export async function closeJob(db: pg.PoolClient, references: References, who: Who, jobId: string): Promise<JobDetail> {
  const job = await openJob(db, who.siteId, jobId)
  const progress = progressOf(job, references.catalogue)
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
    const position = await holdPosition(db, who.siteId, positionId)
    if (position.inputs.kind !== jobKinds[job.kind].takes) continue
    // What was told of the old bearing went away with it.
    await storeReported(db, who.siteId, positionId, [])
    const inputs = leftBy(job.kind, position.inputs, positionId, progress)
    // Into the log first: a position is judged by what it has eaten.
    if (job.kind !== 'grease-change') await keepChange(db, references, who, { jobId, position, progress, left: inputs })
    await savePosition(db, references, who, { positionId, version: position.version, inputs })
    left[positionId] = inputs
  }
  await storeState(db, jobId, 'done', null, left)
  await recordEvent(db, who, { kind: 'job.done', subjectId: jobId, detail: { number: job.number } })
  return getJob(db, who.siteId, jobId)
}
