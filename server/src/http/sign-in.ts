import type { Account } from '@yardfrost/contract'
import type { Request } from 'express'
import type { SessionData } from 'express-session'
import { promisify } from 'node:util'
import type pg from 'pg'
import type { KnownPeople } from '../people/known-people.ts'
import { rememberAddress, type SignedIn } from '../store/accounts.ts'
import { AccessError } from '../errors/access-error.ts'

declare module 'express-session' {
  interface SessionData {
    accountId: string
    /** The site they are on. */
    siteId: string | null
    /** Sessions of an epoch before the account's are over. */
    epoch: number
    startedAt: number
  }
}

const [hour, day] = [3_600_000, 86_400_000]
/** A session that nobody uses ends after the first, and any after the second, ms. */
export const sessionIdleMs = 12 * hour
const sessionLongestMs = 30 * day

/** The person behind a session; null where nobody is signed in, or it is over. */
export async function whoIs(
  people: KnownPeople,
  { session }: { session: Partial<SessionData> },
): Promise<SignedIn | null> {
  const { accountId, siteId, epoch, startedAt } = session
  if (!accountId || Date.now() - (startedAt ?? 0) > sessionLongestMs) return null
  const found = await people.find(accountId, siteId ?? null)
  return found?.epoch === epoch ? found : null
}

/** Whether the session that a request came with is still good: it may have ended since. */
export async function isSignedIn(people: KnownPeople, request: Request): Promise<boolean> {
  const kept = await new Promise<SessionData | null | undefined>((found, failed) => {
    request.sessionStore.get(request.sessionID, (error: unknown, data) => {
      if (error) failed(error instanceof Error ? error : new Error('the session could not be read'))
      else found(data)
    })
  })
  return kept !== null && kept !== undefined && (await whoIs(people, { session: kept })) !== null
}

/**
 * Signs somebody in on a new session, so that one planted before it is worth nothing.
 *
 * @throws AccessError for somebody who belongs to no site any more
 */
export async function signInAs(
  people: KnownPeople,
  request: Request,
  accountId: string,
  siteId: string | null = null,
): Promise<Account> {
  people.forget(accountId)
  const found = await people.find(accountId, siteId)
  if (!found)
    throw new AccessError(
      'SIGNED_OUT',
      'You belong to no site any more',
      'Ask a planner of the site to bring you back.',
    )
  await promisify(request.session.regenerate.bind(request.session))()
  const { account, epoch } = found
  Object.assign(request.session, { accountId, siteId: account.siteId, epoch, startedAt: Date.now() })
  // Kept before it is answered: the next request may come before the answer has gone out whole.
  await promisify(request.session.save.bind(request.session))()
  return account
}

/** The same for somebody who comes in by a link or as the first: from here their own guesses count apart from others'. */
export async function comeIn(
  pool: pg.Pool,
  people: KnownPeople,
  request: Request,
  { accountId, siteId }: { accountId: string; siteId: string },
): Promise<Account> {
  if (request.ip) await rememberAddress(pool, accountId, request.ip)
  return signInAs(people, request, accountId, siteId)
}
