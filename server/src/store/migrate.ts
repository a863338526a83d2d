import { readdirSync, readFileSync } from 'node:fs'
import type pg from 'pg'
import { fileURLToPath } from 'node:url'
import Postgrator from 'postgrator'
import { z } from 'zod'

const folder = new URL('../../migrations/', import.meta.url)

/** A migration that a database has not had, and what it says of itself. */
export interface PendingMigration {
  name: string
  about: string
}

/** What `migrate` would run on a database, in order; nothing is changed. */
export async function pendingMigrations(pool: pg.Pool): Promise<PendingMigration[]> {
  const one = async (text: string) => z.int().parse((await pool.query<{ one: unknown }>(text)).rows[0]?.one)
  const known = await one(`select count(*)::int as one from pg_tables where tablename = 'schema_version'`)
  const at = known === 0 ? 0 : await one('select coalesce(max(version), 0)::int as one from schema_version')
  return readdirSync(folder)
    .filter((name) => name.endsWith('.sql') && Number(name.split('.')[0]) > at)
    .sort()
    .map((name) => ({ name, about: aboutOf(readFileSync(new URL(name, folder), 'utf8')) }))
}

/** The comment a migration begins with. */
const aboutOf = (script: string): string =>
  (/^(--.*\n)+/.exec(script)?.[0] ?? '').replaceAll(/^-- ?/gm, '').replaceAll('\n', ' ').trim()

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
