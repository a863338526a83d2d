import type { JobChange, JobDetail } from '@yardfrost/contract'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import { connect, type Socket } from 'node:net'
import type request from 'supertest'
import { mostStreams } from '../src/live/streams.ts'
import { listening } from './listening.ts'
import { testApp, type TestApp } from './test-app.ts'
import { until } from './until.ts'

describe('streams of a job', () => {
  let test: TestApp
  let technician: request.Agent
  let job: JobDetail
  let site: Awaited<ReturnType<typeof listening>>
  before(async () => {
    test = await testApp('streams')
    technician = await test.signedIn('technician@north')
    const { machineId, positionId } = test.site
    job = (
      await technician
        .post('/api/jobs')
        .send({ machineId, positionIds: [positionId] })
        .expect(201)
    ).body
    site = await listening(test.app, 'viewer@north')
  })
  after(async () => {
    await site.stop()
    await test.stop()
  })

  const note = (text: string) => ({
    id: randomUUID(),
    step: 'lock-out',
    at: new Date().toISOString(),
    kind: 'note',
    text,
  })
  const send = (entries: object[]) => technician.post(`/api/jobs/${job.id}/entries`).send({ entries }).expect(200)
  const changesIn = (heard: string): JobChange[] =>
    heard
      .split('\n\n')
      .filter((event) => event.startsWith('event: change'))
      .map((event) => JSON.parse(event.split('\ndata: ')[1] ?? '') as JobChange)

  it('tell the job once, and then what changes of it', async () => {
    const stream = await site.open(`/jobs/${job.id}/events`)
    await stream.hear(/event: job\ndata: .*\n\n/)
    await send([note('first')])
    const heard = await stream.hear(/first.*\n\n/)
    const [change] = changesIn(heard)
    assert.lengthOf(change?.entries ?? [], 1)
    assert.equal(change?.state, 'under-way')
    assert.notProperty(change, 'steps')
    assert.isBelow(heard.length, 1000)
    stream.close()
  })

  it('end when whoever listens signs out', async () => {
    const other = await listening(test.app, 'viewer@north')
    const stream = await other.open(`/jobs/${job.id}/events`)
    await stream.hear(/event: job/)
    await fetch(`${other.base}/session`, { method: 'DELETE', headers: { cookie: other.cookie } })
    await stream.ended()
    await other.stop()
  })

  it(`are at most ${mostStreams} a person`, async () => {
    const other = await listening(test.app, 'planner@north')
    const opened = []
    for (let count = 0; count < mostStreams; count++) opened.push(await other.open(`/jobs/${job.id}/events`))
    assert.isTrue(opened.every(({ response }) => response.status === 200))
    const refused = await other.open(`/jobs/${job.id}/events`)
    assert.equal(refused.response.status, 429)
    await refused.hear(/"code":"TOO_MANY"/)
    opened[0]?.close()
    await until(async () => {
      const again = await other.open(`/jobs/${job.id}/events`)
      if (again.response.status === 200) return true
      again.close()
      return false
    }, 'room for another')
    await other.stop()
  })

  it('hold no more for readers that never read than a little, whatever is added', async function () {
    this.timeout(60_000)
    const { hostname, port } = new URL(site.base)
    const deaf: Socket[] = []
    for (let count = 0; count < 5; count++) {
      const socket = connect(Number(port), hostname)
      socket.pause()
      socket.write(`GET /api/jobs/${job.id}/events HTTP/1.1\r\nHost: localhost\r\nCookie: ${site.cookie}\r\n\r\n`)
      deaf.push(socket)
    }
    const kept = Array.from({ length: 200 }, () => note('x'.repeat(1000)))
    await send(kept)
    global.gc?.()
    const before = process.memoryUsage().rss
    for (let count = 0; count < 12; count++) await send(Array.from({ length: 200 }, () => note('y'.repeat(1000))))
    const grown = (process.memoryUsage().rss - before) / 1e6
    for (const socket of deaf) socket.destroy()
    // Whole jobs to each of them would be over 100 MB of text alone.
    assert.isBelow(grown, 90)
  })

  it('and the job itself come in pages once they are many', async () => {
    const { body: first } = await technician.get(`/api/jobs/${job.id}`).expect(200)
    assert.lengthOf(first.entries, 500)
    assert.isTrue(first.more)
    let { entries, more } = first as JobDetail
    while (more) {
      const { body } = await technician
        .get(`/api/jobs/${job.id}/entries`)
        .query({ after: entries.at(-1)?.seq })
        .expect(200)
      entries = [...entries, ...body.entries]
      more = body.more
    }
    assert.isAbove(entries.length, 2500)
    assert.lengthOf(new Set(entries.map(({ seq }) => seq)), entries.length)
    const stream = await site.open(`/jobs/${job.id}/events`)
    let heard = ''
    let told = 0
    while (told < entries.length - 500) {
      heard += await stream.hear(/\n\n/)
      told = changesIn(heard.slice(0, heard.lastIndexOf('\n\n') + 2)).reduce((sum, one) => sum + one.entries.length, 0)
    }
    assert.equal(told, entries.length - 500)
    stream.close()
  })
})
