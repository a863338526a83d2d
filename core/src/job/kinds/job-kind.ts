import type { Catalogue } from '../../catalogue/catalogue.ts'
import type { Position, PositionKind } from '../../kinds/position.ts'
import type { JobStep } from '../../model/job.ts'
import type { JobProgress } from '../job-progress.ts'
import type { JobPosition } from './job-position.ts'

/** What a kind of work brings: its steps, what it is called, and what its readings leave in the positions. */
export interface JobKindFacts<K extends PositionKind> {
  /** What the kind is called. */
  name: string
  /** What is asked when such a job is made: the positions it is done on. */
  question: string
  /** Kind of position it is done on. */
  takes: K
  /** The steps, in working order, as the positions stand now. */
  compose: (positions: readonly JobPosition<K>[], catalogue: Catalogue) => JobStep[]
  /** @param names - of the positions */
  title: (names: readonly string[]) => string
  /** A position as the finished job leaves it. */
  asLeft: (
    inputs: Extract<Position, { kind: K }>,
    positionId: string,
    progress: JobProgress,
  ) => Extract<Position, { kind: K }>
}
