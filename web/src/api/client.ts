import {
  ApiError,
  pathOf,
  routes,
  type Answered,
  type Asked,
  type PointThermometer,
  type LogQuery,
  type LogStatisticsQuery,
  type RegisterQuery,
  type Route,
  type RouteName,
} from '@yardfrost/contract'
import { z } from 'zod'
import { keepAnswer, keptAnswer } from './kept-answers.ts'
import { showsKept } from './network.ts'

/** An answer that is not what was asked for, or none at all. The message and the fix are for the person. */
export class ApiFailure extends Error {
  override readonly name = 'ApiFailure'
  readonly status: number
  readonly code: string
  readonly fix: string
  /** Field that was refused, as the API names it. */
  readonly field: string | null
  readonly body: unknown

  constructor(
    status: number,
    error: { code: string; message: string; fix: string; field?: string | null | undefined },
    body: unknown = null,
  ) {
    super(error.message)
    this.status = status
    this.code = error.code
    this.fix = error.fix
    this.field = error.field ?? null
    this.body = body
  }

  /** Whether it may go better by itself: the network, the server or its database is away, or asked for patience. */
  get passes(): boolean {
    return this.status === 0 || this.status === 429 || this.status >= 500
  }
}

/** A save that came second: `theirs` is what is on the server now. */
export class SaveConflict extends ApiFailure {
  readonly theirs: unknown

  constructor(failure: ApiFailure, theirs: unknown) {
    super(failure.status, failure, failure.body)
    this.theirs = theirs
  }
}

type Routes = typeof routes
type Sent<R extends Route> = Partial<Pick<Asked<R>, 'params'>> & { query?: object; body?: unknown }

const bodyTypes = { csv: 'text/csv', json: 'application/json', picture: 'application/octet-stream' } as const

/** Sends a request of a route and returns what comes back, unread. */
async function fetchAnswer(route: Route, path: string, body: unknown): Promise<unknown> {
  const as = route.body?.as
  let response: Response
  try {
    response = await fetch(`/api${path}`, {
      method: route.method.toUpperCase(),
      ...(as === undefined
        ? {}
        : {
            body: as === 'json' ? JSON.stringify(body) : (body as string | Blob),
            headers: { 'content-type': (body instanceof Blob && body.type) || bodyTypes[as] },
          }),
    })
  } catch (error) {
    if (!(error instanceof TypeError)) throw error
    throw new ApiFailure(0, {
      code: 'NO_SERVER',
      message: 'The server does not answer',
      fix: 'Nothing on the page is lost. Check the network and try again.',
    })
  }
  const answer: unknown = response.status === 204 ? null : await response.json().catch(() => null)
  if (response.ok) return answer
  const told = ApiError.safeParse(answer)
  throw new ApiFailure(
    response.status,
    told.success
      ? told.data.error
      : { code: 'UNEXPECTED', message: `The server answered ${response.status}`, fix: 'Try again in a moment.' },
    answer,
  )
}

const addressOf = (route: Route, { params = {}, query = {} }: Sent<Route>): string => {
  const asked = Object.entries(query).flatMap(([key, value]): [string, string][] =>
    value === null || value === undefined || value === '' ? [] : [[key, String(value)]],
  )
  return pathOf(route, params) + (asked.length > 0 ? `?${new URLSearchParams(asked)}` : '')
}

const read = <R extends Route>({ answer }: R, given: unknown): Answered<R> =>
  (answer.as === 'json' ? answer.schema.parse(given) : undefined) as Answered<R>

/** Asks a route of the contract. A save that came second throws SaveConflict. */
async function ask<N extends RouteName>(name: N, sent: Sent<Routes[N]> = {}): Promise<Answered<Routes[N]>> {
  const route: Route = routes[name]
  const path = addressOf(route, sent)
  try {
    const answer = await fetchAnswer(route, path, sent.body)
    // What was saved is what would be read now.
    if (route.conflict) void keepAnswer(path, answer)
    return read(routes[name], answer)
  } catch (error) {
    if (route.conflict && error instanceof ApiFailure && error.status === 409)
      throw new SaveConflict(error, route.conflict.parse(z.object({ theirs: z.unknown() }).parse(error.body).theirs))
    throw error
  }
}

const isAnswering = async (): Promise<boolean> => {
  try {
    await ask('whoAmI')
    return true
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    return !error.passes
  }
}

/** Asks what is needed on the floor: where the server cannot be asked, what it last said, and the screen tells so. */
async function askKept<N extends RouteName>(name: N, sent: Sent<Routes[N]> = {}): Promise<Answered<Routes[N]>> {
  const route: Route = routes[name]
  const path = addressOf(route, sent)
  try {
    const answer = await fetchAnswer(route, path, undefined)
    void keepAnswer(path, answer)
    return read(routes[name], answer)
  } catch (error) {
    if (!(error instanceof ApiFailure) || !error.passes || route.answer.as !== 'json') throw error
    const kept = await keptAnswer(route.answer.schema, path)
    if (!kept) throw error
    showsKept(kept.at, isAnswering)
    return kept.answer as Answered<Routes[N]>
  }
}

type BodyOf<N extends RouteName> = Asked<Routes[N]>['body']

/** The server as the pages ask it. */
export const api = {
  /** Who is signed in; null when nobody is. */
  whoAmI: () => askKept('whoAmI'),
  signIn: async (body: BodyOf<'signIn'>) => {
    const account = await ask('signIn', { body })
    void keepAnswer(routes.whoAmI.path, account)
    return account
  },
  signOut: () => ask('signOut'),
  signOutEverywhere: () => ask('signOutEverywhere'),
  changePassword: (body: BodyOf<'changePassword'>) => ask('changePassword', { body }),
  chooseSite: (siteId: string) => ask('chooseSite', { body: { siteId } }),
  /** How the server stands before anybody signs in. */
  start: () => ask('start'),
  lookAtStart: (word: string) => ask('lookAtStart', { body: { word } }),
  makeSite: (body: z.input<Routes['makeSite']['body']['schema']>) => ask('makeSite', { body }),
  lookAtLink: (word: string) => ask('lookAtLink', { body: { word } }),
  useLink: (body: BodyOf<'useLink'>) => ask('useLink', { body }),
  settings: () => ask('settings'),
  saveSettings: (body: BodyOf<'saveSettings'>) => ask('saveSettings', { body }),
  judging: () => ask('judging'),
  keeping: () => ask('keeping'),
  people: () => ask('people'),
  addPerson: (body: BodyOf<'addPerson'>) => ask('addPerson', { body }),
  savePerson: (id: string, body: BodyOf<'savePerson'>) => ask('savePerson', { params: { id }, body }),
  retirePerson: (id: string, retired: boolean) => ask('retirePerson', { params: { id }, body: { retired } }),
  linkPerson: (id: string) => ask('linkPerson', { params: { id } }),
  yard: () => askKept('yard'),
  machine: (id: string) => askKept('machine', { params: { id } }),
  shaft: (id: string) => askKept('shaft', { params: { id } }),
  saveShaft: (id: string, body: BodyOf<'saveShaft'>) => ask('saveShaft', { params: { id }, body }),
  position: (id: string) => askKept('position', { params: { id } }),
  history: (id: string) => ask('history', { params: { id } }),
  savePosition: (id: string, body: BodyOf<'savePosition'>) => ask('savePosition', { params: { id }, body }),
  savePractices: (body: BodyOf<'savePractices'>) => ask('savePractices', { body }),
  searchRegister: (query: RegisterQuery) => ask('searchRegister', { query }),
  areas: () => ask('areas'),
  renameArea: (body: BodyOf<'renameArea'>) => ask('renameArea', { body }),
  walkAreas: (body: BodyOf<'walkAreas'>) => ask('walkAreas', { body }),
  addMachine: (body: z.input<Routes['addMachine']['body']['schema']>) => ask('addMachine', { body }),
  saveMachine: (id: string, body: z.input<Routes['saveMachine']['body']['schema']>) =>
    ask('saveMachine', { params: { id }, body }),
  /** Takes a machine out of service, or back. */
  retireMachine: (id: string, body: BodyOf<'retireMachine'>) => ask('retireMachine', { params: { id }, body }),
  /** Brings a file into the register; without `save` it only says what would be done. */
  importRegister: (csv: string, save: boolean) => ask('importRegister', { query: { save }, body: csv }),
  jobs: () => askKept('jobs'),
  job: (id: string) => askKept('job', { params: { id } }),
  /** Entries of a job after one of them. */
  entries: (id: string, after: number) => ask('entries', { params: { id }, query: { after } }),
  addJob: (body: z.input<Routes['addJob']['body']['schema']>) => ask('addJob', { body }),
  addEntries: (id: string, entries: BodyOf<'addEntries'>['entries']) =>
    ask('addEntries', { params: { id }, body: { entries } }),
  moveJob: (id: string, body: z.input<Routes['moveJob']['body']['schema']>) => ask('moveJob', { params: { id }, body }),
  planJob: (id: string, body: BodyOf<'planJob'>) => ask('planJob', { params: { id }, body }),
  closeJob: (id: string) => ask('closeJob', { params: { id } }),
  addRoundPhoto: (id: string, photoId: string, photo: Blob) =>
    ask('addRoundPhoto', { params: { id, photoId }, body: photo }),
  addPhoto: (id: string, photoId: string, photo: Blob) => ask('addPhoto', { params: { id, photoId }, body: photo }),
  points: () => askKept('points'),
  proposals: () => askKept('proposals'),
  pointHistory: (id: string) => ask('pointHistory', { params: { id } }),
  overduePoints: () => askKept('overduePoints'),
  saveRound: (id: string, body: z.input<Routes['saveRound']['body']['schema']>) =>
    ask('saveRound', { params: { id }, body }),
  sayDone: (body: BodyOf<'sayDone'>) => ask('sayDone', { body }),
  savePoint: (id: string, body: z.input<Routes['savePoint']['body']['schema']>) =>
    ask('savePoint', { params: { id }, body }),
  movePoints: (body: BodyOf<'movePoints'>) => ask('movePoints', { body }),
  saveStops: (body: BodyOf<'saveStops'>) => ask('saveStops', { body }),
  meter: (id: string) => ask('meter', { params: { id } }),
  readMeter: (id: string, body: z.input<Routes['readMeter']['body']['schema']>) =>
    ask('readMeter', { params: { id }, body }),
  trends: (id: string) => askKept('trends', { params: { id } }),
  warming: () => askKept('warming'),
  importReadings: (csv: string) => ask('importReadings', { body: csv }),
  calendar: () => ask('calendar'),
  makeCalendar: () => ask('makeCalendar'),
  dropCalendar: () => ask('dropCalendar'),
  rounds: () => askKept('rounds'),
  round: (id: string) => askKept('round', { params: { id } }),
  addRound: (body: z.input<Routes['addRound']['body']['schema']>) => ask('addRound', { body }),
  addRoundEntries: (id: string, entries: BodyOf<'addRoundEntries'>['entries']) =>
    ask('addRoundEntries', { params: { id }, body: { entries } }),
  closeRound: (id: string) => ask('closeRound', { params: { id } }),
  log: (query: LogQuery) => ask('log', { query }),
  logStatistics: (query: LogStatisticsQuery) => ask('logStatistics', { query }),
  importLog: (csv: string, save: boolean) => ask('importLog', { query: { save }, body: csv }),
  addFitted: (body: z.input<Routes['addFitted']['body']['schema']>) => ask('addFitted', { body }),
  fitted: (id: string) => ask('fitted', { params: { id } }),
  addFinding: (id: string, body: z.input<Routes['addFinding']['body']['schema']>) =>
    ask('addFinding', { params: { id }, body }),
  addBenchPhoto: (id: string, photoId: string, photo: Blob) =>
    ask('addBenchPhoto', { params: { id, photoId }, body: photo }),
  findings: (id: string) => ask('findings', { params: { id } }),
  finding: (id: string) => ask('finding', { params: { id } }),
  shelf: () => askKept('shelf'),
  addStock: (body: z.input<Routes['addStock']['body']['schema']>) => ask('addStock', { body }),
  saveStock: (id: string, body: BodyOf<'saveStock'>) => ask('saveStock', { params: { id }, body }),
  moveStock: (id: string, body: z.input<Routes['moveStock']['body']['schema']>) =>
    ask('moveStock', { params: { id }, body }),
  dropStock: (id: string) => ask('dropStock', { params: { id } }),
  importStock: (csv: string, save: boolean) => ask('importStock', { query: { save }, body: csv }),
  makerValues: (designation: string) => ask('makerValues', { query: { designation } }),
  makerLists: () => ask('makerLists'),
  importMakerValues: (csv: string, query: z.input<Routes['importMakerValues']['query']>) =>
    ask('importMakerValues', { query, body: csv }),
  dropMakerList: (list: string) => ask('dropMakerList', { query: { list } }),
  loose: () => ask('loose'),
  addLoose: (body: z.input<Routes['addLoose']['body']['schema']>) => ask('addLoose', { body }),
  renameLoose: (id: string, name: string) => ask('renameLoose', { params: { id }, body: { name } }),
  placeLoose: (id: string, body: BodyOf<'placeLoose'>) => ask('placeLoose', { params: { id }, body }),
  takeOffLoose: (id: string) => ask('takeOffLoose', { params: { id } }),
  whereFitted: (number: string) => ask('whereFitted', { query: { number } }),
  startHeater: (body: BodyOf<'startHeater'>) => ask('startHeater', { body }),
  /** What the infrared thermometer shows of a piece, °C, uncorrected. */
  pointThermometer: async (body: PointThermometer): Promise<number> => (await ask('pointThermometer', { body })).shownC,
  /** Strokes of a gun on the scale of the shop. */
  takeWeight: (body: BodyOf<'takeWeight'>) => ask('takeWeight', { body }),
  /** What a probe of the shop reads at a housing. */
  senseHousing: (body: BodyOf<'senseHousing'>) => ask('senseHousing', { body }),
  /** A record of vibration with the collector of the shop. */
  recordVibration: (body: z.input<Routes['recordVibration']['body']['schema']>) => ask('recordVibration', { body }),
  /** One reading of the gauge of the shop. */
  takeReading: (body: BodyOf<'takeReading'>) => ask('takeReading', { body }),
}
