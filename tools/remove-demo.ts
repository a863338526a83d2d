import { inTransaction, removeDemo } from '@yardfrost/server'
import { command, say } from './command.ts'
import { withPool } from './own-database.ts'
import { settings } from './settings.ts'

// Removes the made-up plant with its people, jobs and history.
await command(() =>
  withPool(settings(), say, async (pool) => {
    const removed = await inTransaction(pool, removeDemo)
    say(removed ? 'the demo is removed, and nothing of it is left' : 'there is no demo here')
  }),
)
