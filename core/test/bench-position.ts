import { emptyPosition, lookUpBearing, RollingPosition, type RollingGroups } from '../src/index.ts'
import type { ResolvedBearing } from '../src/catalogue/resolve-bearing.ts'
import { catalogue } from './references.ts'

/** Changes to some groups of a position. */
export type Changes = { [G in keyof RollingGroups]?: Partial<RollingGroups[G]> | undefined }

/** An empty position with some groups changed. */
export function positionWith(changes: Changes): RollingPosition {
  const { schema: _schema, kind: _kind, ...empty } = emptyPosition()
  return RollingPosition.parse(
    Object.fromEntries(
      (Object.keys(empty) as (keyof RollingGroups)[]).map((group) => [group, { ...empty[group], ...changes[group] }]),
    ),
  )
}

/** A bearing that is in the tables. */
export function bearingOf(designation: string): ResolvedBearing {
  const found = lookUpBearing(designation, catalogue)
  if (found.kind !== 'found') throw new Error(`${designation} is not in the tables`)
  return found.bearing
}
