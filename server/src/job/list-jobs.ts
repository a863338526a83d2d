import { JobSummary } from '@yardfrost/contract'
import type { References } from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { listJobRows, listSteps } from '../store/jobs.ts'
import { progressOf } from './progress.ts'

/** Ended jobs that a list still shows. */
const endedShown = 30

type Stage = Pick<JobSummary, 'stage' | 'doneSteps' | 'steps'>

/** Where jobs stand, by their last entry: steps never change, so nothing is reckoned twice. */
const known = new Map<string, { lastSeq: number | null; stage: Stage }>()
const mostKnown = 5000

/** Jobs of a site: every open one, and the last that ended. */
export async function listJobs(db: Db, { catalogue }: References, siteId: string): Promise<JobSummary[]> {
  const jobs = await listJobRows(db, siteId, endedShown)
  // Before it is looked what is known: room is not made of what this answer needs.
  if (known.size > mostKnown) known.clear()
  const unknown = jobs.filter(({ id, lastSeq }) => known.get(id)?.lastSeq !== lastSeq)
  const fresh =
    unknown.length > 0
      ? await listSteps(
          db,
          siteId,
          unknown.map(({ id }) => id),
        )
      : []
  const stages = new Map<string, Stage>()
  for (const { id, ...job } of fresh) {
    const { steps, current } = progressOf(job, catalogue)
    const stage = {
      stage: steps.find(({ step }) => step.key === current)?.step.title ?? null,
      doneSteps: steps.filter(({ done, skipped }) => done || skipped).length,
      steps: steps.length,
    }
    stages.set(id, stage)
    // An entry that came between the two questions is in what was read, and is asked for once more.
    known.set(id, { lastSeq: job.entries.at(-1)?.seq ?? null, stage })
  }
  return jobs.map((job) => JobSummary.parse({ ...job, ...(stages.get(job.id) ?? known.get(job.id)?.stage) }))
}
