import { randomBytes } from 'node:crypto'
import { z } from 'zod'
import type { Db } from './database.ts'

/** The secret that signs session cookies: made once, kept in the database, shared by all servers on it. */
export async function sessionSecret(db: Db): Promise<string> {
  const name = 'session'
  await db.query('insert into server_secret (name, value) values ($1, $2) on conflict do nothing', [
    name,
    randomBytes(32).toString('hex'),
  ])
  const { rows } = await db.query('select value from server_secret where name = $1', [name])
  return z.string().parse(rows[0]?.value)
}
