export { ApiError, apiErrorCodes, type ApiErrorCode } from './errors.ts'
export { Account, Role, roles, SignIn } from './session.ts'
export {
  MachinePosition,
  MachineSummary,
  PositionDetail,
  PositionHistory,
  PositionRevision,
  PositionSummary,
  type RollingDetail,
  SavePosition,
  SaveShaft,
  ShaftDetail,
  Yard,
} from './site.ts'
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
  EntriesKept,
  HeaterRun,
  HeaterSample,
  JobDetail,
  JobList,
  JobSummary,
  KeptEntry,
  largestPhoto,
  mostEntries,
  MoveJob,
  PlanJob,
  photoTypes,
  PointThermometer,
  StartHeaterRun,
  ThermometerReading,
} from './jobs.ts'
export { Health } from './health.ts'
export { Measurable, measurables, Reading, TakeReading } from './devices.ts'
export { type Access, type Answer, type Answered, type Asked, type Body, type Route } from './define-route.ts'
export { pathOf, type RouteName, routes } from './routes.ts'
