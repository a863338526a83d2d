import { HeaterSample } from '@yardfrost/contract'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { startHeaterProcess, type HeaterProcess } from '../src/devices/heater-process.ts'
import { heatTarget } from './heat-target.ts'
import { listening } from './listening.ts'
import { testApp, type TestApp } from './test-app.ts'

const path = (changes: object = {}, piece: string = randomUUID()) =>
  `/devices/heater?${new URLSearchParams({ piece, target: JSON.stringify({ ...heatTarget, ...changes }) }).toString()}`

describe('the heater over HTTP', () => {
  let heater: HeaterProcess
  let test: TestApp
  let technician: request.Agent
  let site: Awaited<ReturnType<typeof listening>>

  before(async () => {
    process.env['YARDFROST_HEATER_RATE'] = '20'
    heater = await startHeaterProcess()
    delete process.env['YARDFROST_HEATER_RATE']
    test = await testApp('heater_http', heater.port)
    technician = await test.signedIn('technician@north')
    site = await listening(test.app, 'technician@north')
  })
  after(async () => {
    await site.stop()
    await test.stop()
    await heater.stop()
  })

  it('tells sample after sample, each hotter than the room, and goes off when nobody listens', async () => {
    const stream = await site.open(path())
    assert.match(stream.response.headers.get('content-type') ?? '', /^text\/event-stream/)
    const said = await stream.hear(/event: sample\ndata: .+\n\n[^]*event: sample\ndata: .+\n\n/)
    const samples = [...said.matchAll(/data: (.+)\n/g)].map(([, data]) => HeaterSample.parse(JSON.parse(data ?? '')))
    assert.isAtLeast(samples.length, 2)
    assert.isAbove(samples[1]?.innerC ?? 0, samples[0]?.innerC ?? 1000)
    stream.close()
  })

  it('shows by infrared what bright steel looks like, far below what it is', async () => {
    const piece = randomUUID()
    const stream = await site.open(path({}, piece))
    const said = await stream.hear(/"innerC":(5\d|[6-9]\d)/)
    stream.close()
    const ringC = Number(/"innerC":([\d.]+)[^{]*$/.exec(said)?.[1])
    const { body } = await technician.post('/api/devices/thermometer/readings').send({ piece, roomC: 20 }).expect(201)
    assert.isAbove(body.shownC, 20)
    assert.isBelow(body.shownC, ringC - 10)
  })

  const refused: [why: string, path: string, field: string, message: RegExp][] = [
    ['no piece', '/devices/heater?target={}', 'piece', /piece/],
    ['a piece that is none', path({}, 'mine'), 'piece', /piece/],
    ['a target that is no JSON', `/devices/heater?piece=${randomUUID()}&target=hot`, 'target', /must be JSON/],
    ['a target without its limit', path({ limitC: null }), 'limitC', /limitC/],
    ['a misspelt target', path({ aim: 95 }), 'aim', /one of slidesC, aimC/],
  ]
  for (const [why, where, field, message] of refused)
    it(`refuses ${why}, and heats nothing`, async () => {
      const { body } = await technician.get(`/api${where}`).expect(400)
      assert.equal(body.error.field, field)
      assert.match(body.error.message, message)
      assert.isNotEmpty(body.error.fix)
    })

  it('is not a viewer’s to switch on', async () => {
    const viewer = await test.signedIn('viewer@north')
    const { body } = await viewer.get(`/api${path()}`).expect(403)
    assert.equal(body.error.code, 'NOT_ALLOWED')
  })

  it('says that it broke off, and what to do, when its plug is pulled', async () => {
    const stream = await site.open(path())
    await stream.hear(/event: sample/)
    heater.kill()
    const said = await stream.hear(/event: trouble\ndata: .+\n\n/)
    assert.match(said, /broke off|fallen silent/)
    assert.match(said, /"fix":".+"/)
  })
})

describe('a heater that is not there', () => {
  it('is said to be out of reach, by stream and by thermometer', async () => {
    // Nothing listens on port 1.
    const test = await testApp('no_heater', () => 1)
    const site = await listening(test.app, 'technician@north')
    try {
      const stream = await site.open(path())
      assert.match(await stream.hear(/event: trouble\ndata: .+\n\n/), /cannot be reached/)
      const technician = await test.signedIn('technician@north')
      const { body } = await technician
        .post('/api/devices/thermometer/readings')
        .send({ piece: randomUUID(), roomC: 20 })
        .expect(502)
      assert.equal(body.error.code, 'DEVICE_FAILED')
    } finally {
      await site.stop()
      await test.stop()
    }
  })
})
