import type { PositionDetail, RollingDetail } from '@yardfrost/contract'
import { assess, numberOf, sketchShaft, usualSketch, coreVersion } from '@yardfrost/core'
import { assert } from 'chai'
import type request from 'supertest'
import { judgement } from '../src/bench/judgement.ts'
import { insertPosition } from '../src/store/positions.ts'
import { seededInputs, type SeededSite } from './seed.ts'
import { references, testApp, type TestApp } from './test-app.ts'
import type { TestDatabase } from './test-database.ts'

describe('a position and its shaft', () => {
  let test: TestApp
  let database: TestDatabase
  let site: SeededSite

  before(async () => {
    test = await testApp('positions')
    ;({ database, site } = test)
  })
  after(() => test.stop())

  const signedIn = (login: string) => test.signedIn(login)
  const address = () => `/api/positions/${site.positionId}`

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
