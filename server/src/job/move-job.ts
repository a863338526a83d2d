import type { JobDetail, MoveJob } from '@yardfrost/contract'
import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { getJob, storeState } from '../store/jobs.ts'
import { openJob } from './open-job.ts'

/** Lets a job wait, go on, or be cancelled. @throws JobError when it has ended; NotFoundError */
export async function moveJob(
  db: pg.PoolClient,
  who: Who,
  { jobId, state, reason = '' }: MoveJob & { jobId: string },
): Promise<JobDetail> {
  await openJob(db, who.siteId, jobId)
  await storeState(db, jobId, state, reason || null)
  await recordEvent(db, who, { kind: `job.${state}`, subjectId: jobId, detail: { reason } })
  return getJob(db, who.siteId, jobId)
}
