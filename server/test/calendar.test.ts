import { assert } from 'chai'
import ical, { type VEvent } from 'node-ical'
import type request from 'supertest'
import requestTo from 'supertest'
import { testApp, type TestApp } from './test-app.ts'

describe('a calendar of one’s own', () => {
  let test: TestApp
  let technician: request.Agent
  let path: string
  before(async () => {
    test = await testApp('calendar')
    technician = await test.signedIn('technician@north')
    const { points } = (await technician.get('/api/points').expect(200)).body
    await technician.post('/api/rounds').send({ title: 'Pump hall; north, and south', day: '2026-12-07', pointIds: [points[0].id] }).expect(201) // prettier-ignore
    path = (await technician.post('/api/my-calendar').expect(201)).body.path
  })
  after(() => test.stop())

  const events = async (): Promise<VEvent[]> => {
    const { text } = await requestTo(test.app)
      .get(path)
      .expect(200)
      .expect('content-type', /text\/calendar/)
    return Object.values(ical.sync.parseICS(text)).filter((one): one is VEvent => one?.type === 'VEVENT')
  }

  it('is read by whoever has the address, and by another program’s reader', async () => {
    const all = await events()
    const round = all.find(({ uid }) => uid.startsWith('round-'))
    assert.equal(round?.summary, 'Round 1: Pump hall; north, and south')
    assert.equal(round?.datetype, 'date')
    // A day, whatever time zone reads it.
    assert.deepEqual([round?.start.getFullYear(), round?.start.getMonth(), round?.start.getDate()], [2026, 11, 7])
    const due = all.find(({ uid }) => uid.startsWith('week-'))
    assert.match(String(due?.summary), /due in week \d+, \d+ min$/)
  })

  it('has nothing of another site in it', async () => {
    const south = await test.signedIn('technician@south')
    const { points } = (await south.get('/api/points').expect(200)).body
    await south.post('/api/rounds').send({ title: 'South only', day: '2026-12-08', pointIds: [points[0].id] }).expect(201) // prettier-ignore
    for (const { summary } of await events()) assert.notInclude(String(summary), 'South only')
  })

  it('has another address when one asks for it, and none when one gives it up', async () => {
    const { body } = await technician.post('/api/my-calendar').expect(201)
    await requestTo(test.app).get(path).expect(404)
    path = body.path
    assert.isNotEmpty(await events())
    assert.isNotNull((await technician.get('/api/my-calendar').expect(200)).body.madeAt)
    await technician.delete('/api/my-calendar').expect(204)
    await requestTo(test.app).get(path).expect(404)
    assert.isNull((await technician.get('/api/my-calendar').expect(200)).body.madeAt)
  })

  it('is that of nobody who has left', async () => {
    const viewer = await test.signedIn('viewer@north')
    path = (await viewer.post('/api/my-calendar').expect(201)).body.path
    await test.database.pool.query(`update membership set retired_at = now() where name like '%' and account_id = (select account_id from calendar_feed)`) // prettier-ignore
    await requestTo(test.app).get(path).expect(404)
  })
})
