import type { PlantPoint, PointHistory, Proposals, RoundDetail } from '@yardfrost/contract'
import { pointPlan, type PointKind } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { listening } from './listening.ts'
import { testApp, type TestApp } from './test-app.ts'

const png = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==', 'base64') // prettier-ignore
const daysFromNow = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10)

describe('points and rounds', () => {
  let test: TestApp
  let technician: request.Agent
  before(async () => {
    test = await testApp('rounds')
    technician = await test.signedIn('technician@north')
    const { positionId } = test.site
    const { version, inputs } = (await technician.get(`/api/positions/${positionId}`)).body
    const grease = { ...inputs.grease, nu40Cst: 110, runningC: 62 }
    await technician
      .put(`/api/positions/${positionId}`)
      .send({ version, inputs: { ...inputs, grease } })
      .expect(200)
  })
  after(() => test.stop())

  const points = async (): Promise<PlantPoint[]> => (await technician.get('/api/points').expect(200)).body.points
  const pointOf = async (kind: PointKind): Promise<PlantPoint> =>
    (await points()).find((one) => one.kind === kind) ?? assert.fail(`no ${kind}`)
  const save = async (kind: PointKind, change: { own?: object; lastDone?: string | null }) => {
    const { id, version, own, lastDone } = await pointOf(kind)
    return technician.put(`/api/points/${id}`).send({ version, own, lastDone, ...change })
  }
  const made = async (kinds: PointKind[], day = daysFromNow(0)): Promise<RoundDetail> => {
    const pointIds = (await points()).filter(({ kind }) => kinds.includes(kind)).map(({ id }) => id)
    return (await technician.post('/api/rounds').send({ title: 'Hall', day, pointIds }).expect(201)).body
  }
  const send = (round: RoundDetail, entries: object[]) => technician.post(`/api/rounds/${round.id}/entries`).send({ entries }) // prettier-ignore
  const entry = (round: RoundDetail, kind: string, rest: object = {}) => ({ id: randomUUID(), point: round.points[0]?.id, at: new Date().toISOString(), kind, ...rest }) // prettier-ignore

  it('a position that is judged asks for grease and a look, never done and with no date', async () => {
    const all = await points()
    assert.sameMembers(
      all.map(({ kind }) => kind),
      ['grease', 'look'],
    )
    for (const { lastDone, dueOn } of all) assert.deepEqual([lastDone, dueOn], [null, null])
    assert.isAbove((await pointOf('grease')).work.intervalH ?? 0, 100)
  })

  it('one that goes over to oil asks for its level and its age, and for grease no more', async () => {
    const { positionId } = test.site
    const { version, inputs } = (await technician.get(`/api/positions/${positionId}`)).body
    const put = (at: number, lubrication: string) =>
      technician.put(`/api/positions/${positionId}`).send({ version: at, inputs: { ...inputs, grease: { ...inputs.grease, lubrication } } }).expect(200) // prettier-ignore
    await put(version, 'oil-bath')
    assert.sameMembers((await points()).map(({ kind }) => kind), ['look', 'oil-change', 'oil-level']) // prettier-ignore
    await put(version + 1, 'grease')
    assert.sameMembers((await points()).map(({ kind }) => kind), ['grease', 'look']) // prettier-ignore
  })

  it('is due an interval after it was done, by the hours its machine runs', async () => {
    await test.database.pool.query(`update machine set hours_source = 'shifts', hours_per_week = 84 where id = $1`, [test.site.machineId]) // prettier-ignore
    const saved = await save('grease', { own: { intervalH: 840, from: 'site', reason: 'damp hall' }, lastDone: daysFromNow(-10) }) // prettier-ignore
    assert.equal(saved.status, 200)
    assert.deepInclude(saved.body, { dueOn: daysFromNow(60), earlyOn: daysFromNow(53), lateOn: daysFromNow(67) })
    assert.equal(saved.body.intervalDays, 70)
  })

  it('an interval of its own needs its reason, and the day no later than today', async () => {
    const bare = await save('grease', { own: { intervalH: 500 } })
    assert.equal(bare.status, 400)
    assert.equal(bare.body.error.field, 'own.reason')
    const ahead = await save('grease', { lastDone: daysFromNow(3) })
    assert.equal(ahead.status, 400)
    assert.equal(ahead.body.error.field, 'lastDone')
  })

  it('of two who settle one point at once, one is told', async () => {
    const { id, own, lastDone } = await pointOf('look')
    const stale = await technician.put(`/api/points/${id}`).send({ version: 9, own, lastDone })
    assert.equal(stale.status, 409)
    assert.equal(stale.body.theirs.id, id)
  })

  it('of many, somebody may say at once when they were last done', async () => {
    const ids = (await points()).map(({ id }) => id)
    const say = (pointIds: string[], day: string) => technician.put('/api/last-done').send({ pointIds, day })
    await say(ids, daysFromNow(1)).expect(400)
    await say([...ids, randomUUID()], daysFromNow(-3)).expect(404)
    assert.notEqual((await pointOf('look')).lastDone, daysFromNow(-3))
    await say(ids, daysFromNow(-10)).expect(200)
    assert.deepInclude(await pointOf('look'), { lastDone: daysFromNow(-10), dueOn: daysFromNow(18) })
  })

  it('are counted for the Yard: those overdue, and those of this week', async () => {
    const { body } = await technician.get('/api/overdue').expect(200)
    assert.deepEqual(body, { points: [], dueThisWeek: 0 })
    await save('look', { lastDone: daysFromNow(-60) })
    const { body: late } = await technician.get('/api/overdue').expect(200)
    assert.lengthOf(late.points, 1)
    await save('look', { lastDone: daysFromNow(-28) })
    assert.equal((await technician.get('/api/overdue').expect(200)).body.dueThisWeek, 1)
  })

  it('moves within its tolerance, and no further', async () => {
    const { id } = await pointOf('grease')
    const move = (to: string | null) => technician.put('/api/weeks').send({ moves: [{ id, to }] })
    const moved = (await move(daysFromNow(55)).expect(200)).body.points as PlantPoint[]
    assert.equal(moved.find((one) => one.id === id)?.movedTo, daysFromNow(55))
    const refused = await move(daysFromNow(80))
    assert.equal(refused.status, 400)
    assert.include(refused.body.error.message, daysFromNow(67))
    await move(null).expect(200)
  })

  describe('an hour meter', () => {
    const read = (body: object) => technician.post(`/api/machines/${test.site.machineId}/meter`).send(body)
    before(() => test.database.pool.query(`update machine set hours_source = 'meter' where id = $1`, [test.site.machineId])) // prettier-ignore

    it('makes the due date once it was read twice', async () => {
      await read({ day: daysFromNow(-30), shownH: 1000 }).expect(201)
      await read({ day: daysFromNow(0), shownH: 1360 }).expect(201)
      // 12 h a day: 840 h are 70 days, of which 10 have gone.
      assert.equal((await pointOf('grease')).dueOn, daysFromNow(60))
    })

    it('that falls, or outruns the clock, is refused by its field', async () => {
      for (const shownH of [1200, 3000]) {
        const { status, body } = await read({ day: daysFromNow(0), shownH })
        assert.equal(status, 400)
        assert.equal(body.error.field, 'shownH')
      }
    })

    it('is read on a round too, and refused there by its name', async () => {
      const pointIds = (await points()).map(({ id }) => id)
      const { body: round } = await technician.post('/api/rounds').send({ title: 'x', day: daysFromNow(0), pointIds })
      const hours = (value: number) => entry(round, 'read', { what: 'hours', value })
      const { body } = await send(round, [hours(1362), hours(9)])
      assert.lengthOf(body.kept, 1)
      assert.match(body.refused[0].message, /^The hour meter of .*at least what it showed/)
    })

    it('that was replaced goes on from its last reading', async () => {
      const { body } = await read({ day: daysFromNow(0), shownH: 4, replacedAt: 1366 }).expect(201)
      assert.deepInclude(body.readings[0], { shownH: 4, hoursH: 1370 })
      assert.equal((await read({ day: daysFromNow(0), shownH: 10 }).expect(201)).body.readings[0].hoursH, 1376)
    })
  })

  describe('a round', () => {
    it('keeps what its points are, and is told in the list', async () => {
      const round = await made(['grease', 'look'])
      assert.lengthOf(round.points, 2)
      const grease = round.points.find(({ kind }) => kind === 'grease')
      assert.equal(grease && pointPlan(grease.kind, grease.work, grease.own).why, 'the site’s own: damp hall')
      assert.equal(grease?.reason, 'by-hand')
      const [listed] = (await technician.get('/api/rounds').expect(200)).body
      assert.deepInclude(listed, { id: round.id, number: round.number, points: 2, done: 0, skipped: 0, state: 'open' })
    })

    it('done moves the due date on; taken back, it stands where it stood', async () => {
      const before = await pointOf('grease')
      const round = await made(['grease'])
      const done = entry(round, 'done', { strokes: 12, gun: 'Brass gun', gramsPerStroke: 1.2, came: 'darkened' })
      await send(round, [done]).expect(200)
      const after = await pointOf('grease')
      assert.equal(after.lastDone, daysFromNow(0))
      assert.isAbove(Date.parse(after.dueOn ?? ''), Date.parse(before.dueOn ?? ''))
      await send(round, [entry(round, 'undone')]).expect(200)
      assert.deepInclude(await pointOf('grease'), { lastDone: before.lastDone, dueOn: before.dueOn })
    })

    it('counts an entry once however often it is sent, and answers each', async () => {
      const round = await made(['look'])
      const done = entry(round, 'done')
      const strange = { ...entry(round, 'done'), point: randomUUID() }
      const bad = { id: randomUUID(), point: round.points[0]?.id, at: 'yesterday', kind: 'done' }
      await send(round, [done]).expect(200)
      const { body } = await send(round, [done, strange, bad, entry(round, 'read', { what: 'vibration', value: 2.1 })])
      assert.lengthOf(body.kept, 2)
      assert.sameMembers(body.refused.map(({ id }: { id: string }) => id), [strange.id, bad.id]) // prettier-ignore
      const kept = (await technician.get(`/api/rounds/${round.id}`).expect(200)).body as RoundDetail
      assert.lengthOf(kept.entries, 2)
    })

    it('that is closed takes nothing more', async () => {
      const round = await made(['look'])
      const closed = (await technician.post(`/api/rounds/${round.id}/close`).expect(200)).body
      assert.equal(closed.state, 'closed')
      const { status, body } = await send(round, [entry(round, 'done')])
      assert.equal(status, 409)
      assert.match(body.error.message, /closed/)
    })

    it('is seen by whoever watches it within a second', async () => {
      const round = await made(['look'])
      const site = await listening(test.app, 'viewer@north')
      const stream = await site.open(`/rounds/${round.id}/events`)
      await stream.hear(/event: round\n/)
      const began = Date.now()
      await send(round, [entry(round, 'skipped', { reason: 'no-access', note: 'scaffold' })]).expect(200)
      await stream.hear(/event: change\ndata: .*scaffold.*\n\n/)
      assert.isBelow(Date.now() - began, 1000)
      stream.close()
      await site.stop()
    })

    it('teaches a point from what came out: it is proposed, taken with its reason, and kept in the past', async () => {
      const round = await made(['grease'])
      await send(round, [entry(round, 'done', { strokes: 12, gramsPerStroke: 1.2, came: 'hard' })]).expect(200)
      const proposals = async () => (await technician.get('/api/proposals').expect(200)).body as Proposals
      const [found] = await proposals()
      assert.deepInclude(found?.seen.at(-1), { day: daysFromNow(0), came: 'hard' })
      const own = {
        ...found?.point.own,
        intervalH: 420,
        from: 'learned',
        reason: 'stiff grease',
        settledOn: daysFromNow(0),
      }
      assert.equal((await save('grease', { own })).status, 200)
      assert.isEmpty(await proposals())
      const { body } = await technician.get(`/api/points/${found?.point.id}/history`).expect(200)
      const past = body as PointHistory
      assert.deepInclude(past.changes[0]?.to, { intervalH: 420, reason: 'stiff grease' })
      assert.equal(past.changes[0]?.from.intervalH, 840)
      assert.deepInclude(past.visits[0]?.entry, { kind: 'done', came: 'hard' })
    })

    it('tells the bench what was seen: the position is watched until it is struck out', async () => {
      const { positionId } = test.site
      const detail = async () => (await technician.get(`/api/positions/${positionId}`).expect(200)).body
      const stateOf = async () => (await test.database.pool.query(`select state, finding from position where id = $1`, [positionId])).rows[0] // prettier-ignore
      const round = await made(['look'])
      await send(round, [entry(round, 'done', { noticed: ['two-colours'] })]).expect(200)
      const { machine, inputs, version } = await detail()
      const [{ sign, day }] = machine.reported.filter((one: { sign: string }) => one.sign === 'grease-colours-mixed')
      assert.equal(day, daysFromNow(0))
      assert.match((await stateOf()).finding, /%/)
      const struckOut = machine.reported.map((one: { sign: string; day: string }) => `${one.sign} ${one.day}`)
      assert.include(struckOut, `${sign} ${day}`)
      const diagnose = { ...inputs.diagnose, struckOut }
      await technician.put(`/api/positions/${positionId}`).send({ version, inputs: { ...inputs, diagnose } }).expect(200) // prettier-ignore
      assert.notMatch((await stateOf()).finding ?? '', /%/)
      await send(round, [entry(round, 'undone')]).expect(200)
      assert.notInclude(
        (await detail()).machine.reported.map((one: { sign: string }) => one.sign),
        sign,
      )
    })

    it('keeps photographs of a point, once each, and of no other round', async () => {
      const round = await made(['look'])
      const id = randomUUID()
      const put = () => technician.put(`/api/rounds/${round.id}/photos/${id}`).type('image/png').send(png)
      await put().expect(201)
      await put().expect(201)
      await send(round, [entry(round, 'photo', { photo: id, name: 'drain.png' })]).expect(200)
      const { headers } = await technician.get(`/api/rounds/${round.id}/photos/${id}`).expect(200)
      assert.equal(headers['content-type'], 'image/jpeg')
      await technician.get(`/api/rounds/${(await made(['look'])).id}/photos/${id}`).expect(404)
      await technician.post(`/api/rounds/${round.id}/close`).expect(200)
      await technician.put(`/api/rounds/${round.id}/photos/${randomUUID()}`).type('image/png').send(png).expect(409)
    })

    it('is read with the probes of the shop, about as it was read last', async () => {
      const { positionId } = test.site
      const sense = async (what: string) => (await technician.post('/api/devices/probe/readings').send({ positionId, what }).expect(201)).body // prettier-ignore
      const round = await made(['look'])
      await send(round, [entry(round, 'read', { what: 'before', value: 61 })]).expect(200)
      const { value, instrument } = await sense('temperature')
      assert.approximately(value, 61, 2.5)
      assert.match(instrument, /thermometer/)
      assert.isBelow((await sense('vibration')).value, 3)
    })

    it('is changed: its name, its points in walking order, and not by two at once', async () => {
      const round = await made(['look'])
      const grease = await pointOf('grease')
      const put = (body: object) => technician.put(`/api/rounds/${round.id}`).send(body)
      const { body: changed } = await put({ version: 1, title: 'Hall and pit', add: [grease.id] }).expect(200)
      assert.deepInclude(changed, { version: 2, title: 'Hall and pit', day: round.day })
      assert.deepEqual(changed.points.map(({ kind }: { kind: string }) => kind), ['grease', 'look']) // prettier-ignore
      const { body: stale } = await put({ version: 1, add: [] }).expect(409)
      assert.equal(stale.theirs.version, 2)
      await send(round, [entry(round, 'done')]).expect(200)
      const said = await put({ version: 2, remove: [round.points[0]?.id] }).expect(400)
      assert.equal(said.body.error.field, 'remove')
      const { body: left } = await put({ version: 2, remove: [grease.id] }).expect(200)
      assert.lengthOf(left.points, 1)
      await put({ version: 3, add: [randomUUID()] }).expect(404)
    })

    it('that is changed is told to whoever watches it', async () => {
      const round = await made(['look'])
      const site = await listening(test.app, 'viewer@north')
      const stream = await site.open(`/rounds/${round.id}/events`)
      await stream.hear(/event: round\n/)
      await technician.put(`/api/rounds/${round.id}`).send({ version: 1, title: 'Other' }).expect(200)
      await stream.hear(/event: change\ndata: .*"version":2.*\n\n/)
      stream.close()
      await site.stop()
    })

    it('is made and walked by no viewer', async () => {
      const viewer = await test.signedIn('viewer@north')
      const { id } = await pointOf('look')
      await viewer.post('/api/rounds').send({ title: 'x', day: daysFromNow(0), pointIds: [id] }).expect(403) // prettier-ignore
    })
  })

  it('the plant stands on the days a planner says, and ends no sooner than it begins', async () => {
    const planner = await test.signedIn('planner@north')
    const stop = { id: randomUUID(), fromDay: daysFromNow(20), toDay: daysFromNow(27), title: 'Year’s end' }
    await planner.put('/api/plant-stops').send({ stops: [stop] }).expect(200) // prettier-ignore
    assert.deepEqual((await technician.get('/api/points')).body.stops, [stop])
    const { status } = await planner.put('/api/plant-stops').send({ stops: [{ ...stop, toDay: daysFromNow(2) }] })
    assert.equal(status, 400)
  })
})
