export { ApiError, apiErrorCodes, type ApiErrorCode } from './errors.ts'
export { Account, Role, roles, SignIn } from './session.ts'
export {
  MachinePosition,
  MachineSummary,
  PositionDetail,
  PositionHistory,
  PositionRevision,
  PositionState,
  PositionSummary,
  type PlainDetail,
  type RollingDetail,
  SavePosition,
  SaveShaft,
  ShaftDetail,
  Yard,
} from './site.ts'
export { MoveStock, SaveStock, Shelf, StockLine, StockTaken, Wanted } from './shelf.ts'
export { MakerFileQuery, MakerLists, MakerTaken } from './maker-values.ts'
export { AddLoose, FittedWhere, LooseBearing, PlaceLoose } from './loose.ts'
export {
  AddMachine,
  criticalities,
  Criticality,
  hoursSources,
  HoursSource,
  ImportLine,
  importOutcomes,
  ImportReport,
  MachineDetail,
  MachineEntry,
  mostImportLines,
  PositionKind,
  RegisterLine,
  RegisterPage,
  RegisterQuery,
  RenameArea,
  RetireMachine,
  SaveMachine,
  WalkAreas,
} from './register.ts'
export {
  AddEntries,
  AddJob,
  entriesAPage,
  EntriesKept,
  HeaterRun,
  HeaterSample,
  JobChange,
  JobDetail,
  JobList,
  JobSummary,
  KeptEntry,
  largestPhoto,
  mostEntries,
  MoveJob,
  PlanJob,
  photoTypes,
  roomForPhotos,
  PointThermometer,
  StartHeaterRun,
  ThermometerReading,
} from './jobs.ts'
export {
  AddRound,
  KeptRoundEntry,
  MeterReadings,
  MovePoints,
  PlantPoint,
  PlantPoints,
  PlantStop,
  PointHistory,
  Proposals,
  ReadMeter,
  RoundChange,
  RoundDetail,
  RoundEntriesKept,
  RoundGun,
  RoundPoint,
  RoundSummary,
  SavePoint,
  SaveRound,
  type OverduePoints,
  SayDone,
  SaveStops,
} from './rounds.ts'
export { PositionTrend, PositionTrends, ReadingDay, ReadingsTaken, Warming } from './readings.ts'
export { AddPerson, GivenLink, LinkDetail, Login, People, Person, PersonName, SavePerson } from './people.ts'
export { passwordTrouble, shortestPassword } from './password.ts'
export { MakeSite, StartState } from './start.ts'
export { BackupState, Keeping } from './keeping.ts'
export { JudgedOtherwise, JudgingState, SaveSettings, SettingsDetail } from './settings.ts'
export { Health } from './health.ts'
export {
  Measurable,
  measurables,
  Reading,
  Sensed,
  SenseHousing,
  TakeReading,
  TakeWeight,
  Weight,
  RecordVibration,
  VibrationRecord,
} from './devices.ts'
export { type Access, type Answer, type Answered, type Asked, type Body, type Route } from './define-route.ts'
export { pathOf, type RouteName, routes } from './routes.ts'
export {
  AddFitted,
  FindingDetail,
  FindingList,
  Fitted,
  FittedStory,
  FittedTaken,
  largestLog,
  LifeStatistics,
  LogLine,
  LogPage,
  LogQuery,
  LogStatistics,
  LogStatisticsQuery,
  ParetoStatistics,
  TrendOfFailures,
} from './log.ts'
