import type { Access, Account, Role } from '@yardfrost/contract'
import type { RequestHandler } from 'express'
import { AccessError } from '../errors/access-error.ts'
import type { KnownPeople } from '../people/known-people.ts'
import { whoIs } from './sign-in.ts'

declare module 'express-serve-static-core' {
  interface Request {
    account?: Account
  }
}

/** Roles from the one that may least to the one that may most. */
const rank: Record<Role, number> = { viewer: 0, technician: 1, planner: 2 }

/** Puts the account on the request of a route that wants one, and lets only those through whose role is enough. */
export function accountFor(people: KnownPeople, access: Access): RequestHandler {
  return async (request, _response, next) => {
    if (access === 'anyone') {
      next()
      return
    }
    const account = (await whoIs(people, request))?.account
    if (!account) {
      throw new AccessError(
        'SIGNED_OUT',
        'You are not signed in, or your session has run out',
        'Sign in; nothing on the page is lost.',
      )
    }
    if (rank[account.role] < rank[access]) throw notAllowed(access)
    request.account = account
    next()
  }
}

const notAllowed = (access: Role): AccessError =>
  access === 'planner'
    ? new AccessError('NOT_ALLOWED', 'This is for planners', 'Ask a planner to do it.')
    : new AccessError('NOT_ALLOWED', 'A viewer can look and try, not save', 'Ask a technician or planner to save it.')

/** Refuses writes that a foreign page sends with this browser's cookie. */
export const sameOrigin: RequestHandler = (request, _response, next) => {
  const { origin } = request.headers
  const reads = request.method === 'GET' || request.method === 'HEAD' || request.method === 'OPTIONS'
  // Programs without a browser send no Origin, and have no cookie to abuse.
  if (reads || origin === undefined || hostOf(origin) === request.host) {
    next()
    return
  }
  throw new AccessError('NOT_ALLOWED', 'This request comes from another page', 'Use Yardfrost at its own address.')
}

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null
}
