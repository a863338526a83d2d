import { capital } from '../../../words/quantities.ts'
import type { JobKindFacts } from '../job-kind.ts'
import { composeGreaseChange } from './compose.ts'

/** More names than this are counted instead. */
const mostNamed = 3

/** Another grease in the bearings of one machine. */
export const greaseChange: JobKindFacts<'rolling'> = {
  name: 'Change of grease',
  question: 'Which bearings get another grease?',
  takes: 'rolling',
  compose: composeGreaseChange,
  title: (names) =>
    names.length > mostNamed
      ? `Change the grease of ${names.length} positions`
      : capital(`change the grease, ${names.map((name) => name.toLowerCase()).join(' and ')}`),
  // Nothing of the grease of before is left in it.
  asLeft: (inputs) => ({ ...inputs, grease: { ...inputs.grease, thickenerBefore: null } }),
}
