import type { PositionTrend, Warming } from '@yardfrost/contract'
import { addDays, mondayOf } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { judgeAllTrends } from '../src/work/trend-work.ts'
import { references, testApp, type TestApp } from './test-app.ts'

const daysAgo = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10)

describe('readings', () => {
  let test: TestApp
  let technician: request.Agent
  let where: { tag: string; name: string }
  before(async () => {
    test = await testApp('readings')
    technician = await test.signedIn('technician@north')
    const { body } = await technician.get(`/api/positions/${test.site.positionId}`).expect(200)
    where = { tag: body.machine.tag, name: body.name }
  })
  after(() => test.stop())

  const send = (lines: string[]) => technician.post('/api/readings').type('text/csv').send(['machine,position,quantity,at,value,ambient,load', ...lines].join('\n')) // prettier-ignore
  const line = (day: string, value: number | string, quantity = 'temperature') => `${where.tag},${where.name},${quantity},${day}T08:00:00Z,${value},,` // prettier-ignore
  const trendOf = async (quantity: string): Promise<PositionTrend> =>
    ((await technician.get(`/api/positions/${test.site.positionId}/trends`).expect(200)).body as PositionTrend[]).find((one) => one.quantity === quantity) ?? assert.fail(`no ${quantity}`) // prettier-ignore
  const warming = async (): Promise<Warming> => (await technician.get('/api/warming').expect(200)).body

  it('of a file are counted by days, over months and years, and judged', async () => {
    const lines = Array.from({ length: 60 }, (_, index) => line(daysAgo(400 - 6 * index), 55 + (index % 3)))
    const { body } = await send(lines).expect(201)
    assert.deepEqual(body, { taken: 60, refused: [] })
    const { days, trend } = await trendOf('temperature')
    assert.lengthOf(days, 60)
    assert.equal(trend?.verdict, 'ok')
    assert.isEmpty(await warming())
    const { rows } = await test.database.pool.query(`select count(*)::int as months from pg_inherits where inhparent = 'reading'::regclass`) // prettier-ignore
    assert.isAtLeast(rows[0].months, 10)
  })

  it('of long ago are told by weeks, with what lay lowest and highest', async () => {
    const monday = mondayOf(daysAgo(700))
    await send(
      [0, 2, 4].map((later, index) => line(addDays(monday, later), [4, 9, 5][index] ?? 0, 'insulation')),
    ).expect(201)
    assert.deepEqual((await trendOf('insulation')).days, [
      { day: monday, count: 3, low: 4, high: 9, median: 6, judged: 6 },
    ])
    // There is no limit for it yet, so it calls nobody.
    assert.isEmpty(await warming())
  })

  it('of one day are one day, with its median, lowest and highest', async () => {
    const day = daysAgo(300)
    await send(['10', '20', '90'].map((value) => line(day, value, 'ultrasound'))).expect(201)
    assert.deepEqual((await trendOf('ultrasound')).days, [{ day, count: 3, low: 10, high: 90, median: 20, judged: 20 }])
    await send([line(day, 30, 'ultrasound')]).expect(201)
    assert.deepInclude((await trendOf('ultrasound')).days[0], { count: 4, median: 25 })
  })

  describe('like with like', () => {
    const warm = (ago: number, value: number, room: number | '', load: number | '' = '') => `${where.tag},${where.name},envelope,${daysAgo(ago)}T08:00:00Z,${value},${room},${load}` // prettier-ignore
    const housing = (ago: number, room: number, load: number | '') => `${where.tag},${where.name},temperature,${daysAgo(ago)}T09:00:00Z,${room + 30},${room},${load}` // prettier-ignore

    it('judges only what was read near the usual load', async () => {
      await send(Array.from({ length: 12 }, (_, index) => warm(60 - index, 2, '', 100))).expect(201)
      await send([warm(30, 9, '', 40), warm(29, 2.1, '', 108), warm(28, 9, '')]).expect(201)
      const { days, load, room, trend } = await trendOf('envelope')
      assert.deepEqual([load, room, trend?.verdict], [100, false, 'ok'])
      assert.deepEqual(days.slice(-3).map(({ median, judged }) => [median, judged]), [[9, null], [2.1, 2.1], [9, null]]) // prettier-ignore
      assert.equal(trend?.lastDate, daysAgo(29))
    })

    it('takes the room off once most readings have it, back to the first', async () => {
      const { positionId } = test.site
      await test.database.pool.query(`delete from reading where position_id = $1 and quantity = 'temperature'`, [positionId]) // prettier-ignore
      await test.database.pool.query(`delete from reading_day where position_id = $1 and quantity = 'temperature'`, [positionId]) // prettier-ignore
      await send([line(daysAgo(120), 51)]).expect(201)
      assert.deepInclude(await trendOf('temperature'), { room: false, load: null })
      await send(Array.from({ length: 20 }, (_, index) => housing(100 - index, index % 2 ? 12 : 32, ''))).expect(201)
      const { days, room, trend } = await trendOf('temperature')
      assert.isTrue(room)
      assert.deepEqual(days.map(({ judged }) => judged), [null, ...Array<number>(20).fill(30)]) // prettier-ignore
      assert.deepInclude(trend, { verdict: 'ok', present: 30, presentRaw: 42 })
    })
  })

  it('are judged again as a day begins, once, though nothing was read', async () => {
    const asOf = daysAgo(-40)
    assert.equal(await judgeAllTrends(test.database.pool, references, asOf), 1)
    assert.equal(await judgeAllTrends(test.database.pool, references, asOf), 0)
    const { rows } = await test.database.pool.query(`select result -> 'remarks' as remarks from reading_trend where quantity = 'temperature'`) // prettier-ignore
    assert.include(rows[0].remarks, 'stale')
  })

  it('that cannot be read are told by their line, and hold up no other', async () => {
    const { body } = await send([
      line(daysAgo(40), 'hot'),
      line('yesterday', 50),
      `NO-1,${where.name},temperature,${daysAgo(40)},50,,`,
      line(daysAgo(40), 50, 'colour'),
      line(daysAgo(40), '50,5').replace('50,5', '"50,5"'),
    ]).expect(201)
    assert.equal(body.taken, 1)
    assert.deepEqual(body.refused.map(({ line: at }: { line: number }) => at), [2, 3, 4, 5]) // prettier-ignore
    assert.match(body.refused[0].message, /^value is "hot"/)
    assert.match(body.refused[2].message, /NO-1/)
  })

  it('taken on a round go into the trend, and over a limit of the site they call', async () => {
    const planner = await test.signedIn('planner@north')
    const { version, settings } = (await planner.get('/api/site/settings').expect(200)).body
    await planner.put('/api/site/settings').send({ version, settings: { ...settings, limits: { ...settings.limits, warmC: 68, hotC: 95 } } }).expect(200) // prettier-ignore
    const { points } = (await technician.get('/api/points').expect(200)).body
    const { body: round } = await technician.post('/api/rounds').send({ title: 'Hall', day: daysAgo(0), pointIds: [points[0].id] }) // prettier-ignore
    const entry = {
      id: randomUUID(),
      point: points[0].id,
      at: new Date().toISOString(),
      kind: 'read',
      what: 'before',
      value: 69,
    }
    await technician
      .post(`/api/rounds/${round.id}/entries`)
      .send({ entries: [entry, entry] })
      .expect(200)
    const { days, trend } = await trendOf('temperature')
    assert.deepInclude(days.at(-1), { day: daysAgo(0), count: 1, median: 69 })
    assert.equal(trend?.verdict, 'watch')
    assert.deepEqual(trend?.reasons, ['over-alert'])
    const [found] = await warming()
    assert.deepInclude(found, { quantity: 'temperature', verdict: 'watch' })
    assert.equal(found?.position.id, test.site.positionId)
  })

  it('call no more once the bearing was changed', async () => {
    assert.isNotEmpty(await warming())
    await test.database.pool.query(
      `insert into job (site_id, machine_id, number, title, state, position_ids, steps, as_found, ended_at)
       select site_id, machine_id, 900, 'Changed', 'done', array[id], '[]', '{}', now() from position where id = $1`,
      [test.site.positionId],
    )
    assert.isEmpty(await warming())
    await test.database.pool.query('delete from job where number = 900')
  })

  it('come out again as they went in', async () => {
    const { text } = await technician.get(`/api/positions/${test.site.positionId}/readings.csv`).expect(200)
    const lines = text.trim().split('\n')
    assert.lengthOf(lines, 1 + 60 + 3 + 4 + 1 + 1)
    assert.match(lines.at(-1) ?? '', /temperature,.*,69,,,round$/)
  })
})
