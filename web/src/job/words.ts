import type { JobState } from '@yardfrost/core'

/** What can be done with a job as a whole. */
export type JobMove = 'waiting' | 'under-way' | 'cancelled' | 'plan'

export const jobStateWords: Record<JobState, string> = {
  planned: 'planned',
  'under-way': 'under way',
  waiting: 'waiting',
  done: 'done',
  cancelled: 'cancelled',
}
