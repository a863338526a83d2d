import { promisify } from 'node:util'
import type pg from 'pg'
import { AccessError } from '../errors/access-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { changePassword } from '../people/change-password.ts'
import type { KnownPeople } from '../people/known-people.ts'
import { passwordFits } from '../people/passwords.ts'
import { endSessions, findAccountByLogin, findSignedIn, isKnownAddress, rememberAddress } from '../store/accounts.ts'
import { inTransaction } from '../store/database.ts'
import { signInAs, whoIs } from './sign-in.ts'
import type { Serve } from './serve.ts'
import { SignInLimit } from './sign-in-limit.ts'

export const sessionCookie = 'yardfrost.session'

/** Signing in and out, who is signed in and where, and their own password. */
export function sessionRoutes(serve: Serve, pool: pg.Pool, people: KnownPeople): void {
  const limit = new SignInLimit(pool)

  serve('signIn', async ({ request, body: { login, password } }) => {
    const found = await findAccountByLogin(pool, login)
    const accountId = found?.id ?? null
    const address = request.ip ?? 'unknown'
    const known = accountId !== null && (await isKnownAddress(pool, accountId, address))
    const attempt = { accountId, login, address, known }
    // Counted before it is judged: of many at once only so many are.
    await limit.begin(attempt)
    const fits = await passwordFits(found?.passwordHash ?? null, password)
    // Somebody who has left is told nothing that a stranger is not.
    if (!found || !fits || !(await findSignedIn(pool, found.id, null))) {
      throw new AccessError(
        'SIGNED_OUT',
        'This name and password do not go together',
        'Check both; capitals count in the password.',
      )
    }
    await limit.succeeded(attempt)
    await rememberAddress(pool, found.id, address)
    return signInAs(people, request, found.id)
  })

  // Null when nobody is signed in: asking is not an error.
  serve('whoAmI', async ({ request }) => (await whoIs(people, request))?.account ?? null)

  serve('signOut', async ({ request, response }) => {
    await promisify(request.session.destroy.bind(request.session))()
    response.clearCookie(sessionCookie)
  })
  serve('signOutEverywhere', async ({ account, request, response }) => {
    await endSessions(pool, account.id)
    people.forget(account.id)
    await promisify(request.session.destroy.bind(request.session))()
    response.clearCookie(sessionCookie)
  })

  serve('changePassword', async ({ account, request, body }) => {
    // Whoever finds a tablet signed in may guess no faster than at the door.
    const attempt = { accountId: account.id, login: account.login, address: request.ip ?? 'unknown', known: true }
    await limit.begin(attempt)
    await inTransaction(pool, (db) => changePassword(db, account, body))
    await limit.succeeded(attempt)
    return signInAs(people, request, account.id, account.siteId)
  })

  serve('chooseSite', async ({ account, request, body: { siteId } }) => {
    if (!account.sites.some(({ id }) => id === siteId)) throw new NotFoundError('site', siteId)
    return signInAs(people, request, account.id, siteId)
  })
}
