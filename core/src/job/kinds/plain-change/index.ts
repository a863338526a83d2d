import { jobTitle } from '../../common/title.ts'
import type { JobKindFacts } from '../job-kind.ts'
import { plainAsLeft } from './as-left.ts'
import { composePlainChange } from './compose.ts'

/** Plain bearings of one machine changed, relined or refitted. */
export const plainChange: JobKindFacts<'plain'> = {
  name: 'Plain bearing change',
  question: 'Which plain bearings are changed?',
  takes: 'plain',
  compose: composePlainChange,
  title: (names) => jobTitle(names, 'Plain bearing', (many) => `Change ${many} plain bearings`),
  asLeft: plainAsLeft,
}
