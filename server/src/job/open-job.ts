import type { JobDetail } from '@yardfrost/contract'
import { hasEnded } from '@yardfrost/core'
import type pg from 'pg'
import { JobError } from '../errors/job-error.ts'
import { holdJob } from '../store/jobs.ts'

/** A job that takes something more; others wait for it until this transaction is over. @throws NotFoundError, JobError */
export async function openJob(db: pg.PoolClient, siteId: string, jobId: string): Promise<JobDetail> {
  const job = await holdJob(db, siteId, jobId)
  if (hasEnded(job.state)) {
    throw new JobError(
      'JOB_CLOSED',
      `Job ${job.number} is ${job.state} and takes nothing more`,
      'Make a new job for what is still to be done.',
    )
  }
  return job
}
