import type { MachineDetail, PositionDetail, ShaftDetail } from '@yardfrost/contract'

/** Somebody else saved first; carries what they left, so that the person can choose. */
export class ConflictError extends Error {
  override readonly name = 'ConflictError'
  readonly theirs: PositionDetail | ShaftDetail | MachineDetail

  constructor(theirs: PositionDetail | ShaftDetail | MachineDetail) {
    super(
      'inputs' in theirs
        ? `${theirs.savedBy ?? 'Somebody'} saved this position since you opened it`
        : `Somebody saved this ${'shaft' in theirs ? 'shaft' : 'machine'} since you opened it`,
    )
    this.theirs = theirs
  }
}
