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
import { isDatabaseAway } from '../store/database.ts'

/** The one place where an error becomes a status and a body. */
export const errorHandler: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error)
    return
  }
  const { status, body } = answerTo(error, request)
  // Faults of ours are logged whole; refused inputs are the person's business.
  if (status >= 500) request.log.error({ err: error }, body.error.message)
  response.status(status).json(body)
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
  return answerToParser(error, request)
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
