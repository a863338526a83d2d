import { JobSummary } from '@yardfrost/contract'
import type { Catalogue, References } from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { listJobRows, type ListedJob } from '../store/jobs.ts'
import { progressOf } from './progress.ts'

/** Ended jobs that a list still shows. */
const endedShown = 30

/** Jobs of a site: every open one, and the last that ended. */
export const listJobs = async (db: Db, { catalogue }: References, siteId: string): Promise<JobSummary[]> =>
  (await listJobRows(db, siteId, endedShown)).map((job) => summaryOf(job, catalogue))

function summaryOf(job: ListedJob, catalogue: Catalogue): JobSummary {
  const { steps, current } = progressOf(job, catalogue)
  return JobSummary.parse({
    ...job,
    stage: steps.find(({ step }) => step.key === current)?.step.title ?? null,
    doneSteps: steps.filter(({ done, skipped }) => done || skipped).length,
    steps: steps.length,
    who: job.entries.at(-1)?.by ?? null,
  })
}
