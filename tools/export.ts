import { exportSite, SiteFilesError } from '@yardfrost/server'
import { resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import type pg from 'pg'
import { command, countsIn, say } from './command.ts'
import { ownVersion, withPool } from './own-database.ts'
import { options, SettingError, settings } from './settings.ts'

const root = fileURLToPath(new URL('..', import.meta.url))

/** Writes a site as it stands at one moment. */
async function write(pool: pg.Pool, site: string, folder: string): Promise<void> {
  const db = await pool.connect()
  try {
    await db.query('begin isolation level repeatable read read only')
    const counts = await exportSite(db, site, folder, ownVersion(root))
    await db.query('commit')
    if (counts === null) throw new SettingError(`There is no site ${site}.`)
    say(`wrote ${site} to ${folder}: ${countsIn(counts)}`)
  } catch (error) {
    if (error instanceof SiteFilesError) throw new SettingError(error.message)
    throw error
  } finally {
    db.release(true)
  }
}

// Writes a whole site as open files.
await command(async () => {
  const usage = 'npm run export -- --site "Name" FOLDER'
  const { values, positionals } = options({ site: { type: 'string' } }, usage)
  const [folder] = positionals
  const { site } = values
  if (!folder || site === undefined) throw new SettingError(`Which site, and where to? usage: ${usage}`)
  // As it is, of whatever version the database is: nothing of it is changed.
  await withPool(settings(), say, (pool) => write(pool, site, resolve(folder)), { migrated: false })
})
