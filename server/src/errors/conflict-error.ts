import type {
  MachineDetail,
  PlantPoint,
  PositionDetail,
  RoundDetail,
  SettingsDetail,
  ShaftDetail,
  StockLine,
} from '@yardfrost/contract'

type Theirs = PositionDetail | ShaftDetail | MachineDetail | SettingsDetail | PlantPoint | RoundDetail | StockLine

const whatIs = (theirs: Exclude<Theirs, PositionDetail>): string =>
  'least' in theirs
    ? 'This line of the shelf was'
    : 'work' in theirs
      ? 'This point was'
      : 'guns' in theirs
        ? 'This round was'
        : 'settings' in theirs
          ? 'These settings were'
          : 'shaft' in theirs
            ? 'This shaft was'
            : 'This machine was'

/** Somebody else saved first; carries what they left, so that the person can choose. */
export class ConflictError extends Error {
  override readonly name = 'ConflictError'
  readonly theirs: Theirs

  constructor(theirs: Theirs) {
    super(
      'inputs' in theirs
        ? `${theirs.savedBy ?? 'Somebody'} saved this position since you opened it`
        : `${whatIs(theirs)} saved by somebody since you opened it`,
    )
    this.theirs = theirs
  }
}
