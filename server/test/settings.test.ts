import type { JudgingState, RollingDetail, SettingsDetail } from '@yardfrost/contract'
import { SiteSettings } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { judgeNext } from '../src/site/judge-site.ts'
import { migrate } from '../src/store/migrate.ts'
import { askJudging, getJudging } from '../src/store/sites.ts'
import { seededInputs, seedSite, type SeededSite } from './seed.ts'
import { testDatabase, type TestDatabase } from './test-database.ts'
import { references, testApp, type TestApp } from './test-app.ts'
import { until } from './until.ts'

describe('settings of a site', () => {
  let test: TestApp
  let planner: request.Agent
  before(async () => {
    test = await testApp('settings')
    planner = await test.signedIn('planner@north')
  })
  after(() => test.stop())

  const get = async (): Promise<SettingsDetail> => (await planner.get('/api/site/settings').expect(200)).body
  const put = async (change: Partial<SiteSettings>) => {
    const { settings, version } = await get()
    return planner.put('/api/site/settings').send({ version, settings: { ...settings, ...change } })
  }
  const judged = async (): Promise<JudgingState> => {
    let state: JudgingState | null = null
    await until(async () => {
      state = (await planner.get('/api/site/judging').expect(200)).body
      return state?.endedAt != null
    }, 'the site to be judged')
    return state as unknown as JudgingState
  }
  const position = async (): Promise<RollingDetail> =>
    (await planner.get(`/api/positions/${test.site.positionId}`).expect(200)).body

  it('are empty at first, and a planner’s to change', async () => {
    assert.deepEqual((await get()).settings, SiteSettings.parse({}))
    const viewer = await test.signedIn('technician@north')
    await viewer.put('/api/site/settings').send({ version: 1, settings: {} }).expect(403)
  })

  it('reach every position, which is judged anew with what that changes told', async () => {
    const inputs = seededInputs()
    inputs.grease.runningC = 92
    const before = await position()
    await planner.put(`/api/positions/${test.site.positionId}`).send({ version: before.version, inputs }).expect(200)
    const { state: was } = (await planner.get('/api/register').expect(200)).body.machines[0].positions[0]
    await put({ limits: { warmC: 70, hotC: 90, roughMmPerS: null, wildMmPerS: null } })
    const { total, done, changes } = await judged()
    assert.equal(done, total)
    assert.deepInclude(changes[0], { tag: 'P-1', position: 'Drive end', from: was, to: 'stop' })
    assert.equal((await position()).machine.site?.limits.hotC, 90)
    const register = (await planner.get('/api/register').expect(200)).body.machines[0].positions[0]
    assert.equal(register.state, 'stop')
    assert.match(register.finding, /site stops from \{90 °C\}/)
    const south = await test.signedIn('planner@south')
    assert.isNull((await south.get('/api/site/judging').expect(200)).body)
    assert.isNull((await south.get('/api/site/settings').expect(200)).body.settings.limits.hotC)
    await put({ limits: { warmC: null, hotC: null, roughMmPerS: null, wildMmPerS: null } })
    assert.deepInclude((await judged()).changes[0], { from: 'stop', to: was })
  })

  it('that no position is judged by are kept without judging any', async () => {
    const { askedAt } = await judged()
    await put({
      customs: { units: 'inch', rounding: 'fine', collector: 'off', dates: 'en-US' },
      reasons: { growth: 'as always here' },
    })
    assert.equal((await judged()).askedAt, askedAt)
    assert.equal((await get()).settings.customs.units, 'inch')
  })

  it('of two planners who save at once, one is told', async () => {
    const { settings, version } = await get()
    const save = () => planner.put('/api/site/settings').send({ version, settings })
    const statuses = (await Promise.all([save(), save(), save()])).map(({ status }) => status)
    assert.sameMembers(statuses, [200, 409, 409])
  })

  for (const [why, change, field] of [
    ['a gun that gives nothing', { guns: [{ id: randomUUID(), name: 'Red', gramsPerStroke: 0 }] }, 'settings.guns.0.gramsPerStroke'], // prettier-ignore
    ['two guns of one name', { guns: ['Red', 'red'].map((name) => ({ id: randomUUID(), name, gramsPerStroke: 1 })) }, 'settings.guns'], // prettier-ignore
    ['a stop below the watch', { limits: { warmC: 90, hotC: 80 } }, 'settings.limits.hotC'],
    ['a grease without a name', { lubricants: [{ id: randomUUID(), name: ' ', kind: 'grease' }] }, 'settings.lubricants.0.name'], // prettier-ignore
    ['a duty there is not', { lives: { 'day-shift': 1000 } }, 'day-shift'],
    ['a day of the year 0', { guns: [{ id: randomUUID(), name: 'Red', gramsPerStroke: 1, weighedOn: '0000-01-01' }] }, 'settings.guns.0.weighedOn'], // prettier-ignore
  ] as const)
    it(`refuse ${why}, by its field`, async () => {
      const { status, body } = await put(change as unknown as Partial<SiteSettings>)
      assert.equal(status, 400, JSON.stringify(body))
      assert.match(body.error.field, new RegExp(field.replaceAll('.', '\\.')))
    })
})

describe('judging a site in the background', () => {
  let database: TestDatabase
  let site: SeededSite
  before(async () => {
    database = await testDatabase('judging')
    await migrate(database.pool)
    site = await seedSite(database.pool, references, 'north')
  })
  after(() => database.drop())

  const changes = async () => (await getJudging(database.pool, site.siteId))?.changes ?? []
  const spoil = () => database.pool.query(`update position set state = 'stop' where id = $1`, [site.positionId])

  it('begun by a process that was killed is done by another, from the start', async () => {
    const { pool } = database
    await askJudging(pool, site.siteId)
    await spoil()
    // As one leaves it that was killed in the middle: begun, not ended, silent.
    await pool.query(`update site_judging set total = 1, done = 1, beat_at = now() - interval '1 minute'`)
    assert.isTrue(await judgeNext(pool, references))
    assert.isFalse(await judgeNext(pool, references))
    assert.deepInclude((await changes())[0], { from: 'stop', position: 'Drive end' })
  })

  it('is not taken from a process that still works on it', async () => {
    const { pool } = database
    await askJudging(pool, site.siteId)
    await pool.query(`update site_judging set beat_at = now() - interval '5 seconds'`)
    assert.isFalse(await judgeNext(pool, references))
  })

  it('is taken by one of several that ask at once', async () => {
    const { pool } = database
    await askJudging(pool, site.siteId)
    const took = await Promise.all([1, 2, 3, 4].map(() => judgeNext(pool, references)))
    assert.lengthOf(took.filter(Boolean), 1)
  })
})
