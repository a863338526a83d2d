import {
  Account,
  ApiError,
  EntriesKept,
  HeaterRun,
  MachineDetail,
  ImportReport,
  JobDetail,
  JobList,
  PositionDetail,
  PositionHistory,
  Reading,
  RegisterPage,
  ShaftDetail,
  ThermometerReading,
  Yard,
  type AddJob,
  type AddMachine,
  type MoveJob,
  type PlanJob,
  type PointThermometer,
  type RegisterQuery,
  type RenameArea,
  type RetireMachine,
  type SaveMachine,
  type SavePosition,
  type SaveShaft,
  type SignIn,
  type StartHeaterRun,
  type TakeReading,
  type WalkAreas,
} from '@yardfrost/contract'
import type { JobEntry } from '@yardfrost/core'
import { z } from 'zod'
import { keepAnswer, keptAnswer } from './kept-answers.ts'
import { showsKept } from './network.ts'

/** An answer that is not what was asked for, or none at all. The message and the fix are for the person. */
export class ApiFailure extends Error {
  override readonly name = 'ApiFailure'
  readonly status: number
  readonly code: string
  readonly fix: string
  readonly body: unknown

  constructor(status: number, error: { code: string; message: string; fix: string }, body: unknown = null) {
    super(error.message)
    this.status = status
    this.code = error.code
    this.fix = error.fix
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

async function ask(method: string, path: string, body?: unknown): Promise<unknown> {
  let response: Response
  try {
    response = await fetch(`/api${path}`, {
      method,
      ...(body === undefined
        ? {}
        : typeof body === 'string'
          ? { body, headers: { 'content-type': 'text/csv' } }
          : body instanceof Blob
            ? { body, headers: { 'content-type': body.type || 'application/octet-stream' } }
            : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
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

async function read<S extends z.ZodType>(schema: S, path: string): Promise<z.output<S>> {
  return schema.parse(await ask('GET', path))
}

const isAnswering = async (): Promise<boolean> => {
  try {
    await ask('GET', '/session')
    return true
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    return !error.passes
  }
}

/** Reads what is needed on the floor: where the server cannot be asked, what it last said, and the screen tells so. */
async function readKept<S extends z.ZodType>(schema: S, path: string): Promise<z.output<S>> {
  try {
    const answer = await ask('GET', path)
    void keepAnswer(path, answer)
    return schema.parse(answer)
  } catch (error) {
    if (!(error instanceof ApiFailure) || !error.passes) throw error
    const kept = await keptAnswer(schema, path)
    if (!kept) throw error
    showsKept(kept.at, isAnswering)
    return kept.answer
  }
}

/**
 * Sends a save and returns what is stored now.
 *
 * @throws SaveConflict when somebody saved in between
 */
async function put<S extends z.ZodType>(schema: S, path: string, body: object): Promise<z.output<S>> {
  try {
    const answer = await ask('PUT', path, body)
    void keepAnswer(path, answer)
    return schema.parse(answer)
  } catch (error) {
    if (error instanceof ApiFailure && error.status === 409)
      throw new SaveConflict(error, schema.parse(z.object({ theirs: z.unknown() }).parse(error.body).theirs))
    throw error
  }
}

export const api = {
  /** Who is signed in; null when nobody is. */
  whoAmI: () => readKept(Account.nullable(), '/session'),
  signIn: async (given: SignIn): Promise<Account> => {
    const account = await ask('POST', '/session', given)
    void keepAnswer('/session', account)
    return Account.parse(account)
  },
  signOut: () => ask('DELETE', '/session'),
  yard: () => readKept(Yard, '/yard'),
  machine: (id: string) => readKept(MachineDetail, `/machines/${id}`),
  shaft: (id: string) => readKept(ShaftDetail, `/machines/${id}/shaft`),
  saveShaft: (id: string, save: SaveShaft) => put(ShaftDetail, `/machines/${id}/shaft`, save),
  position: (id: string) => readKept(PositionDetail, `/positions/${id}`),
  history: (id: string) => read(PositionHistory, `/positions/${id}/history`),
  /** One reading of the gauge of the shop. */
  takeReading: async (task: TakeReading): Promise<Reading> =>
    Reading.parse(await ask('POST', '/devices/gauge/readings', task)),
  savePosition: (id: string, save: SavePosition) => put(PositionDetail, `/positions/${id}`, save),
  searchRegister: (query: RegisterQuery) =>
    read(
      RegisterPage,
      `/register?${new URLSearchParams(Object.entries(query).flatMap(([key, value]) => (value === null || value === undefined || value === '' ? [] : [[key, String(value)]])))}`,
    ),
  areas: () => read(z.array(z.string()), '/areas'),
  /** Gives an area another name. */
  renameArea: (rename: RenameArea) => ask('PUT', '/areas/name', rename),
  /** Puts the areas into another walking order. */
  walkAreas: (walk: WalkAreas) => ask('PUT', '/areas/order', walk),
  addMachine: async (add: AddMachine): Promise<MachineDetail> =>
    MachineDetail.parse(await ask('POST', '/machines', add)),
  saveMachine: (id: string, save: SaveMachine) => put(MachineDetail, `/machines/${id}`, save),
  /** Takes a machine out of service, or back. */
  retireMachine: (id: string, save: RetireMachine) => put(MachineDetail, `/machines/${id}/service`, save),
  /** Brings a file into the register; without `save` it only says what would be done. */
  importRegister: async (csv: string, save: boolean): Promise<ImportReport> =>
    ImportReport.parse(await ask('POST', `/register/import?save=${save}`, csv)),
  jobs: () => readKept(JobList, '/jobs'),
  job: (id: string) => readKept(JobDetail, `/jobs/${id}`),
  addJob: async (job: AddJob): Promise<JobDetail> => JobDetail.parse(await ask('POST', '/jobs', job)),
  addEntries: async (id: string, entries: JobEntry[]): Promise<EntriesKept> =>
    EntriesKept.parse(await ask('POST', `/jobs/${id}/entries`, { entries })),
  moveJob: async (id: string, move: MoveJob): Promise<JobDetail> =>
    JobDetail.parse(await ask('PUT', `/jobs/${id}/state`, move)),
  planJob: async (id: string, plan: PlanJob): Promise<JobDetail> =>
    JobDetail.parse(await ask('PUT', `/jobs/${id}/plan`, plan)),
  closeJob: async (id: string): Promise<JobDetail> => JobDetail.parse(await ask('POST', `/jobs/${id}/close`, {})),
  addPhoto: (id: string, photoId: string, photo: Blob) => ask('PUT', `/jobs/${id}/photos/${photoId}`, photo),
  /** What the infrared thermometer shows of a piece, °C, uncorrected. */
  startHeater: async (order: StartHeaterRun) => HeaterRun.parse(await ask('POST', '/devices/heater-runs', order)),
  pointThermometer: async (point: PointThermometer): Promise<number> =>
    ThermometerReading.parse(await ask('POST', '/devices/thermometer/readings', point)).shownC,
}
