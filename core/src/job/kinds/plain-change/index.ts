import { capital } from '../../../words/quantities.ts'
import type { JobKindFacts } from '../job-kind.ts'
import { plainAsLeft } from './as-left.ts'
import { composePlainChange } from './compose.ts'

/** More names than this are counted instead. */
const mostNamed = 3

/** Plain bearings of one machine changed, relined or refitted. */
export const plainChange: JobKindFacts<'plain'> = {
  name: 'Plain bearing change',
  question: 'Which plain bearings are changed?',
  takes: 'plain',
  compose: composePlainChange,
  title: (names) =>
    names.length > mostNamed
      ? `Change ${names.length} plain bearings`
      : capital(`plain bearing, ${names.map((name) => name.toLowerCase()).join(' and ')}`),
  asLeft: plainAsLeft,
}
