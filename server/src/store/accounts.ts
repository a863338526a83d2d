import { Account, Role } from '@yardfrost/contract'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'

const sql = readQueries('./accounts.sql', import.meta.url, ['findAccountByLogin', 'findAccount', 'addAccount'])

const AccountRow = z
  .object({
    id: z.uuid(),
    login: z.string(),
    name: z.string(),
    role: Role,
    site_id: z.uuid(),
    site_name: z.string(),
  })
  .transform(({ site_id, site_name, ...rest }) => Account.parse({ ...rest, siteId: site_id, siteName: site_name }))

/** Account and password hash of a sign-in name, in any case; null when there is none. */
export async function findAccountByLogin(
  db: Db,
  login: string,
): Promise<{ account: Account; passwordHash: string } | null> {
  const { rows } = await db.query({
    name: 'accounts.findAccountByLogin',
    text: sql.findAccountByLogin,
    values: [login],
  })
  if (!rows[0]) return null
  return { account: AccountRow.parse(rows[0]), passwordHash: z.string().parse(rows[0].password_hash) }
}

/** Account behind a session; null when it has been removed. */
export async function findAccount(db: Db, id: string): Promise<Account | null> {
  const { rows } = await db.query({ name: 'accounts.findAccount', text: sql.findAccount, values: [id] })
  return rows[0] ? AccountRow.parse(rows[0]) : null
}

/** Adds an account and returns its id. */
export async function addAccount(
  db: Db,
  account: { siteId: string; login: string; name: string; role: Role; passwordHash: string },
): Promise<string> {
  const { siteId, login, name, role, passwordHash } = account
  const { rows } = await db.query({
    name: 'accounts.addAccount',
    text: sql.addAccount,
    values: [siteId, login, name, role, passwordHash],
  })
  return z.uuid().parse(rows[0]?.id)
}
