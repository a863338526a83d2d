import { pendingMigrations } from '@yardfrost/server'
import { command, say } from './command.ts'
import { withPool } from './own-database.ts'
import { settings } from './settings.ts'

/** Says what the next start would do to the database, and does nothing. */
const check = () =>
  withPool(
    settings(),
    say,
    async (pool) => {
      const pending = await pendingMigrations(pool)
      if (pending.length === 0) {
        say('the database is as this version wants it; the next start migrates nothing')
        return
      }
      say(`the next start migrates ${pending.length}, each whole or not at all:`)
      for (const { name, about } of pending) say(`  ${name}: ${about}`)
      say('make a backup first: npm run backup')
    },
    { migrated: false },
  )
await command(check)
