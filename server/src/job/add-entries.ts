import type { AddEntries, EntriesKept, JobDetail, KeptEntry } from '@yardfrost/contract'
import { JobEntry, type Catalogue, type References } from '@yardfrost/core'
import type pg from 'pg'
import { readEntry, type Refusal } from '../live/read-entry.ts'
import type { Who } from '../store/audit.ts'
import { insertEntry, storeState } from '../store/jobs.ts'
import { openJob } from './open-job.ts'
import { progressOf } from './progress.ts'

/**
 * Adds entries of one device in their order. Each counts once, however often it is sent, and each is answered: one that cannot
 * be, or cannot even be read, is refused with its reason, and holds up no other.
 *
 * @param by - name of who sends them
 * @throws JobError when the job has ended; NotFoundError
 */
export async function addEntries(
  db: pg.PoolClient,
  { catalogue }: References,
  who: Who,
  by: string,
  { jobId, entries }: AddEntries & { jobId: string },
): Promise<EntriesKept> {
  const job = await openJob(db, who.siteId, jobId)
  const all = [...job.entries]
  const kept: KeptEntry[] = []
  const refused: EntriesKept['refused'] = []
  let added = 0
  for (const given of entries) {
    const before = all.find((one) => one.entry.id === given.id)
    if (before) {
      kept.push(before)
      continue
    }
    const entry = readEntry(JobEntry, given)
    const refusal = 'message' in entry ? entry : refusalOf(entry, { ...job, entries: all }, catalogue)
    const seq = refusal || 'message' in entry ? null : await insertEntry(db, { ...who, jobId, entry })
    if (seq === null || 'message' in entry) {
      // An id that another job has is no entry of this one; said, it is not lost without a word.
      refused.push({ id: given.id, ...(refusal ?? { message: 'Another job has this entry', fix: 'Enter it again in this job.' }) }) // prettier-ignore
      continue
    }
    added++
    const one = { seq, by, entry }
    all.push(one)
    kept.push(one)
  }
  // Only new work moves a job: what is refused, or sent a second time, does not.
  if (added > 0 && job.state !== 'under-way') await storeState(db, jobId, 'under-way', null)
  return { kept, refused }
}

/** Why an entry cannot be; null when it can. */
function refusalOf(entry: JobEntry, job: Pick<JobDetail, 'steps' | 'entries'>, catalogue: Catalogue): Refusal | null {
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
