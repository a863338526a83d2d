import { inTransaction, migrate, openPool, removeDemo } from '@yardfrost/server'
import { command, say } from './command.ts'
import { withDatabase } from './own-database.ts'
import { settings } from './settings.ts'

// Removes the made-up plant with its people, jobs and history.
await command(() =>
  withDatabase(settings(), say, async (url) => {
    const pool = openPool(url, () => undefined)
    try {
      await migrate(pool)
      const removed = await inTransaction(pool, removeDemo)
      say(removed ? 'the demo is removed, and nothing of it is left' : 'there is no demo here')
    } finally {
      await pool.end()
    }
  }),
)
