import { verify } from '@node-rs/argon2'
import { promisify } from 'node:util'
import type pg from 'pg'
import { AccessError } from '../errors/access-error.ts'
import { findAccount, findAccountByLogin, isKnownAddress, rememberAddress } from '../store/accounts.ts'
import type { Serve } from './serve.ts'
import { SignInLimit } from './sign-in-limit.ts'

export const sessionCookie = 'yardfrost.session'

/** A hash of nothing anyone types: checked for unknown names, so that they take as long as wrong passwords. */
const nobodysHash = '$argon2id$v=19$m=19456,t=2,p=1$c29tZXNhbHRzb21lc2FsdA$nJ3t0yCEyyGGtW7JxzJLnNHcLwVvAt0JjIKhbX1bIsY'

/** Signing in and out, and who is signed in. */
export function sessionRoutes(serve: Serve, pool: pg.Pool): void {
  const limit = new SignInLimit(pool)

  serve('signIn', async ({ request, body: { login, password } }) => {
    const found = await findAccountByLogin(pool, login)
    const accountId = found?.account.id ?? null
    const address = request.ip ?? 'unknown'
    const known = accountId !== null && (await isKnownAddress(pool, accountId, address))
    const attempt = { accountId, login, address, known }
    // Counted before it is judged: of many at once only so many are.
    await limit.begin(attempt)
    // A hash that cannot be read fits no password.
    const matches = await verify(found?.passwordHash ?? nobodysHash, password).catch(() => false)
    if (!found || !matches) {
      throw new AccessError(
        'SIGNED_OUT',
        'This name and password do not go together',
        'Check both; capitals count in the password.',
      )
    }
    await limit.succeeded(attempt)
    await rememberAddress(pool, found.account.id, address)
    // A new session at sign-in, so that one planted before it is worth nothing.
    await promisify(request.session.regenerate.bind(request.session))()
    request.session.accountId = found.account.id
    return found.account
  })

  // Null when nobody is signed in: asking is not an error.
  serve('whoAmI', async ({ request }) => {
    const id = request.session.accountId
    return id ? findAccount(pool, id) : null
  })

  serve('signOut', async ({ request, response }) => {
    await promisify(request.session.destroy.bind(request.session))()
    response.clearCookie(sessionCookie)
  })
}
