import type { JobKind } from '../../model/job.ts'
import { bearingChange } from './bearing-change/index.ts'
import { greaseChange } from './grease-change/index.ts'
import type { JobKindFacts } from './job-kind.ts'

/** Every kind of work. */
export const jobKinds: Record<JobKind, JobKindFacts> = {
  'bearing-change': bearingChange,
  'grease-change': greaseChange,
}
