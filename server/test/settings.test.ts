import type { JudgingState, RollingDetail, SettingsDetail } from '@yardfrost/contract'
import { SiteSettings } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { judgeNext } from '../src/site/judge-site.ts'
import { seededInputs } from './seed.ts'
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
    await put({ customs: { units: 'inch', dates: 'en-US' }, reasons: { growth: 'as always here' } })
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

  it('judged by a process that was killed are judged by another, from the start', async () => {
    const { pool } = test.database
    await pool.query(`update position set state = 'open' where id = $1`, [test.site.positionId])
    // As one leaves it that was killed in the middle: begun, not ended, silent.
    await pool.query(
      `update site_judging set ended_at = null, done = 1, beat_at = now() - interval '1 minute', asked_at = now()`,
    )
    await judgeNext(pool, references)
    assert.deepInclude((await judged()).changes[0], { from: 'open' })
  })

  it('that wait to be judged are taken by one process alone', async () => {
    const { pool } = test.database
    await pool.query(`update site_judging set ended_at = null, beat_at = null, asked_at = now()`)
    const both = await Promise.all([judgeNext(pool, references), judgeNext(pool, references)])
    assert.isFalse(both[0] && both[1], 'one of two does it')
  })
})
