import { assert } from 'chai'
import { readdirSync } from 'node:fs'
import { migrate } from '../src/store/migrate.ts'
import { testDatabase } from './test-database.ts'

describe('migrations', () => {
  it('run once when two servers start together, and not again', async () => {
    const database = await testDatabase('migrations')
    try {
      const [first, second] = await Promise.all([migrate(database.pool), migrate(database.pool)])
      const files = readdirSync(new URL('../migrations', import.meta.url)).filter((name) => name.endsWith('.sql'))
      assert.sameMembers([...first, ...second], files)
      assert.isEmpty(await migrate(database.pool))
    } finally {
      await database.drop()
    }
  })
})
