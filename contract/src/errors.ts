import { inputErrorCodes } from '@yardfrost/core'
import { z } from 'zod'

/**
 * Stable names of errors over HTTP: those of refused inputs, and these. Add at the end; never give one a second meaning.
 *
 * - SIGNED_OUT 401, NOT_ALLOWED 403, NOT_FOUND 404, SAVED_SINCE 409, TOO_LARGE 413, TOO_MANY 429
 * - UNEXPECTED 500: logged with an id to quote; DATABASE_DOWN 503
 * - JOB_CLOSED 409: a job that is done or cancelled takes nothing more; NOT_READY 409: a step of it is still open
 * - OVER_BUDGET 413: calculations that take longer, or answer more, than one request may; HEATER_BUSY 409
 * - WRONG_REQUEST 400 to 416: an address, header or encoding that cannot be read; DISK_FULL 507: nothing was written
 * - REFUSED 409: not as things stand, the last planner or the like; WRONG_HOST 421: asked for by a name this server does not have
 * - DEVICE_FAILED 502: a gauge or other instrument does not answer, or answers rubbish
 */
export const apiErrorCodes = [
  ...inputErrorCodes,
  'SIGNED_OUT',
  'NOT_ALLOWED',
  'NOT_FOUND',
  'SAVED_SINCE',
  'TOO_LARGE',
  'TOO_MANY',
  'UNEXPECTED',
  'DATABASE_DOWN',
  'DEVICE_FAILED',
  'JOB_CLOSED',
  'NOT_READY',
  'OVER_BUDGET',
  'HEATER_BUSY',
  'WRONG_REQUEST',
  'DISK_FULL',
  'REFUSED',
  'WRONG_HOST',
] as const
export type ApiErrorCode = (typeof apiErrorCodes)[number]

/** The one error shape: what is wrong with the value, the field, and what to do. */
export const ApiError = z.object({
  error: z.object({
    code: z.enum(apiErrorCodes),
    message: z.string(),
    field: z.string().optional(),
    fix: z.string(),
    /** To quote when an unexpected error is reported. */
    requestId: z.string().optional(),
  }),
})
export type ApiError = z.infer<typeof ApiError>
