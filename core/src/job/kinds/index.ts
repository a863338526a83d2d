import type { Catalogue } from '../../catalogue/catalogue.ts'
import type { Position, PositionKind } from '../../kinds/position.ts'
import type { JobKind, JobStep } from '../../model/job.ts'
import type { JobProgress } from '../job-progress.ts'
import { bearingChange } from './bearing-change/index.ts'
import { greaseChange } from './grease-change/index.ts'
import type { JobKindFacts } from './job-kind.ts'
import type { JobPosition } from './job-position.ts'
import { plainChange } from './plain-change/index.ts'

/** Every kind of work. */
export const jobKinds = {
  'bearing-change': bearingChange,
  'grease-change': greaseChange,
  'plain-change': plainChange,
} as const satisfies { [K in JobKind]: JobKindFacts<'rolling'> | JobKindFacts<'plain'> }

/** The kind of work for positions of whichever kind; `takes` says which may come in. */
const anyKind = (kind: JobKind) => jobKinds[kind] as unknown as JobKindFacts<PositionKind>

/** Steps of a kind of work. @param positions - of the kind that the work takes */
export const composeJob = (
  kind: JobKind,
  positions: readonly JobPosition<PositionKind>[],
  catalogue: Catalogue,
): JobStep[] => anyKind(kind).compose(positions, catalogue)

/** A position as a finished job leaves it; one that the work is not for stays as it is. */
export const leftBy = (kind: JobKind, inputs: Position, positionId: string, progress: JobProgress): Position =>
  anyKind(kind).takes === inputs.kind ? anyKind(kind).asLeft(inputs, positionId, progress) : inputs
