import type { PositionDetail, RollingDetail } from '@yardfrost/contract'
import { assess, numberOf, sketchShaft, usualSketch, coreVersion } from '@yardfrost/core'
import { assert } from 'chai'
import { readdirSync } from 'node:fs'
import type { Express } from 'express'
import request from 'supertest'
import { judgement } from '../src/bench/judgement.ts'
import { insertPosition } from '../src/store/positions.ts'
import { migrate } from '../src/store/migrate.ts'
import { password, seededInputs, type SeededSite } from './seed.ts'
import { references, testApp, type TestApp } from './test-app.ts'
import { testDatabase, type TestDatabase } from './test-database.ts'

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
      assert.isEmpty((await agent.get(`${address()}/history`).expect(200)).body)
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

  describe('saving a position', () => {
    const changed = (radialN: number) => {
      const inputs = seededInputs()
      return { ...inputs, load: { ...inputs.load, radialN } }
    }
    const current = async (agent: request.Agent): Promise<RollingDetail> =>
      (await agent.get(address()).expect(200)).body

    it('stores inputs and assessment, counts the version, keeps the history and the trail', async () => {
      const agent = await signedIn('technician@north')
      const { version } = await current(agent)
      const { body } = await agent
        .put(address())
        .send({ version, inputs: changed(5500) })
        .expect(200)
      assert.equal(body.version, version + 1)
      assert.equal(body.savedBy, 'technician of north')
      assert.equal(body.inputs.load.radialN, 5500)
      const history = (await agent.get(`${address()}/history`).expect(200)).body
      assert.deepEqual(
        history.slice(0, 2).map((one: { version: number; savedBy: string | null }) => [one.version, one.savedBy]),
        [
          [version + 1, 'technician of north'],
          [version, null],
        ],
      )
      const { rows } = await database.pool.query(
        `select result -> 'headlines' -> 'identify' ->> 'headline' as identify, result ->> 'state' = state as same,
           (result ->> 'core')::int as core, pg_column_size(result) < 4000 as small,
           (select count(*)::int from audit_event where subject_id = position.id) as events
         from position where id = $1`,
        [site.positionId],
      )
      assert.deepEqual(rows[0], { identify: '6214-C3', same: true, core: coreVersion, small: true, events: 1 })
    })

    it('refuses the second of two who began with the same version, and shows both', async () => {
      const [first, second] = [await signedIn('technician@north'), await signedIn('planner@north')]
      const { version } = await current(first)
      await first
        .put(address())
        .send({ version, inputs: changed(6100) })
        .expect(200)
      const { body } = await second
        .put(address())
        .send({ version, inputs: changed(7200) })
        .expect(409)
      assert.equal(body.error.code, 'SAVED_SINCE')
      assert.match(body.error.message, /technician of north saved/)
      assert.equal(body.theirs.inputs.load.radialN, 6100)
      assert.equal((await current(second)).inputs.load.radialN, 6100)
      await second
        .put(address())
        .send({ version: body.theirs.version, inputs: changed(7200) })
        .expect(200)
    })

    it('lets exactly one of many through at once', async () => {
      const agent = await signedIn('technician@north')
      const { version } = await current(agent)
      const answers = await Promise.all(
        Array.from({ length: 8 }, (_, index) => agent.put(address()).send({ version, inputs: changed(3000 + index) })),
      )
      assert.deepEqual(answers.map(({ status }) => status).sort(), [200, ...Array(7).fill(409)])
    })

    it('is not for viewers', async () => {
      const agent = await signedIn('viewer@north')
      const { body } = await agent
        .put(address())
        .send({ version: 1, inputs: changed(1) })
        .expect(403)
      assert.equal(body.error.code, 'NOT_ALLOWED')
    })

    it('is not for other pages', async () => {
      const agent = await signedIn('technician@north')
      for (const origin of ['https://elsewhere.example', 'null'])
        await agent
          .put(address())
          .set('Origin', origin)
          .send({ version: 1, inputs: changed(1) })
          .expect(403)
    })

    const refused: [why: string, body: object, field: string][] = [
      ['a negative load', { version: 1, inputs: changed(-1) }, 'inputs.load.radialN'],
      ['a load beyond all bounds', { version: 1, inputs: changed(1e9) }, 'inputs.load.radialN'],
      ['a missing version', { inputs: changed(1) }, 'version'],
      ['a field that is none', { version: 1, inputs: { ...seededInputs(), mood: 'good' } }, 'mood'],
    ]
    for (const [why, body, field] of refused)
      it(`refuses ${why} by name`, async () => {
        const agent = await signedIn('technician@north')
        const answer = await agent.put(address()).send(body).expect(400)
        assert.equal(answer.body.error.field, field)
        assert.isNotEmpty(answer.body.error.fix)
      })
  })

  describe('the documents', () => {
    it('describe every calculation with its fields, from the schemas that check them', async () => {
      const { body } = await request(app).get('/api/openapi.json').expect(200)
      assert.equal(body.openapi, '3.1.0')
      const { body: list } = await request(app).get('/api/calc').expect(200)
      for (const { name } of list) assert.property(body.paths, `/api/calc/${name}`)
      assert.include(JSON.stringify(body.paths['/api/calc/iso286.limits']), 'nominalMm')
      assert.property(body.paths, '/api/positions/{id}')
    })
    it('can be browsed, with nothing from outside', async () => {
      const { text } = await request(app).get('/api/docs').expect(200)
      assert.notMatch(text, /https?:/)
      for (const [, path] of text.matchAll(/(?:src|href)="([^"]+)"/g))
        await request(app).get(`/api/${path}`).expect(200)
    })
  })

  describe('calculations by name', () => {
    const post = (name: string, body: unknown) =>
      request(app)
        .post(`/api/calc/${name}`)
        .send(body as object)

    it('need no sign-in', async () => {
      const { body } = await post('iso286.limits', { nominalMm: 68, zone: 'K7' }).expect(200)
      assert.deepEqual(body, { lowerUm: -21, upperUm: 9 })
    })
    it('answer lists in place', async () => {
      const { body } = await post('iso286.limits', [{ nominalMm: 68, zone: 'K7' }, { nominalMm: 68 }]).expect(200)
      assert.equal(body[0].upperUm, 9)
      assert.equal(body[1].error.field, 'zone')
    })
    it('judge positions, a refused one in its place', async () => {
      const inputs = { bearing: { designation: '6313', requiredClearance: 'C3' } }
      const { body } = await post('position.assess', [{ inputs }, { inputs: { load: { radialN: -1 } } }, { inputs: {} }]).expect(200) // prettier-ignore
      assert.deepInclude(body[0].findings[0], { lens: 'identify', key: 'clearance', verdict: 'stop', when: 'now' })
      assert.equal(body[1].error.field, 'inputs.load.radialN')
      assert.deepEqual([body[2].state, body[2].findings], ['open', []])
    })
    it('answer 400 naming the field', async () => {
      const { body } = await post('iso286.limits', { nominalMm: 0, zone: 'K7' }).expect(400)
      assert.equal(body.error.field, 'nominalMm')
    })
    it('answer 400 to what is no JSON', async () => {
      const { body } = await request(app)
        .post('/api/calc/iso286.limits')
        .set('Content-Type', 'application/json')
        .send('{nominal')
        .expect(400)
      assert.equal(body.error.code, 'UNREADABLE')
    })
    it('answer 400 to a list too long', async () => {
      await post('life.basic', Array(5001).fill({})).expect(400)
    })
    it('answer 404 to a name that is none', async () => {
      await post('life.eternal', {}).expect(404)
    })
    it('are listed', async () => {
      const { body } = await request(app).get('/api/calc').expect(200)
      assert.includeMembers(
        body.map(({ name }: { name: string }) => name),
        ['iso286.limits', 'mount.heat'],
      )
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

    it('is for those who are signed in', () =>
      request(app).post('/api/devices/gauge/readings').send(press()).expect(401))

    it('measures on its own site only', async () => {
      const agent = await signedIn('technician@south')
      await agent.post('/api/devices/gauge/readings').send(press()).expect(404)
    })
  })

  describe('the shaft of a machine', () => {
    const shaftOf = (changes: object = {}) => ({
      ...sketchShaft('pump', usualSketch.pump, ['Drive end', 'Far end']),
      ...changes,
    })
    const shaftAddress = () => `/api/machines/${site.machineId}/shaft`

    it('is null until somebody draws it', async () => {
      const agent = await signedIn('viewer@north')
      const { body } = await agent.get(shaftAddress()).expect(200)
      assert.isNull(body.shaft)
      assert.include(
        body.positions.map(({ name }: { name: string }) => name),
        'Drive end',
      )
    })

    it('is saved, and the bench takes its loads from it', async () => {
      const agent = await signedIn('technician@north')
      const before = (await agent.get(address())).body as RollingDetail
      const { body } = await agent.put(shaftAddress()).send({ version: 0, shaft: shaftOf(), feed: true }).expect(200)
      assert.equal(body.version, 1)
      const after = (await agent.get(address())).body as RollingDetail
      assert.equal(after.version, before.version + 1)
      assert.equal(after.inputs.load.from, 'shaft-line')
      assert.equal(after.machine.shaft?.supports[0]?.position, 'Drive end')
      const { body: history } = await agent.get(`${address()}/history`)
      assert.equal(history[0].savedBy, 'technician of north')
      // What is kept of the judgement is that of the loads it has now.
      const { state, lenses } = assess(after.inputs, after.machine, references.catalogue, references.damage)
      const { rows } = await database.pool.query('select state, life_h from position where id = $1', [site.positionId])
      assert.equal(rows[0].state, state)
      assert.approximately(Number(rows[0].life_h), numberOf(lenses.carry.figures['life']) ?? NaN, 1e-6)
    })

    it('does not overwrite what somebody saved since', async () => {
      const agent = await signedIn('planner@north')
      const { body } = await agent.put(shaftAddress()).send({ version: 0, shaft: shaftOf(), feed: false }).expect(409)
      assert.equal(body.error.code, 'SAVED_SINCE')
      assert.equal(body.theirs.version, 1)
    })

    for (const [why, shaft, field] of [
      ['no bearing', { supports: [] }, 'shaft.supports'],
      ['no shaft', { sections: [] }, 'shaft.sections'],
      [
        'a shaft that is bored away',
        { sections: [{ lengthMm: 900, diameterMm: 50, boreMm: 60 }] },
        'shaft.sections.0.boreMm',
      ],
      ['a speed that is none', { speedRpm: 0 }, 'shaft.speedRpm'],
      ['leaning over by more than upright', { tiltDeg: 120 }, 'shaft.tiltDeg'],
    ] as const)
      it(`refuses ${why}, naming the field`, async () => {
        const agent = await signedIn('technician@north')
        const { body } = await agent
          .put(shaftAddress())
          .send({ version: 1, shaft: shaftOf(shaft), feed: false })
          .expect(400)
        assert.equal(body.error.field, field)
        assert.isNotEmpty(body.error.fix)
      })

    it('is not a viewer’s to save, nor another site’s to see', async () => {
      const viewer = await signedIn('viewer@north')
      await viewer.put(shaftAddress()).send({ version: 1, shaft: shaftOf(), feed: false }).expect(403)
      const stranger = await signedIn('technician@south')
      await stranger.get(shaftAddress()).expect(404)
      await stranger.put(shaftAddress()).send({ version: 1, shaft: shaftOf(), feed: false }).expect(404)
    })
  })

  it('judges the whole shaft from the lives of its other positions', async () => {
    const other = { ...seededInputs(), load: { ...seededInputs().load, radialN: 8000 } }
    const place = { siteId: site.siteId, machineId: site.machineId, name: 'Far end', walkOrder: 1, accountId: null }
    const judged = judgement(other, { kind: 'pump', duty: 'round-the-clock' }, references)
    await insertPosition(database.pool, { ...place, inputs: other }, judged)
    const agent = await signedIn('technician@north')
    const { body } = await agent.get(address()).expect(200)
    const { others } = (body as PositionDetail).machine
    assert.deepEqual(
      others?.map(({ position, bearingType }) => [position, bearingType]),
      [['Far end', 'deep-groove-ball']],
    )
    // (62.2/8)³ million turns at 1480 a minute
    assert.approximately(others?.[0]?.lifeH ?? 0, 5290, 60)
  })
})

describe('migrations', () => {
  it('run once when two servers start together, and not again', async () => {
    const database = await testDatabase('migrations')
    try {
      const [first, second] = await Promise.all([migrate(database.pool), migrate(database.pool)])
      const files = readdirSync(new URL('../migrations', import.meta.url))
      assert.sameMembers([...first, ...second], files)
      assert.isEmpty(await migrate(database.pool))
    } finally {
      await database.drop()
    }
  })
})
