import { FindingEntry } from '@yardfrost/core'
import { AddFitted, FindingDetail, FindingList, FittedStory, FittedTaken, largestLog, LogPage, LogQuery, LogStatistics, LogStatisticsQuery } from './log.ts' // prettier-ignore
import { SitePractices } from '@yardfrost/core'
import { z } from 'zod'
import {
  answers,
  creates,
  csv,
  defineRoute,
  file,
  json,
  nothing,
  picture,
  streams,
  type Route,
} from './define-route.ts'
import {
  Reading,
  SenseHousing,
  Sensed,
  TakeReading,
  TakeWeight,
  Weight,
  RecordVibration,
  VibrationRecord,
} from './devices.ts'
import { Health } from './health.ts'
import {
  AddEntries,
  AddJob,
  EntriesKept,
  EntriesQuery,
  EntryPage,
  HeaterRun,
  HeaterSample,
  JobChange,
  JobDetail,
  JobList,
  largestPhoto,
  MoveJob,
  PlanJob,
  PointThermometer,
  StartHeaterRun,
  ThermometerReading,
} from './jobs.ts'
import {
  AddMachine,
  ImportReport,
  largestImport,
  MachineDetail,
  RegisterPage,
  RegisterQuery,
  RenameArea,
  RetireMachine,
  SaveMachine,
  WalkAreas,
} from './register.ts'
import {
  AddPerson,
  ChangePassword,
  ChooseSite,
  GivenLink,
  LinkDetail,
  LookAtLink,
  People,
  Person,
  RetirePerson,
  SavePerson,
  UseLink,
} from './people.ts'
import {
  AddRound,
  CalendarState,
  GivenCalendar,
  MeterReadings,
  MovePoints,
  OverduePoints,
  PlantPoint,
  PlantPoints,
  PlantStops,
  PointHistory,
  Proposals,
  ReadMeter,
  RoundChange,
  RoundDetail,
  RoundEntriesKept,
  RoundList,
  SavePoint,
  SaveRound,
  SaveStops,
  SayDone,
} from './rounds.ts'
import { largestReadings, PositionTrends, ReadingsTaken, Warming } from './readings.ts'
import { Account, SignIn } from './session.ts'
import { LookAtStart, MakeSite, StartDetail, StartState } from './start.ts'
import { JudgingState, SaveSettings, SettingsDetail } from './settings.ts'
import { Keeping } from './keeping.ts'
import { AddLoose, FittedWhere, FittedWhereQuery, LooseBearings, PlaceLoose, RenameLoose } from './loose.ts'
import { AddStock, largestStock, MoveStock, SaveStock, Shelf, StockLine, StockTaken } from './shelf.ts'
import { largestMakerFile, MakerAnswer, MakerFileQuery, MakerLists, MakerQuery, MakerTaken } from './maker-values.ts'
import { PositionDetail, PositionHistory, SavePosition, SaveShaft, ShaftDetail, Yard } from './site.ts'

const Id = z.object({ id: z.uuid() })
const Names = z.array(z.string())
const largestCalculation = 4_000_000
const largestMoves = 4_000_000

/** Every route of the API, once. The server refuses to start while one of them is not served. */
export const routes = {
  health: defineRoute({ method: 'get', path: '/health', role: 'anyone', summary: 'Whether server and database answer', answer: answers(Health, 'Both do'), refusals: [503] }),

  signIn: defineRoute({ method: 'post', path: '/session', role: 'anyone', summary: 'Sign in', body: json(SignIn), answer: creates(Account, 'Signed in'), refusals: [401, 429] }),
  whoAmI: defineRoute({ method: 'get', path: '/session', role: 'anyone', summary: 'Who is signed in', answer: answers(Account.nullable(), 'The account, or null') }),
  signOut: defineRoute({ method: 'delete', path: '/session', role: 'anyone', summary: 'Sign out', answer: nothing('Signed out') }),

  signOutEverywhere: defineRoute({ method: 'delete', path: '/session/everywhere', role: 'viewer', summary: 'Sign out on every device', answer: nothing('Signed out') }),
  changePassword: defineRoute({ method: 'put', path: '/session/password', role: 'viewer', summary: 'Change one’s own password; other devices are signed out', body: json(ChangePassword), answer: answers(Account, 'Still signed in'), refusals: [429] }),
  chooseSite: defineRoute({ method: 'put', path: '/session/site', role: 'viewer', summary: 'Go to another site one belongs to', body: json(ChooseSite), answer: answers(Account, 'As one is there'), refusals: [404] }),

  start: defineRoute({ method: 'get', path: '/start', role: 'anyone', summary: 'Whether a site is there yet', answer: answers(StartState, 'How this server stands') }),
  lookAtStart: defineRoute({ method: 'post', path: '/start/word', role: 'anyone', summary: 'What a word of the start is good for', body: json(LookAtStart), answer: answers(StartDetail, 'The site that is to be made'), refusals: [404, 429] }),
  makeSite: defineRoute({ method: 'post', path: '/start', role: 'anyone', summary: 'Make a site and its first planner', body: json(MakeSite), answer: creates(Account, 'Made, and signed in'), refusals: [403, 409, 429] }),
  lookAtLink: defineRoute({ method: 'post', path: '/link/word', role: 'anyone', summary: 'Whom a link is for', body: json(LookAtLink), answer: answers(LinkDetail, 'Whom it is for'), refusals: [404, 429] }),
  useLink: defineRoute({ method: 'post', path: '/link', role: 'anyone', summary: 'Set a password by a link, or join another site; it is good once', body: json(UseLink), answer: creates(Account, 'Signed in'), refusals: [401, 404, 429] }),

  people: defineRoute({ method: 'get', path: '/people', role: 'planner', summary: 'People of the site', answer: answers(People, 'Those who have left come last') }),
  addPerson: defineRoute({ method: 'post', path: '/people', role: 'planner', summary: 'Add somebody, with a link to come in by', body: json(AddPerson), answer: creates(GivenLink, 'The link is shown this once') }),
  savePerson: defineRoute({ method: 'put', path: '/people/:id', role: 'planner', summary: 'Another name or role', params: Id, body: json(SavePerson), answer: answers(Person, 'As saved'), refusals: [409] }),
  retirePerson: defineRoute({ method: 'put', path: '/people/:id/service', role: 'planner', summary: 'Somebody leaves the site, or comes back', params: Id, body: json(RetirePerson), answer: answers(Person, 'As saved'), refusals: [409] }),
  linkPerson: defineRoute({ method: 'post', path: '/people/:id/link', role: 'planner', summary: 'A new link for somebody to set their password by', params: Id, answer: creates(GivenLink, 'The link is shown this once'), refusals: [409] }),

  yard: defineRoute({ method: 'get', path: '/yard', role: 'viewer', summary: 'The site in walking order', answer: answers(Yard, 'The site') }),
  areas: defineRoute({ method: 'get', path: '/areas', role: 'viewer', summary: 'Names of the areas of the site', answer: answers(Names, 'In walking order') }),
  renameArea: defineRoute({ method: 'put', path: '/areas/name', role: 'technician', summary: 'Give an area another name', body: json(RenameArea), answer: answers(Names, 'In walking order'), refusals: [404] }),
  walkAreas: defineRoute({ method: 'put', path: '/areas/order', role: 'technician', summary: 'Walk the areas in another order', body: json(WalkAreas), answer: answers(Names, 'In walking order') }),

  searchRegister: defineRoute({ method: 'get', path: '/register', role: 'viewer', summary: 'Search the register of machines', query: RegisterQuery, answer: answers(RegisterPage, 'One page of it') }),
  exportRegister: defineRoute({ method: 'get', path: '/register.csv', role: 'viewer', summary: 'The register as a file', answer: file('text/csv', 'One line a position') }),
  importRegister: defineRoute({ method: 'post', path: '/register/import', role: 'technician', summary: 'Bring a file into the register, or try it', query: z.strictObject({ save: z.stringbool().default(false) }), body: csv(largestImport), answer: answers(ImportReport, 'Line by line'), refusals: [413] }),

  addMachine: defineRoute({ method: 'post', path: '/machines', role: 'technician', summary: 'Add a machine, or a copy of one', body: json(AddMachine), answer: creates(MachineDetail, 'As added'), refusals: [404] }),
  machine: defineRoute({ method: 'get', path: '/machines/:id', role: 'viewer', summary: 'One machine', params: Id, answer: answers(MachineDetail, 'The machine') }),
  saveMachine: defineRoute({ method: 'put', path: '/machines/:id', role: 'technician', summary: 'Save the entry of a machine and its positions', params: Id, body: json(SaveMachine), answer: answers(MachineDetail, 'As saved'), conflict: MachineDetail }),
  retireMachine: defineRoute({ method: 'put', path: '/machines/:id/service', role: 'technician', summary: 'Take a machine out of service, or back', params: Id, body: json(RetireMachine), answer: answers(MachineDetail, 'As saved'), conflict: MachineDetail }),
  shaft: defineRoute({ method: 'get', path: '/machines/:id/shaft', role: 'viewer', summary: 'The shaft of a machine with its positions', params: Id, answer: answers(ShaftDetail, 'The shaft, or null in its place') }),
  saveShaft: defineRoute({ method: 'put', path: '/machines/:id/shaft', role: 'technician', summary: 'Save the shaft of a machine and judge its positions anew', params: Id, body: json(SaveShaft), answer: answers(ShaftDetail, 'As saved'), conflict: ShaftDetail }),

  position: defineRoute({ method: 'get', path: '/positions/:id', role: 'viewer', summary: 'One position', params: Id, answer: answers(PositionDetail, 'The position') }),
  savePosition: defineRoute({ method: 'put', path: '/positions/:id', role: 'technician', summary: 'Save a position', params: Id, body: json(SavePosition), answer: answers(PositionDetail, 'As saved'), conflict: PositionDetail }),
  history: defineRoute({ method: 'get', path: '/positions/:id/history', role: 'viewer', summary: 'Saves of a position, newest first', params: Id, answer: answers(PositionHistory, 'The saves') }),

  practices: defineRoute({ method: 'get', path: '/practices', role: 'viewer', summary: 'Practices the site goes by', answer: answers(SitePractices, 'Null where it goes by the default') }),
  savePractices: defineRoute({ method: 'put', path: '/practices', role: 'planner', summary: 'Go by other practices; every position of the site is judged anew', body: json(SitePractices), answer: answers(SitePractices, 'As saved') }),

  settings: defineRoute({ method: 'get', path: '/site/settings', role: 'viewer', summary: 'What the site settles for all its positions', answer: answers(SettingsDetail, 'The settings and their version') }),
  saveSettings: defineRoute({ method: 'put', path: '/site/settings', role: 'planner', summary: 'Settle it otherwise; positions judged by it are judged anew', body: json(SaveSettings), answer: answers(SettingsDetail, 'As saved'), conflict: SettingsDetail }),
  judging: defineRoute({ method: 'get', path: '/site/judging', role: 'viewer', summary: 'How far the judging of the whole site is, and what it changed', answer: answers(JudgingState.nullable(), 'Null where it never was') }),
  keeping: defineRoute({ method: 'get', path: '/site/keeping', role: 'planner', summary: 'Backups, and room for photographs', answer: answers(Keeping, 'How the site is kept') }),

  jobs: defineRoute({ method: 'get', path: '/jobs', role: 'viewer', summary: 'Jobs, open ones first', answer: answers(JobList, 'The jobs') }),
  addJob: defineRoute({ method: 'post', path: '/jobs', role: 'technician', summary: 'Make a job of some positions of a machine', body: json(AddJob), answer: creates(JobDetail, 'As made'), refusals: [404] }),
  job: defineRoute({ method: 'get', path: '/jobs/:id', role: 'viewer', summary: 'One job with its first entries', params: Id, answer: answers(JobDetail, 'The job') }),
  entries: defineRoute({ method: 'get', path: '/jobs/:id/entries', role: 'viewer', summary: 'Entries of a job after one of them, a page', params: Id, query: EntriesQuery, answer: answers(EntryPage, 'In order') }),
  addEntries: defineRoute({ method: 'post', path: '/jobs/:id/entries', role: 'technician', summary: 'Add entries in their order; each counts once, and each is answered', params: Id, body: json(AddEntries, { itemByItem: true }), answer: answers(EntriesKept, 'What became of each'), refusals: [409] }),
  moveJob: defineRoute({ method: 'put', path: '/jobs/:id/state', role: 'technician', summary: 'Let a job wait, go on, or cancel it', params: Id, body: json(MoveJob), answer: answers(JobDetail, 'As it is now'), refusals: [409] }),
  planJob: defineRoute({ method: 'put', path: '/jobs/:id/plan', role: 'technician', summary: 'Plan a job for another day, or for none', params: Id, body: json(PlanJob), answer: answers(JobDetail, 'As it is now'), refusals: [409] }),
  closeJob: defineRoute({ method: 'post', path: '/jobs/:id/close', role: 'technician', summary: 'Close a job, and leave its positions as its readings have them', params: Id, answer: answers(JobDetail, 'As it is now'), refusals: [409] }),
  addPhoto: defineRoute({ method: 'put', path: '/jobs/:id/photos/:photoId', role: 'technician', summary: 'Keep a photograph of a job; one that was sent before is kept once', params: Id.extend({ photoId: z.uuid() }), body: picture(largestPhoto), answer: creates(Id, 'Kept'), refusals: [409, 413] }),
  photo: defineRoute({ method: 'get', path: '/jobs/:id/photos/:photoId', role: 'viewer', summary: 'One photograph of a job', params: Id.extend({ photoId: z.uuid() }), answer: file('image/*', 'The photograph') }),
  watchJob: defineRoute({ method: 'get', path: '/jobs/:id/events', role: 'viewer', summary: 'The job, then what changes of it', params: Id, answer: streams({ job: JobDetail, change: JobChange }, 'Server-sent events: the job once, then each change'), refusals: [429] }),
  exportJob: defineRoute({ method: 'get', path: '/jobs/:id/export.json', role: 'viewer', summary: 'A job as a file', params: Id, answer: answers(JobDetail, 'The job') }),
  exportReadings: defineRoute({ method: 'get', path: '/jobs/:id/export.csv', role: 'viewer', summary: 'The readings of a job as a file', params: Id, answer: file('text/csv', 'One line a reading') }),

  points: defineRoute({ method: 'get', path: '/points', role: 'viewer', summary: 'Everything that is greased, oiled or looked at, and when it is due', answer: answers(PlantPoints, 'In walking order') }),
  point: defineRoute({ method: 'get', path: '/points/:id', role: 'viewer', summary: 'One point', params: Id, answer: answers(PlantPoint, 'The point') }),
  overduePoints: defineRoute({ method: 'get', path: '/overdue', role: 'viewer', summary: 'Points that are overdue and can be reached', answer: answers(OverduePoints, 'In walking order') }),
  exportPoints: defineRoute({ method: 'get', path: '/points.csv', role: 'viewer', summary: 'Everything that comes due, as a file', answer: file('text/csv', 'One line a point') }),
  proposals: defineRoute({ method: 'get', path: '/proposals', role: 'viewer', summary: 'Points whose interval should be another one, by what came out', answer: answers(Proposals, 'In walking order') }),
  pointHistory: defineRoute({ method: 'get', path: '/points/:id/history', role: 'viewer', summary: 'What was done at a point, and what was settled for it', params: Id, answer: answers(PointHistory, 'Newest first') }),
  savePoint: defineRoute({ method: 'put', path: '/points/:id', role: 'technician', summary: 'Settle something for a point: its interval, how it is reached, when it was last done', params: Id, body: json(SavePoint), answer: answers(PlantPoint, 'As saved'), conflict: PlantPoint }),
  sayDone: defineRoute({ method: 'put', path: '/last-done', role: 'technician', summary: 'Say of many points at once when they were last done', body: json(SayDone, { limit: largestMoves }), answer: answers(PlantPoints, 'As they are now'), refusals: [404, 413] }),
  movePoints: defineRoute({ method: 'put', path: '/weeks', role: 'technician', summary: 'Move points to other weeks, within their tolerance', body: json(MovePoints, { limit: largestMoves }), answer: answers(PlantPoints, 'As they are now'), refusals: [404, 413] }),
  saveStops: defineRoute({ method: 'put', path: '/plant-stops', role: 'planner', summary: 'When the plant stands', body: json(SaveStops), answer: answers(PlantStops, 'As saved') }),
  meter: defineRoute({ method: 'get', path: '/machines/:id/meter', role: 'viewer', summary: 'Hour meter of a machine', params: Id, answer: answers(MeterReadings, 'Latest reading first') }),
  readMeter: defineRoute({ method: 'post', path: '/machines/:id/meter', role: 'technician', summary: 'Enter a reading of an hour meter, or that it was replaced', params: Id, body: json(ReadMeter), answer: creates(MeterReadings, 'As they are now') }),

  trends: defineRoute({ method: 'get', path: '/positions/:id/trends', role: 'viewer', summary: 'What was read at a position, by days, and where it is going', params: Id, answer: answers(PositionTrends, 'By quantity') }),
  exportTrends: defineRoute({ method: 'get', path: '/positions/:id/readings.csv', role: 'viewer', summary: 'Readings of a position as a file', params: Id, answer: file('text/csv', 'One line a reading') }),
  warming: defineRoute({ method: 'get', path: '/warming', role: 'viewer', summary: 'Positions whose readings go towards a limit, or are over one', answer: answers(Warming, 'In walking order') }),
  importReadings: defineRoute({ method: 'post', path: '/readings', role: 'technician', summary: 'Take a file of readings in', body: csv(largestReadings), answer: creates(ReadingsTaken, 'What became of it'), refusals: [413] }),

  rounds: defineRoute({ method: 'get', path: '/rounds', role: 'viewer', summary: 'Rounds of the site, open ones first', answer: answers(RoundList, 'The rounds') }),
  addRound: defineRoute({ method: 'post', path: '/rounds', role: 'technician', summary: 'Make a round of points', body: json(AddRound), answer: creates(RoundDetail, 'In walking order'), refusals: [404] }),
  round: defineRoute({ method: 'get', path: '/rounds/:id', role: 'viewer', summary: 'One round with its points and entries', params: Id, answer: answers(RoundDetail, 'The round') }),
  addRoundEntries: defineRoute({ method: 'post', path: '/rounds/:id/entries', role: 'technician', summary: 'Add entries in their order; each counts once, and each is answered', params: Id, body: json(AddEntries, { itemByItem: true }), answer: answers(RoundEntriesKept, 'What became of each'), refusals: [409] }),
  addRoundPhoto: defineRoute({ method: 'put', path: '/rounds/:id/photos/:photoId', role: 'technician', summary: 'Keep a photograph of a round; one that was sent before is kept once', params: Id.extend({ photoId: z.uuid() }), body: picture(largestPhoto), answer: creates(Id, 'Kept'), refusals: [409, 413] }),
  roundPhoto: defineRoute({ method: 'get', path: '/rounds/:id/photos/:photoId', role: 'viewer', summary: 'One photograph of a round', params: Id.extend({ photoId: z.uuid() }), answer: file('image/*', 'The photograph') }),
  saveRound: defineRoute({ method: 'put', path: '/rounds/:id', role: 'technician', summary: 'Change a round: its name, day, walker, points', params: Id, body: json(SaveRound), answer: answers(RoundDetail, 'As it is now'), conflict: RoundDetail }),
  closeRound: defineRoute({ method: 'post', path: '/rounds/:id/close', role: 'technician', summary: 'Close a round; what was not done stays due', params: Id, answer: answers(RoundDetail, 'As it is now'), refusals: [409] }),
  exportRound: defineRoute({ method: 'get', path: '/rounds/:id/export.csv', role: 'viewer', summary: 'A round as a file', params: Id, answer: file('text/csv', 'One line a point') }),
  watchRound: defineRoute({ method: 'get', path: '/rounds/:id/events', role: 'viewer', summary: 'The round, then what changes of it', params: Id, answer: streams({ round: RoundDetail, change: RoundChange }, 'Server-sent events: the round once, then each change'), refusals: [429] }),

  calendar: defineRoute({ method: 'get', path: '/my-calendar', role: 'viewer', summary: 'Whether one has a calendar to subscribe to', answer: answers(CalendarState, 'Since when') }),
  makeCalendar: defineRoute({ method: 'post', path: '/my-calendar', role: 'viewer', summary: 'Another secret address of one’s calendar; the one before is good no more', answer: creates(GivenCalendar, 'The address is shown this once') }),
  dropCalendar: defineRoute({ method: 'delete', path: '/my-calendar', role: 'viewer', summary: 'No address any more', answer: nothing('It is good no more') }),
  calendarFeed: defineRoute({ method: 'get', path: '/calendars/:word', role: 'anyone', summary: 'The calendar of whoever has the address', params: z.object({ word: z.string().min(20).max(80) }), answer: file('text/calendar', 'iCalendar'), refusals: [404] }),

  log: defineRoute({ method: 'get', path: '/log', role: 'viewer', summary: 'Every bearing ever fitted, by position', query: LogQuery, answer: answers(LogPage, 'In walking order') }),
  logStatistics: defineRoute({ method: 'get', path: '/log/statistics', role: 'viewer', summary: 'How long they lasted, which positions eat bearings, whether it gets better', query: LogStatisticsQuery, answer: answers(LogStatistics, 'What there is to say') }),
  exportLog: defineRoute({ method: 'get', path: '/log.csv', role: 'viewer', summary: 'Every bearing ever fitted, as a file', answer: file('text/csv', 'One line a bearing') }),
  importLog: defineRoute({ method: 'post', path: '/log', role: 'technician', summary: 'Take a file of fitted bearings in, or try it', query: z.strictObject({ save: z.stringbool().default(false) }), body: csv(largestLog), answer: answers(FittedTaken, 'What became of each line'), refusals: [413] }),
  addFitted: defineRoute({ method: 'post', path: '/fitted', role: 'technician', summary: 'Add a bearing of an old book', body: json(AddFitted), answer: creates(FittedStory, 'As kept'), refusals: [404] }),
  fitted: defineRoute({ method: 'get', path: '/fitted/:id', role: 'viewer', summary: 'One bearing with its whole story', params: Id, answer: answers(FittedStory, 'The story') }),
  loose: defineRoute({ method: 'get', path: '/loose', role: 'viewer', summary: 'Bearings on benches of their own, with no machine', answer: answers(LooseBearings, 'The one saved last first') }),
  addLoose: defineRoute({ method: 'post', path: '/loose', role: 'technician', summary: 'Put a bearing on a bench of its own', body: json(AddLoose), answer: creates(Id, 'Its position, opened as any other') }),
  renameLoose: defineRoute({ method: 'put', path: '/loose/:id/name', role: 'technician', summary: 'Another name for a loose bearing', params: Id, body: json(RenameLoose), answer: nothing('Renamed'), refusals: [404] }),
  placeLoose: defineRoute({ method: 'put', path: '/loose/:id/machine', role: 'technician', summary: 'Take a loose bearing to a machine, as a position of its own', params: Id, body: json(PlaceLoose), answer: answers(PositionDetail, 'The position, judged on its machine'), refusals: [404] }),
  takeOffLoose: defineRoute({ method: 'delete', path: '/loose/:id', role: 'technician', summary: 'Take a loose bearing off its bench; its history stays', params: Id, answer: nothing('Taken off'), refusals: [404] }),
  whereFitted: defineRoute({ method: 'get', path: '/fitted-where', role: 'viewer', summary: 'Positions in service with a bearing of a base number, whatever its suffixes', query: FittedWhereQuery, answer: answers(FittedWhere, 'In walking order') }),

  shelf: defineRoute({ method: 'get', path: '/shelf', role: 'viewer', summary: 'What lies in stock, what open jobs want of it, and what is fitted', answer: answers(Shelf, 'The shelf') }),
  addStock: defineRoute({ method: 'post', path: '/shelf', role: 'technician', summary: 'Put a number in a place of the shelf', body: json(AddStock), answer: creates(StockLine, 'The line') }),
  exportStock: defineRoute({ method: 'get', path: '/shelf.csv', role: 'viewer', summary: 'What lies in stock, as a file', answer: file('text/csv', 'One line for each number in each place') }),
  importStock: defineRoute({ method: 'post', path: '/shelf/file', role: 'technician', summary: 'Take a file of stock in, or try it', query: z.strictObject({ save: z.stringbool().default(false) }), body: csv(largestStock), answer: answers(StockTaken, 'What became of each line'), refusals: [413] }),
  saveStock: defineRoute({ method: 'put', path: '/shelf/:id', role: 'technician', summary: 'Change what is said of a line, but for its count', params: Id, body: json(SaveStock), answer: answers(StockLine, 'As saved'), refusals: [404, 409] }),
  moveStock: defineRoute({ method: 'post', path: '/shelf/:id/moves', role: 'technician', summary: 'Put bearings in, take them out, or say how many were counted', params: Id, body: json(MoveStock), answer: answers(StockLine, 'The line as it is now'), refusals: [404] }),
  dropStock: defineRoute({ method: 'delete', path: '/shelf/:id', role: 'technician', summary: 'Take a line off the shelf', params: Id, answer: nothing('Taken off'), refusals: [404] }),

  makerValues: defineRoute({ method: 'get', path: '/maker-values', role: 'viewer', summary: 'What a maker’s list says of a designation', query: MakerQuery, answer: answers(MakerAnswer, 'The values, or null') }),
  makerLists: defineRoute({ method: 'get', path: '/maker-lists', role: 'viewer', summary: 'Makers’ lists that were taken in', answer: answers(MakerLists, 'By name') }),
  exportMakerValues: defineRoute({ method: 'get', path: '/maker-values.csv', role: 'viewer', summary: 'Everything makers’ lists say, as a file', answer: file('text/csv', 'One line a number') }),
  importMakerValues: defineRoute({ method: 'post', path: '/maker-values', role: 'planner', summary: 'Take a maker’s list in, or try it', query: MakerFileQuery, body: csv(largestMakerFile), answer: answers(MakerTaken, 'What became of each line'), refusals: [413] }),
  dropMakerList: defineRoute({ method: 'delete', path: '/maker-lists', role: 'planner', summary: 'Take a maker’s list off', query: z.strictObject({ list: z.string().min(1).max(60) }), answer: nothing('Taken off') }),

  addFinding: defineRoute({ method: 'post', path: '/positions/:id/findings', role: 'technician', summary: 'Keep what was found of a bearing; one that was sent before is kept once', params: Id, body: json(FindingEntry), answer: creates(FindingDetail, 'As kept'), refusals: [404] }),
  addBenchPhoto: defineRoute({ method: 'put', path: '/positions/:id/photos/:photoId', role: 'technician', summary: 'Keep a photograph of a bearing on the bench; one that was sent before is kept once', params: Id.extend({ photoId: z.uuid() }), body: picture(largestPhoto), answer: creates(Id, 'Kept'), refusals: [404, 413] }),
  benchPhoto: defineRoute({ method: 'get', path: '/positions/:id/photos/:photoId', role: 'viewer', summary: 'One photograph of a bearing on the bench', params: Id.extend({ photoId: z.uuid() }), answer: file('image/*', 'The photograph') }),
  findings: defineRoute({ method: 'get', path: '/positions/:id/findings', role: 'viewer', summary: 'What was found at a position, newest first', params: Id, answer: answers(FindingList, 'The findings') }),
  finding: defineRoute({ method: 'get', path: '/findings/:id', role: 'viewer', summary: 'One finding', params: Id, answer: answers(FindingDetail, 'The finding') }),
  exportFinding: defineRoute({ method: 'get', path: '/findings/:id/export.json', role: 'viewer', summary: 'A finding as a file', params: Id, answer: answers(FindingDetail, 'The finding') }),
  exportFindingCsv: defineRoute({ method: 'get', path: '/findings/:id/export.csv', role: 'viewer', summary: 'The signs and causes of a finding as a file', params: Id, answer: file('text/csv', 'One line a sign or cause') }),

  takeReading: defineRoute({ method: 'post', path: '/devices/gauge/readings', role: 'viewer', summary: 'Take one reading with the gauge of the shop', body: json(TakeReading), answer: creates(Reading, 'The reading'), refusals: [404, 502] }),
  takeWeight: defineRoute({ method: 'post', path: '/devices/scale/readings', role: 'technician', summary: 'Weigh strokes of a grease gun with the scale of the shop', body: json(TakeWeight), answer: creates(Weight, 'What they weigh'), refusals: [502] }),
  senseHousing: defineRoute({ method: 'post', path: '/devices/probe/readings', role: 'viewer', summary: 'Read a housing with the vibration pen, the ultrasound probe or the contact thermometer of the shop', body: json(SenseHousing), answer: creates(Sensed, 'What it reads'), refusals: [404, 502] }),
  recordVibration: defineRoute({ method: 'post', path: '/devices/analyser/records', role: 'viewer', summary: 'Record the vibration of a housing with the collector of the shop', body: json(RecordVibration), answer: creates(VibrationRecord, 'The record'), refusals: [404, 502] }),
  pointThermometer: defineRoute({ method: 'post', path: '/devices/thermometer/readings', role: 'viewer', summary: 'What the infrared thermometer shows of a piece', body: json(PointThermometer), answer: creates(ThermometerReading, 'What it shows, uncorrected'), refusals: [502] }),
  startHeater: defineRoute({ method: 'post', path: '/devices/heater-runs', role: 'technician', summary: 'Switch the heater on for a step of a job or a position; aim and limit are worked out here', body: json(StartHeaterRun), answer: creates(HeaterRun, 'What it is told'), refusals: [404, 409] }),
  watchHeater: defineRoute({ method: 'get', path: '/devices/heater-runs/:id', role: 'viewer', summary: 'Watch a heater that is on; it goes off when nobody does', params: Id, answer: streams({ sample: HeaterSample, trouble: z.object({ message: z.string(), fix: z.string() }) }, 'Server-sent events: sample, trouble'), refusals: [429] }),

  calculations: defineRoute({ method: 'get', path: '/calc', role: 'anyone', summary: 'The calculations by name', answer: answers(z.array(z.object({ name: z.string(), title: z.string(), source: z.string() })), 'Name, title and source of each') }),
  calculate: defineRoute({ method: 'post', path: '/calc/:name', role: 'anyone', summary: 'Run a calculation on one input or a list of them', params: z.object({ name: z.string() }), body: json(z.unknown(), { limit: largestCalculation }), answer: answers(z.unknown(), 'The output; a list for a list'), refusals: [413] }),
  openApi: defineRoute({ method: 'get', path: '/openapi.json', role: 'anyone', summary: 'This document', answer: answers(z.looseObject({}), 'OpenAPI 3.1') }),
} as const satisfies Record<string, Route> // prettier-ignore

export type RouteName = keyof typeof routes

/** Path of a route with its parameters in place. */
export const pathOf = (route: Route, params: Record<string, unknown>): string =>
  route.path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(String(params[name])))
