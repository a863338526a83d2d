import type { RollingDetail } from '@yardfrost/contract'
import { assert } from 'chai'
import { until } from './until.ts'
import { testApp, type TestApp } from './test-app.ts'

describe('practices of a site', () => {
  let test: TestApp
  before(async function () {
    this.timeout(20_000)
    test = await testApp('practices')
  })
  after(() => test.stop())
  const none = {
    greaseInterval: null,
    growth: null,
    heating: null,
    clearance: null,
    fits: null,
    drift: null,
    plainClearance: null,
    causes: null,
  }
  const formula = { ...none, greaseInterval: 'formula' as const }

  it('are the defaults until a planner chooses', async () => {
    const { body } = await (await test.signedIn('viewer@north')).get('/api/practices').expect(200)
    assert.deepEqual(body, none)
  })

  it('are a planner’s to choose, not a technician’s', async () => {
    const technician = await test.signedIn('technician@north')
    const { body } = await technician.put('/api/practices').send(formula).expect(403)
    assert.match(body.error.message, /for planners/)
  })

  it('go with every position of the site, and of no other', async () => {
    const planner = await test.signedIn('planner@north')
    assert.deepEqual((await planner.put('/api/practices').send(formula).expect(200)).body, formula)
    const { body } = await planner.get(`/api/positions/${test.site.positionId}`).expect(200)
    assert.deepEqual((body as RollingDetail).machine.practices, formula)
    const { body: shaft } = await planner.get(`/api/machines/${test.site.machineId}/shaft`).expect(200)
    assert.deepEqual(shaft.machine.practices, formula)
    const south = await (await test.signedIn('viewer@south')).get('/api/practices').expect(200)
    assert.isNull(south.body.greaseInterval)
    const { rows } = await test.database.pool.query("select detail from audit_event where kind = 'practices.saved'")
    assert.deepEqual(rows[0].detail, formula)
  })

  it('refuse one that is none by name', async () => {
    const planner = await test.signedIn('planner@north')
    const { body } = await planner.put('/api/practices').send({ growth: 'by guess' }).expect(400)
    assert.equal(body.error.field, 'growth')
    assert.match(body.error.message, /one of .*inches-per-foot/)
  })

  it('judge anew without a save: state and result change, version and history do not', async () => {
    const { pool } = test.database
    const stored = async () => (await pool.query("select version, state, result ->> 'core' as core, (select count(*)::int from position_revision where position_id = $1) as revisions from position where id = $1", [test.site.positionId])).rows[0] // prettier-ignore
    const before = await stored()
    await pool.query("update position set state = 'stop', result = '{}' where id = $1", [test.site.positionId])
    await (await test.signedIn('planner@north')).put('/api/practices').send(formula).expect(200)
    await until(async () => (await stored()).state === before.state, 'the position to be judged anew')
    assert.deepEqual(await stored(), before)
  })
})
