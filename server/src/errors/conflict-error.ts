import type { PositionDetail } from '@yardfrost/contract'

/** Somebody else saved first; carries what they left, so that the person can choose. */
export class ConflictError extends Error {
  override readonly name = 'ConflictError'
  readonly theirs: PositionDetail

  constructor(theirs: PositionDetail) {
    super(`${theirs.savedBy ?? 'Somebody'} saved this position since you opened it`)
    this.theirs = theirs
  }
}
