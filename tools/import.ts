import { importSite, inTransaction, SiteFilesError } from '@yardfrost/server'
import { resolve } from 'node:path'
import { command, countsIn, say } from './command.ts'
import { withPool } from './own-database.ts'
import { options, SettingError, settings } from './settings.ts'

// Reads a site that was exported, all of it or nothing.
await command(async () => {
  const usage = 'npm run import -- FOLDER [--as "Name"]'
  const { values, positionals } = options({ as: { type: 'string' } }, usage)
  const [folder] = positionals
  if (!folder) throw new SettingError(`From where? usage: ${usage}`)
  await withPool(settings(), say, async (pool) => {
    try {
      const { name, counts } = await inTransaction(pool, (db) => importSite(db, resolve(folder), values.as ?? null))
      say(`read ${name}: ${countsIn(counts)}`)
      say('everybody comes in by a new link: npm run password-link -- LOGIN for the first planner')
    } catch (error) {
      if (error instanceof SiteFilesError) throw new SettingError(error.message)
      throw error
    }
  })
})
