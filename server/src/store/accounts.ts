import type { Account } from '@yardfrost/contract'
import { Role } from '@yardfrost/contract'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { IdRow, maybeOne, one, run } from './rows.ts'

const sql = readQueries('./accounts.sql', import.meta.url, [
  'findAccountByLogin',
  'findAccount',
  'addAccount',
  'knownAddress',
  'rememberAddress',
])

const columns = {
  id: z.uuid(),
  login: z.string(),
  name: z.string(),
  role: Role,
  site_id: z.uuid(),
  site_name: z.string(),
}
const accountOf = ({ site_id, site_name, ...rest }: z.output<z.ZodObject<typeof columns>>): Account => ({
  ...rest,
  siteId: site_id,
  siteName: site_name,
})
const AccountRow = z.object(columns).transform(accountOf)
const SignInRow = z
  .object({ ...columns, password_hash: z.string() })
  .transform(({ password_hash: passwordHash, ...row }) => ({ account: accountOf(row), passwordHash }))

/** Account and password hash of a sign-in name, in any case; null when there is none. */
export const findAccountByLogin = (db: Db, login: string) => maybeOne(db, sql.findAccountByLogin(login), SignInRow)

/** Account behind a session; null when it has been removed. */
export const findAccount = (db: Db, id: string): Promise<Account | null> =>
  maybeOne(db, sql.findAccount(id), AccountRow)

/** Adds an account and returns its id. */
export const addAccount = (
  db: Db,
  { siteId, login, name, role, passwordHash }: { siteId: string; login: string; name: string; role: Role; passwordHash: string }, // prettier-ignore
): Promise<string> => one(db, sql.addAccount(siteId, login, name, role, passwordHash), IdRow)

const KnownRow = z.object({ known: z.boolean() }).transform(({ known }) => known)

/** Whether an account has signed in from an address before. */
export const isKnownAddress = (db: Db, accountId: string, address: string): Promise<boolean> =>
  one(db, sql.knownAddress(accountId, address), KnownRow)

/** An account has signed in from an address. */
export const rememberAddress = (db: Db, accountId: string, address: string): Promise<void> =>
  run(db, sql.rememberAddress(accountId, address))
