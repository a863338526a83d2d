import { randomBytes } from 'node:crypto'
import { z } from 'zod'
import type { Db } from './database.ts'
import { readQueries } from './read-queries.ts'
import { one, run } from './rows.ts'

const sql = readQueries('./server-secret.sql', import.meta.url, ['keepSecret', 'getSecret'])

/** The secret that signs session cookies: made once, kept in the database, shared by all servers on it. */
export async function sessionSecret(db: Db): Promise<string> {
  await run(db, sql.keepSecret('session', randomBytes(32).toString('hex')))
  return (await one(db, sql.getSecret('session'), z.object({ value: z.string() }))).value
}
