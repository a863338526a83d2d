import { emptyPosition } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import pg from 'pg'
import type request from 'supertest'
import { WorkWatch } from '../src/live/work-watch.ts'
import { News } from '../src/live/news.ts'
import { migrate } from '../src/store/migrate.ts'
import { inTransaction, isDatabaseAway, openPool } from '../src/store/database.ts'
import { testApp, type TestApp } from './test-app.ts'
import { testDatabase } from './test-database.ts'

/** Ends every connection of one database, as a crash of its server would, but those that ask for it. */
async function terminate(url: string): Promise<void> {
  const admin = new pg.Client({ connectionString: url, application_name: 'admin' })
  await admin.connect()
  await admin.query(
    `select pg_terminate_backend(pid) from pg_stat_activity
     where datname = current_database() and pid <> pg_backend_pid()`,
  )
  await admin.end()
}

describe('a database connection that breaks', () => {
  it('while it is used fails what it was used for, and nothing else', async () => {
    const database = await testDatabase('broken_use')
    const pool = openPool(database.url, () => undefined)
    try {
      for (let time = 0; time < 10; time++) {
        const slow = inTransaction(pool, async (db) => {
          await db.query('select 1')
          void terminate(database.url)
          await db.query('select pg_sleep(5)')
        })
        await slow.then(
          () => assert.fail('it went through'),
          (error: unknown) => assert.isTrue(isDatabaseAway(error), String(error)),
        )
        assert.equal((await pool.query('select 1 as one')).rows[0].one, 1)
      }
    } finally {
      await pool.end()
      await database.drop()
    }
  })

  it('while the tables are made fails that, and nothing else', async () => {
    const database = await testDatabase('broken_migration')
    try {
      const made = migrate(database.pool).then(
        () => null,
        (error: unknown) => error,
      )
      await terminate(database.url)
      const error = await made
      assert.isTrue(error === null || isDatabaseAway(error), String(error))
      await migrate(database.pool)
      assert.isAtLeast((await database.pool.query('select * from site')).rowCount ?? -1, 0)
    } finally {
      await database.drop()
    }
  })

  describe('under the server', () => {
    let test: TestApp
    let technician: request.Agent
    before(async () => {
      test = await testApp('broken_server')
      technician = await test.signedIn('technician@north')
    })
    after(() => test.stop())

    /** A position as it is now; a connection that broke a moment ago may cost one answer more. */
    async function read(address: string): Promise<{ version: number }> {
      for (;;) {
        const { status, body } = await technician.get(address)
        if (status === 200) return body as { version: number }
        assert.equal(status, 503)
      }
    }

    it('loses no save that was answered, and answers 503 to the others', async () => {
      const address = `/api/positions/${test.site.positionId}`
      let { version } = (await technician.get(address).expect(200)).body as { version: number }
      const inputs = emptyPosition()
      for (let time = 0; time < 12; time++) {
        const [{ status, body }] = await Promise.all([
          technician.put(address).send({ version, inputs }),
          terminate(test.database.url),
        ])
        assert.include([200, 503], status, JSON.stringify(body))
        if (status === 503) assert.equal(body.error.code, 'DATABASE_DOWN')
        const now = await read(address)
        assert.isAtLeast(now.version, status === 200 ? version + 1 : version)
        version = now.version
      }
    })

    it('is heard of by those who watch a job: what may have changed meanwhile is told', async () => {
      const news = new News(test.database.url)
      const watch = new WorkWatch(news)
      const jobId = randomUUID()
      try {
        await news.start()
        const told = new Promise<void>((changed, ended) => watch.watch(jobId, { changed, ended }))
        await terminate(test.database.url)
        await told
      } finally {
        watch.stop()
        await news.stop()
      }
    })
  })
})
