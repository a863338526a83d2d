import { jobTitle } from '../../common/title.ts'
import type { JobKindFacts } from '../job-kind.ts'
import { composeGreaseChange } from './compose.ts'

/** Another grease in the bearings of one machine. */
export const greaseChange: JobKindFacts<'rolling'> = {
  name: 'Change of grease',
  question: 'Which bearings get another grease?',
  takes: 'rolling',
  compose: composeGreaseChange,
  title: (names) => jobTitle(names, 'Change the grease', (many) => `Change the grease of ${many} positions`),
  // Nothing of the grease of before is left in it.
  asLeft: (inputs) => ({ ...inputs, grease: { ...inputs.grease, thickenerBefore: null } }),
}
