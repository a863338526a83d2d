import { openPool, pendingMigrations } from '@yardfrost/server'
import { command, say } from './command.ts'
import { withDatabase } from './own-database.ts'
import { settings } from './settings.ts'

// Says what the next start would do to the database, and does nothing.
await command(() =>
  withDatabase(settings(), say, async (url) => {
    const pool = openPool(url, () => undefined)
    try {
      const pending = await pendingMigrations(pool)
      if (pending.length === 0) say('the database is as this version wants it; the next start migrates nothing')
      else {
        say(`the next start migrates ${pending.length}, each whole or not at all:`)
        for (const { name, about } of pending) say(`  ${name}: ${about}`)
        say('make a backup first: npm run backup')
      }
    } finally {
      await pool.end()
    }
  }),
)
