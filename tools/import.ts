import { importSite, inTransaction, migrate, openPool, SiteFilesError } from '@yardfrost/server'
import { resolve } from 'node:path'
import { command, say } from './command.ts'
import { withDatabase } from './own-database.ts'
import { options, SettingError, settings } from './settings.ts'

// Reads a site that was exported, all of it or nothing.
await command(async () => {
  const usage = 'npm run import -- FOLDER [--as "Name"]'
  const { values, positionals } = options({ as: { type: 'string' } }, usage)
  const [folder] = positionals
  if (!folder) throw new SettingError(`From where? usage: ${usage}`)
  await withDatabase(settings(), say, async (url) => {
    const pool = openPool(url, () => undefined)
    try {
      await migrate(pool)
      const { name, counts } = await inTransaction(pool, (db) => importSite(db, resolve(folder), values.as ?? null))
      say(`read ${name}: ${Object.entries(counts).map(([what, count]) => `${count} ${what}`).join(', ')}`) // prettier-ignore
      say('everybody comes in by a new link: npm run password-link -- LOGIN for the first planner')
    } catch (error) {
      if (error instanceof SiteFilesError) throw new SettingError(error.message)
      throw error
    } finally {
      await pool.end()
    }
  })
})
