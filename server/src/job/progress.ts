import type { JobDetail } from '@yardfrost/contract'
import { jobProgress, type Catalogue, type JobProgress } from '@yardfrost/core'

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
