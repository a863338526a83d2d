import { Role, type Account } from '@yardfrost/contract'
import { SiteCustoms } from '@yardfrost/core'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { any, IdRow, maybeOne, one, run } from './rows.ts'

const sql = readQueries('./accounts.sql', import.meta.url, [
  'findAccountByLogin',
  'findPassword',
  'listSites',
  'addAccount',
  'setPassword',
  'endSessions',
  'dropUnused',
  'knownAddress',
  'rememberAddress',
])

const SignInRow = z
  .object({ id: z.uuid(), login: z.string(), password_hash: z.string().nullable(), epoch: z.int() })
  .transform(({ password_hash: passwordHash, ...row }) => ({ ...row, passwordHash }))

/** Account and password hash of a sign-in name, in any case; null when there is none. */
export const findAccountByLogin = (db: Db, login: string) => maybeOne(db, sql.findAccountByLogin(login), SignInRow)

const PasswordRow = z.object({ password_hash: z.string().nullable() }).transform(({ password_hash }) => password_hash)

/** Password hash of an account; null where it has none. */
export const findPassword = (db: Db, id: string): Promise<string | null> =>
  maybeOne(db, sql.findPassword(id), PasswordRow)

const SiteRow = z.object({
  id: z.uuid(),
  login: z.string(),
  epoch: z.int(),
  name: z.string(),
  role: Role,
  site_id: z.uuid(),
  site_name: z.string(),
  demo: z.boolean(),
  customs: SiteCustoms,
})

/** Somebody who may sign in, on one of the sites they belong to. `epoch`: sessions of an older one are over. */
export interface SignedIn {
  account: Account
  epoch: number
}

/** The person behind a session, on the site they chose or else their first; null when they belong to none any more. */
export async function findSignedIn(db: Db, id: string, siteId: string | null): Promise<SignedIn | null> {
  const sites = await any(db, sql.listSites(id), SiteRow)
  const here = sites.find(({ site_id }) => site_id === siteId) ?? sites[0]
  if (!here) return null
  const { login, name, role, site_id, site_name, demo, customs, epoch } = here
  const others = sites.map((one) => ({ id: one.site_id, name: one.site_name }))
  return {
    epoch,
    account: { id, login, name, role, siteId: site_id, siteName: site_name, demo, customs, sites: others },
  }
}

/** Adds an account and returns its id; null where the sign-in name is taken, in whatever case. */
export const addAccount = (db: Db, login: string, passwordHash: string | null): Promise<string | null> =>
  maybeOne(db, sql.addAccount(login, passwordHash), IdRow)

const EpochRow = z.object({ epoch: z.int() }).transform(({ epoch }) => epoch)

/** Another password: every session of before is over. Returns the epoch of those to come. */
export const setPassword = (db: Db, id: string, passwordHash: string): Promise<number> =>
  one(db, sql.setPassword(id, passwordHash), EpochRow)

/** Every session of an account is over. Returns the epoch of those to come. */
export const endSessions = (db: Db, id: string): Promise<number> => one(db, sql.endSessions(id), EpochRow)

/** Accounts that belong to no site any more are gone. */
export const dropUnusedAccounts = (db: Db): Promise<void> => run(db, sql.dropUnused())

const KnownRow = z.object({ known: z.boolean() }).transform(({ known }) => known)

/** Whether an account has signed in from an address before. */
export const isKnownAddress = (db: Db, accountId: string, address: string): Promise<boolean> =>
  one(db, sql.knownAddress(accountId, address), KnownRow)

/** An account has signed in from an address. */
export const rememberAddress = (db: Db, accountId: string, address: string): Promise<void> =>
  run(db, sql.rememberAddress(accountId, address))
