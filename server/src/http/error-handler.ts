import type { ApiError } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type { ErrorRequestHandler } from 'express'
import type { Request } from 'express'
import { BudgetError } from '../errors/budget-error.ts'
import { AccessError } from '../errors/access-error.ts'
import { ConflictError } from '../errors/conflict-error.ts'
import { DeviceError } from '../errors/device-error.ts'
import { JobError } from '../errors/job-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { RefusedError } from '../errors/refused-error.ts'
import { WrongHostError } from '../errors/wrong-host-error.ts'
import { noteDiskFull } from './disk-full.ts'
import { isDatabaseAway, isDiskFull, isTaken, isUnstorableValue } from '../store/database.ts'

/** The one place where an error becomes a status and a body. */
export const errorHandler: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error)
    return
  }
  const { status, body } = answerTo(error, request)
  // Faults of ours are logged whole; refused inputs are the person's business.
  if (status >= 500) request.log.error({ err: error }, body.error.message)
  // A file that was refused has said already what it would have been.
  response.removeHeader('Content-Encoding')
  response.status(status).type('json').json(body)
}

type Answer = { status: number; body: ApiError & { theirs?: unknown } }

const accessStatus = { SIGNED_OUT: 401, NOT_ALLOWED: 403, TOO_MANY: 429 } as const

function answerTo(error: unknown, request: Request): Answer {
  if (error instanceof InputError) {
    const { code, message, field, fix } = error
    return { status: 400, body: { error: { code, message, field, fix } } }
  }
  if (error instanceof AccessError) {
    const { code, message, fix } = error
    return { status: accessStatus[code], body: { error: { code, message, fix } } }
  }
  if (error instanceof NotFoundError) {
    return { status: 404, body: { error: { code: 'NOT_FOUND', message: error.message, fix: error.fix } } }
  }
  if (error instanceof ConflictError) {
    const fix = 'Look at both versions and choose which to keep.'
    return {
      status: 409,
      body: { error: { code: 'SAVED_SINCE', message: error.message, fix }, theirs: error.theirs },
    }
  }
  if (error instanceof BudgetError) {
    return { status: 413, body: { error: { code: 'OVER_BUDGET', message: error.message, fix: error.fix } } }
  }
  if (error instanceof JobError) {
    const { code, message, fix } = error
    return { status: 409, body: { error: { code, message, fix } } }
  }
  if (error instanceof RefusedError) {
    return { status: 409, body: { error: { code: 'REFUSED', message: error.message, fix: error.fix } } }
  }
  if (error instanceof WrongHostError) {
    return { status: 421, body: { error: { code: 'WRONG_HOST', message: error.message, fix: error.fix } } }
  }
  if (error instanceof DeviceError) {
    return { status: 502, body: { error: { code: 'DEVICE_FAILED', message: error.message, fix: error.fix } } }
  }
  if (isDatabaseAway(error)) {
    return {
      status: 503,
      body: {
        error: {
          code: 'DATABASE_DOWN',
          message: 'The database does not answer',
          fix: 'Nothing on the page is lost. Save again in a moment.',
        },
      },
    }
  }
  if (isDiskFull(error)) {
    noteDiskFull(request.app)
    const fix = 'Nothing of it was written, and nothing on the page is lost. Whoever runs the server has to make room.'
    return { status: 507, body: { error: { code: 'DISK_FULL', message: 'The disk of the database is full', fix } } }
  }
  if (isTaken(error)) {
    const message = 'Somebody took the same name or number at the same moment'
    return {
      status: 409,
      body: { error: { code: 'SAVED_SINCE', message, fix: 'Look at it again and choose another.' } },
    }
  }
  if (isUnstorableValue(error)) {
    const message = 'A value of it cannot be stored'
    return { status: 400, body: { error: { code: 'WRONG_TYPE', message, field: 'body', fix: 'Correct what was changed last.' } } } // prettier-ignore
  }
  return answerToParser(error, request)
}

const wrongWords: Record<number, string> = {
  412: 'what it makes a condition does not hold',
  415: 'its encoding or character set is not known',
  416: 'it asks for a part that is not there',
}

/** Status that Express, its parsers and its files give to what a client did wrong; null for anything else. */
function statusOf(error: unknown): number | null {
  if (!(error instanceof Error)) return null
  const status = 'status' in error ? error.status : 'statusCode' in error ? error.statusCode : null
  return typeof status === 'number' && status >= 400 && status < 500 ? status : null
}

/** Bodies the JSON parser refuses carry a `type`; everything else is unexpected. */
function answerToParser(error: unknown, request: Request): Answer {
  const type = error instanceof Error && 'type' in error ? error.type : ''
  if (type === 'entity.parse.failed') {
    const body = { code: 'UNREADABLE' as const, message: 'The body is not JSON', field: 'body', fix: 'Send JSON.' }
    return { status: 400, body: { error: body } }
  }
  if (type === 'entity.too.large') {
    const body = {
      code: 'TOO_LARGE' as const,
      message: 'The body is too large',
      field: 'body',
      fix: 'Send fewer inputs at once, or a smaller picture.',
    }
    return { status: 413, body: { error: body } }
  }
  const wrong = statusOf(error)
  if (wrong === 403 || wrong === 404) {
    const message = `There is no file ${request.path}`
    const fix = 'Load the page anew: the program may have been updated.'
    return { status: 404, body: { error: { code: 'NOT_FOUND', message, fix } } }
  }
  if (wrong !== null) {
    const message = `The request cannot be read: ${wrongWords[wrong] ?? 'its address or its headers are wrong'}`
    return { status: wrong, body: { error: { code: 'WRONG_REQUEST', message, fix: 'Correct it and send it again.' } } }
  }
  const requestId = typeof request.id === 'string' ? request.id : ''
  return {
    status: 500,
    body: {
      error: {
        code: 'UNEXPECTED',
        message: 'Something went wrong that should not have',
        fix: `Try again; if it stays, quote ${requestId}.`,
        requestId,
      },
    },
  }
}
