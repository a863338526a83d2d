import type { JobState } from '@yardfrost/core'

export const jobStateWords: Record<JobState, string> = {
  planned: 'planned',
  'under-way': 'under way',
  waiting: 'waiting',
  done: 'done',
  cancelled: 'cancelled',
}
