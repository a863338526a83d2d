import type { JobKindFacts } from '../job-kind.ts'
import { bearingAsLeft } from './as-left.ts'
import { composeBearingChange } from './compose.ts'
import { bearingChangeTitle } from './title.ts'

/** Bearings of one machine changed. */
export const bearingChange: JobKindFacts<'rolling'> = {
  name: 'Bearing change',
  question: 'Which bearings are changed?',
  takes: 'rolling',
  compose: composeBearingChange,
  title: bearingChangeTitle,
  asLeft: bearingAsLeft,
}
