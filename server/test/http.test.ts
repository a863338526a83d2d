import { weightOf } from '../src/devices/gauge.ts'
import { assert } from 'chai'
import type { Express } from 'express'
import request from 'supertest'
import { password, seededInputs, type SeededSite } from './seed.ts'
import { testApp, type TestApp } from './test-app.ts'
import type { TestDatabase } from './test-database.ts'

describe('HTTP', () => {
  let test: TestApp
  let database: TestDatabase
  let app: Express
  let site: SeededSite

  before(async () => {
    test = await testApp('http')
    ;({ database, app, site } = test)
  })
  after(() => test.stop())

  const signedIn = (login: string) => test.signedIn(login)
  const address = () => `/api/positions/${site.positionId}`

  it('answers health with database and version', async () => {
    const { body } = await request(app).get('/api/health').expect(200)
    assert.deepEqual(body, { status: 'ok', database: 'ok', version: '1.2.3' })
  })

  it('sends security headers and keeps answers out of caches', async () => {
    const { headers } = await request(app).get('/api/health')
    assert.include(headers['content-security-policy'], "script-src 'self'")
    assert.equal(headers['x-content-type-options'], 'nosniff')
    assert.equal(headers['cache-control'], 'no-store')
    assert.notProperty(headers, 'x-powered-by')
  })

  describe('signing in', () => {
    it('says who came, in a cookie that scripts and other sites cannot use', async () => {
      const { body, headers } = await request(app)
        .post('/api/session')
        .send({ login: 'Technician@NORTH', password })
        .expect(201)
      assert.equal(body.role, 'technician')
      assert.notProperty(body, 'passwordHash')
      assert.match(String(headers['set-cookie']), /HttpOnly; SameSite=Strict/)
    })

    it('gives a new session to whoever signs in', async () => {
      const agent = await signedIn('viewer@north')
      const first = (await agent.get('/api/session')).body.id
      await agent.post('/api/session').send({ login: 'planner@north', password }).expect(201)
      assert.notEqual((await agent.get('/api/session')).body.id, first)
    })

    for (const [why, login, secret] of [
      ['a wrong password', 'planner@north', 'wrong'],
      ['a name nobody has', 'nobody', password],
    ])
      it(`refuses ${why} in the same words`, async () => {
        const { body } = await request(app).post('/api/session').send({ login, password: secret }).expect(401)
        assert.equal(body.error.code, 'SIGNED_OUT')
        assert.match(body.error.message, /do not go together/)
      })

    it('names an empty field', async () => {
      const { body } = await request(app).post('/api/session').send({ login: '', password }).expect(400)
      assert.equal(body.error.field, 'login')
    })

    it('shuts a name after too many failures, also for the right password, and not the others', async () => {
      for (let attempt = 0; attempt < 8; attempt++)
        await request(app).post('/api/session').send({ login: 'planner@south', password: 'guess' }).expect(401)
      const { body } = await request(app).post('/api/session').send({ login: 'planner@south', password }).expect(429)
      assert.match(body.error.fix, /Try again in \d+ min/)
      await signedIn('viewer@south')
    })

    it('forgets failures once somebody gets in, and only then', async () => {
      const login = 'technician@south'
      const attempt = (secret: string, status: number) =>
        request(app).post('/api/session').send({ login, password: secret }).expect(status)
      for (let time = 0; time < 7; time++) await attempt('guess', 401)
      await attempt(password, 201)
      // Seven more would shut it, had the first seven been kept; an eighth does.
      for (let time = 0; time < 8; time++) await attempt('guess', 401)
      await attempt(password, 429)
      await database.pool.query('delete from sign_in_attempt')
    })

    it('ends with signing out', async () => {
      const agent = await signedIn('viewer@north')
      await agent.delete('/api/session').expect(204)
      assert.isNull((await agent.get('/api/session').expect(200)).body)
      await agent.get('/api/yard').expect(401)
    })

    it('ends when the session runs out', async () => {
      const agent = await signedIn('viewer@north')
      await database.pool.query(`update session set expire = now() - interval '1 minute'`)
      const { body } = await agent.get('/api/yard').expect(401)
      assert.match(body.error.fix, /nothing on the page is lost/)
    })
  })

  describe('the site', () => {
    it('is shown to those signed in only', async () => {
      for (const path of ['/api/yard', address(), `/api/machines/${site.machineId}`])
        await request(app).get(path).expect(401)
    })

    it('comes in walking order, empty areas too', async () => {
      const { body } = await (await signedIn('viewer@north')).get('/api/yard').expect(200)
      assert.deepEqual(
        body.areas.map(({ name, machines }: { name: string; machines: unknown[] }) => [name, machines.length]),
        [
          ['Hall', 1],
          ['Empty shed', 0],
        ],
      )
      assert.equal(body.areas[0].machines[0].positions[0].designation, '6214-C3')
    })

    it('gives one machine with its area', async () => {
      const { body } = await (await signedIn('viewer@north')).get(`/api/machines/${site.machineId}`).expect(200)
      assert.equal(body.area, 'Hall')
    })

    it('hides the other site', async () => {
      const agent = await signedIn('technician@south')
      await agent.get(address()).expect(404)
      await agent.put(address()).send({ version: 1, inputs: seededInputs() }).expect(404)
      await agent.get(`${address()}/history`).expect(404)
    })

    it('answers 404 in its own shape for what is not there', async () => {
      const agent = await signedIn('viewer@north')
      for (const path of ['/api/positions/7', '/api/positions/00000000-0000-4000-8000-000000000000', '/api/nothing']) {
        const { body } = await agent.get(path).expect(404)
        assert.equal(body.error.code, 'NOT_FOUND')
        assert.isNotEmpty(body.error.fix)
      }
    })
  })

  describe('the gauge of the shop', () => {
    const press = (changes: object = {}) => ({
      positionId: site.positionId,
      measurable: 'shaft',
      nominalMm: 70,
      plane: 0,
      direction: 1,
      ...changes,
    })

    it('gives a reading of a seat near its nominal, and about the same again', async () => {
      const agent = await signedIn('viewer@north')
      const read = async () => (await agent.post('/api/devices/gauge/readings').send(press()).expect(201)).body
      const [first, second] = [await read(), await read()]
      assert.approximately(first.valueMm, 70, 0.03)
      assert.approximately(first.valueMm, second.valueMm, 0.0011)
      assert.match(first.instrument, /micrometer/)
    })

    for (const [why, changes, status, code] of [
      ['a thing no gauge measures', { measurable: 'weight' }, 400, 'NOT_ONE_OF'],
      ['a seat without a nominal size', { nominalMm: null }, 502, 'DEVICE_FAILED'],
      ['a position of no site', { positionId: '00000000-0000-4000-8000-000000000000' }, 404, 'NOT_FOUND'],
    ] as const)
      it(`refuses ${why}`, async () => {
        const agent = await signedIn('technician@north')
        const { body } = await agent.post('/api/devices/gauge/readings').send(press(changes)).expect(status)
        assert.equal(body.error.code, code)
        assert.isNotEmpty(body.error.fix)
      })

    it('weighs strokes of a gun, and says what no scale shows', async () => {
      const agent = await signedIn('technician@north')
      const weigh = (change: object) => agent.post('/api/devices/scale/readings').send({ gunId: '00000000-0000-4000-8000-00000000000a', strokes: 10, ratedG: 1.2, ...change }) // prettier-ignore
      const { grams, instrument } = (await weigh({}).expect(201)).body
      assert.approximately(grams, 12, 1.6)
      assert.match(instrument, /scale/)
      assert.equal((await weigh({ strokes: 0 }).expect(400)).body.error.field, 'strokes')
      for (const line of ['weight -3 g scale', 'weight 3 kg scale', 'reading 3 mm gauge', ''])
        assert.throws(() => weightOf(line), /no weight/)
      assert.throws(() => weightOf('error nothing on the scale'), /nothing on the scale/)
    })

    it('is for those who are signed in', () =>
      request(app).post('/api/devices/gauge/readings').send(press()).expect(401))

    it('measures on its own site only', async () => {
      const agent = await signedIn('technician@south')
      await agent.post('/api/devices/gauge/readings').send(press()).expect(404)
    })
  })
})
