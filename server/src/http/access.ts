import type { Account } from '@yardfrost/contract'
import type { Request, RequestHandler } from 'express'
import type pg from 'pg'
import { AccessError } from '../errors/access-error.ts'
import { findAccount } from '../store/accounts.ts'

declare module 'express-session' {
  interface SessionData {
    accountId: string
  }
}

declare module 'express-serve-static-core' {
  interface Request {
    account?: Account
  }
}

/** Lets only signed-in people through and puts their account on the request. */
export function signedIn(pool: pg.Pool): RequestHandler {
  return async (request, _response, next) => {
    const id = request.session.accountId
    const account = id ? await findAccount(pool, id) : null
    if (!account) {
      throw new AccessError(
        'SIGNED_OUT',
        'You are not signed in, or your session has run out',
        'Sign in; nothing on the page is lost.',
      )
    }
    request.account = account
    next()
  }
}

/** Account of a request behind `signedIn`. */
export function accountOf(request: Request): Account {
  if (!request.account) throw new Error('route is not behind signedIn')
  return request.account
}

/** A viewer reads and tries, but does not save. */
export const maySave: RequestHandler = (request, _response, next) => {
  if (accountOf(request).role === 'viewer') {
    throw new AccessError(
      'NOT_ALLOWED',
      'A viewer can look and try, not save',
      'Ask a technician or planner to save it.',
    )
  }
  next()
}

/** Refuses writes that a foreign page sends with this browser's cookie. */
export const sameOrigin: RequestHandler = (request, _response, next) => {
  const { origin, host } = request.headers
  const reads = request.method === 'GET' || request.method === 'HEAD' || request.method === 'OPTIONS'
  // Programs without a browser send no Origin, and have no cookie to abuse.
  if (reads || origin === undefined || hostOf(origin) === host) return next()
  throw new AccessError('NOT_ALLOWED', 'This request comes from another page', 'Use Yardfrost at its own address.')
}

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null
}
