import { exportSite, openPool } from '@yardfrost/server'
import { resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { command, say } from './command.ts'
import { ownVersion, withDatabase } from './own-database.ts'
import { options, SettingError, settings } from './settings.ts'

const root = fileURLToPath(new URL('..', import.meta.url))

// Writes a whole site as open files.
await command(async () => {
  const usage = 'npm run export -- --site "Name" FOLDER'
  const { values, positionals } = options({ site: { type: 'string' } }, usage)
  const [folder] = positionals
  const { site } = values
  if (!folder || site === undefined) throw new SettingError(`Which site, and where to? usage: ${usage}`)
  await withDatabase(settings(), say, async (url) => {
    const pool = openPool(url, () => undefined)
    const db = await pool.connect()
    try {
      await db.query('begin isolation level repeatable read read only')
      const counts = await exportSite(db, site, resolve(folder), ownVersion(root))
      await db.query('commit')
      if (counts === null) throw new SettingError(`There is no site ${site}.`)
      say(`wrote ${site} to ${resolve(folder)}: ${Object.entries(counts).map(([name, count]) => `${count} ${name}`).join(', ')}`) // prettier-ignore
    } catch (error) {
      if (error instanceof Error && error.message.startsWith('EXPORT: '))
        throw new SettingError(`${error.message.slice(8)}; name a new folder.`)
      throw error
    } finally {
      db.release()
      await pool.end()
    }
  })
})
