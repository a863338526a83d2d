import type pg from 'pg'
import { fileURLToPath } from 'node:url'
import Postgrator from 'postgrator'

/** Any number will do, as long as every server that migrates this database takes the same. */
const migrationLock = 487_0001

/**
 * Brings the database to the newest schema: each migration in a transaction of its own, all under one advisory lock, so that
 * two servers that start together do not migrate twice.
 *
 * @returns names of the migrations that were run now
 */
export async function migrate(pool: pg.Pool): Promise<string[]> {
  const client = await pool.connect()
  try {
    await client.query('select pg_advisory_lock($1)', [migrationLock])
    const postgrator = new Postgrator({
      migrationPattern: fileURLToPath(new URL('../../migrations/*.sql', import.meta.url)),
      driver: 'pg',
      schemaTable: 'schema_version',
      execQuery: (query) => client.query(query),
      execSqlScript: async (script) => {
        await client.query('begin')
        try {
          await client.query(script)
          await client.query('commit')
        } catch (error) {
          await client.query('rollback')
          throw error
        }
      },
    })
    const done = await postgrator.migrate()
    return done.map(({ filename }) => filename.split('/').at(-1) ?? filename)
  } finally {
    await client.query('select pg_advisory_unlock($1)', [migrationLock]).catch(() => undefined)
    client.release()
  }
}
