import {
  Account,
  ApiError,
  MachineDetail,
  PositionConflict,
  PositionDetail,
  PositionHistory,
  Reading,
  ShaftConflict,
  ShaftDetail,
  Yard,
  type SavePosition,
  type SaveShaft,
  type SignIn,
  type TakeReading,
} from '@yardfrost/contract'
import type { z } from 'zod'

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
}

/** A save that came second: `theirs` is what is on the server now. */
export class SaveConflict extends ApiFailure {
  readonly theirs: PositionDetail

  constructor(failure: ApiFailure, theirs: PositionDetail) {
    super(failure.status, failure, failure.body)
    this.theirs = theirs
  }
}

/** The same for a shaft. */
export class ShaftSaveConflict extends ApiFailure {
  readonly theirs: ShaftDetail

  constructor(failure: ApiFailure, theirs: ShaftDetail) {
    super(failure.status, failure, failure.body)
    this.theirs = theirs
  }
}

async function ask(method: string, path: string, body?: unknown): Promise<unknown> {
  let response: Response
  try {
    response = await fetch(`/api${path}`, {
      method,
      ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
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

export const api = {
  /** Who is signed in; null when nobody is. */
  whoAmI: () => read(Account.nullable(), '/session'),
  signIn: async (given: SignIn): Promise<Account> => Account.parse(await ask('POST', '/session', given)),
  signOut: () => ask('DELETE', '/session'),
  yard: () => read(Yard, '/yard'),
  machine: (id: string) => read(MachineDetail, `/machines/${id}`),
  shaft: (id: string) => read(ShaftDetail, `/machines/${id}/shaft`),
  /** @throws ShaftSaveConflict when somebody saved in between */
  async saveShaft(id: string, save: SaveShaft): Promise<ShaftDetail> {
    try {
      return ShaftDetail.parse(await ask('PUT', `/machines/${id}/shaft`, save))
    } catch (error) {
      if (error instanceof ApiFailure && error.status === 409)
        throw new ShaftSaveConflict(error, ShaftConflict.parse(error.body).theirs)
      throw error
    }
  },
  position: (id: string) => read(PositionDetail, `/positions/${id}`),
  history: (id: string) => read(PositionHistory, `/positions/${id}/history`),
  /** One reading of the gauge of the shop. */
  takeReading: async (task: TakeReading): Promise<Reading> =>
    Reading.parse(await ask('POST', '/devices/gauge/readings', task)),
  /** @throws SaveConflict when somebody saved in between */
  async savePosition(id: string, save: SavePosition): Promise<PositionDetail> {
    try {
      return PositionDetail.parse(await ask('PUT', `/positions/${id}`, save))
    } catch (error) {
      if (error instanceof ApiFailure && error.status === 409)
        throw new SaveConflict(error, PositionConflict.parse(error.body).theirs)
      throw error
    }
  },
}
