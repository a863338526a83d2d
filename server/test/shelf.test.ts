import type { Shelf, StockLine, StockTaken } from '@yardfrost/contract'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { testApp, type TestApp } from './test-app.ts'

describe('the shelf', () => {
  let test: TestApp
  let technician: request.Agent
  let viewer: request.Agent

  before(async () => {
    test = await testApp('shelf')
    technician = await test.signedIn('technician@north')
    viewer = await test.signedIn('viewer@north')
  })
  after(() => test.stop())

  const add = async (entry: object): Promise<StockLine> =>
    (await technician.post('/api/shelf').send(entry).expect(201)).body
  const shelf = async (): Promise<Shelf> => (await viewer.get('/api/shelf').expect(200)).body
  const countOf = async (id: string) => (await shelf()).lines.find((line) => line.id === id)?.count
  const move = (id: string, body: object) =>
    technician.post(`/api/shelf/${id}/moves`).send({ id: randomUUID(), ...body })

  it('takes a line, and no second of that number in that place', async () => {
    const line = await add({ designation: '6314-C3', place: 'A3', count: 4, least: 2 })
    assert.deepInclude(line, { designation: '6314-C3', condition: 'boxed', greasedOn: null, count: 4, least: 2 })
    const again = { designation: '6314-C3', place: 'A3', count: 1 }
    const { body } = await technician.post('/api/shelf').send(again).expect(400)
    assert.equal(body.error.field, 'place')
    await add({ ...again, condition: 'opened' })
    await viewer.post('/api/shelf').send(again).expect(403)
  })

  it('counts what goes in and out, once each, and never below none', async () => {
    const { id } = await add({ designation: '6319-C3', place: 'B1', count: 2 })
    const once = { id: randomUUID(), kind: 'out', count: 1 }
    for (let sent = 0; sent < 2; sent++) await technician.post(`/api/shelf/${id}/moves`).send(once).expect(200)
    assert.equal(await countOf(id), 1)
    const { body } = await move(id, { kind: 'out', count: 2 }).expect(400)
    assert.deepInclude(body.error, { field: 'count', code: 'OUT_OF_RANGE' })
    await move(id, { kind: 'in', count: 0 }).expect(400)
    await move(id, { kind: 'in', count: 5 }).expect(200)
    await move(id, { kind: 'counted', count: 3 }).expect(200)
    assert.equal(await countOf(id), 3)
    const { rows } = await test.database.pool.query('select kind, change from stock_move where stock_id = $1 order by at', [id]) // prettier-ignore
    assert.deepEqual(
      rows.map(({ kind, change }) => [kind, change]),
      [
        ['out', -1],
        ['in', 5],
        ['counted', -3],
      ],
    )
  })

  it('gives one to a job that wants it, and knows that it was taken', async () => {
    const { machineId, positionId } = test.site
    const { body: job } = await technician
      .post('/api/jobs')
      .send({ machineId, positionIds: [positionId], plannedFor: '2026-12-03' })
      .expect(201)
    const wants = async () => (await shelf()).wanted.find(({ jobId }) => jobId === job.id)
    const before = await wants()
    assert.deepInclude(before, { number: job.number, plannedFor: '2026-12-03', taken: false })
    const { id } = await add({ designation: before?.designation, place: 'C2', count: 1 })
    await move(id, { kind: 'out', count: 1, jobId: job.id }).expect(200)
    assert.deepInclude(await wants(), { taken: true })
    assert.equal(await countOf(id), 0)
    // It came back: the job wants it again.
    await move(id, { kind: 'in', count: 1, jobId: job.id }).expect(200)
    assert.deepInclude(await wants(), { taken: false })
    await move(id, { kind: 'out', count: 1, jobId: randomUUID() }).expect(404)
  })

  it('is changed by who saw it last, and taken off', async () => {
    const line = await add({ designation: 'UC212', place: 'D1', count: 1 })
    const entry = {
      designation: 'UC212',
      place: 'D2',
      condition: 'opened',
      greasedOn: '2022-01-01',
      least: 1,
      note: 'x',
    }
    const { body } = await technician.put(`/api/shelf/${line.id}`).send({ version: 1, entry }).expect(200)
    assert.deepInclude(body, { place: 'D2', greasedOn: '2022-01-01', count: 1, version: 2 })
    await technician.put(`/api/shelf/${line.id}`).send({ version: 1, entry }).expect(409)
    const taken = { ...entry, designation: '6314-C3', place: 'A3', condition: 'boxed', greasedOn: null }
    await technician.put(`/api/shelf/${line.id}`).send({ version: 2, entry: taken }).expect(400)
    await technician.delete(`/api/shelf/${line.id}`).expect(204)
    await technician.delete(`/api/shelf/${line.id}`).expect(404)
  })

  it('goes out as a file and comes back in, each bad line with its reason', async () => {
    const { text } = await viewer.get('/api/shelf.csv').expect(200)
    assert.match(text, /^bearing,place,count,least,condition,greased_on,note\n/)
    const send = async (csv: string, save: boolean): Promise<StockTaken> =>
      (await technician.post('/api/shelf/file').query({ save }).type('text/csv').send(csv).expect(200)).body
    assert.isTrue((await send(text, true)).lines.every(({ outcome }) => outcome === 'same'))
    const csv = [
      'bearing,place,count,greased_on',
      '6314-C3,A3,9,',
      '30222,E1,2,',
      '30222,E1,3,',
      '6008-P5,,1,',
      '6008-P5,E2,two,',
      '6008-P5,E2,1,yesterday',
    ].join('\n')
    const tried = await send(csv, false)
    assert.deepEqual(
      tried.lines.map(({ outcome }) => outcome),
      ['counted', 'new', 'refused', 'refused', 'refused', 'refused'],
    )
    for (const { outcome, message } of tried.lines) assert.equal(message === null, outcome !== 'refused')
    assert.notInclude(JSON.stringify(await shelf()), '30222')
    assert.equal((await send(csv, true)).taken, 2)
    const { lines } = await shelf()
    assert.equal(
      lines.find(({ designation, condition }) => designation === '6314-C3' && condition === 'boxed')?.count,
      9,
    )
    assert.equal(lines.find(({ designation }) => designation === '30222')?.count, 2)
  })
})
