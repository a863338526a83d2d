import type { JobDetail, PlanJob } from '@yardfrost/contract'
import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { getJob, storePlan } from '../store/jobs.ts'
import { openJob } from './open-job.ts'

/** Plans a job for another day (YYYY-MM-DD), or for none. @throws JobError when it has ended; NotFoundError */
export async function planJob(
  db: pg.PoolClient,
  who: Who,
  { jobId, plannedFor }: PlanJob & { jobId: string },
): Promise<JobDetail> {
  await openJob(db, who.siteId, jobId)
  await storePlan(db, jobId, plannedFor)
  await recordEvent(db, who, { kind: 'job.planned', subjectId: jobId, detail: { plannedFor } })
  return getJob(db, who.siteId, jobId)
}
