import { HeaterRun, HeaterSample, type JobDetail } from '@yardfrost/contract'
import type { JobEntry, RollingPosition } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { startDeviceProcess, type DeviceProcess } from '../src/devices/device-process.ts'
import { listening } from './listening.ts'
import { seededInputs } from './seed.ts'
import { testApp, type TestApp } from './test-app.ts'
import { until } from './until.ts'

const runs = '/api/devices/heater-runs'

describe('the heater over HTTP', () => {
  let heater: DeviceProcess
  let test: TestApp
  let technician: request.Agent
  let site: Awaited<ReturnType<typeof listening>>

  before(async () => {
    // The process last: without a database there is nothing to stop.
    test = await testApp('heater_http', () => heater.port())
    process.env['YARDFROST_HEATER_RATE'] = '20'
    heater = await startDeviceProcess('simulated-heater')
    delete process.env['YARDFROST_HEATER_RATE']
    technician = await test.signedIn('technician@north')
    site = await listening(test.app, 'technician@north')
  })
  after(async () => {
    await site.stop()
    await test.stop()
    await heater.stop()
  })

  const start = async (order: object = { positionId: test.site.positionId }): Promise<HeaterRun> =>
    HeaterRun.parse((await technician.post(runs).send(order).expect(201)).body)
  const watch = (run: HeaterRun) => site.open(`/devices/heater-runs/${run.id}`)
  const makeJob = async (): Promise<JobDetail> =>
    (await technician.post('/api/jobs').send({ machineId: test.site.machineId, positionIds: [test.site.positionId] }).expect(201)).body // prettier-ignore
  const entry = (step: string, kind: JobEntry['kind'], rest: object = {}) => ({ id: randomUUID(), step, at: new Date().toISOString(), kind, ...rest }) // prettier-ignore
  const change = async (inputs: (before: RollingPosition) => RollingPosition) => {
    const { body } = await technician.get(`/api/positions/${test.site.positionId}`).expect(200)
    await technician
      .put(`/api/positions/${test.site.positionId}`)
      .send({ version: body.version, inputs: inputs(body.inputs) })
      .expect(200)
  }

  it('is told by the server what to heat to: the fit and the closure of the position', async () => {
    const run = await start()
    // j6 on 70 mm is at most 27 µm tight; 0.84 µm a degree from 20 °C; 7 µm of room and 10 K lost on the way.
    assert.deepInclude(run.target, { aimC: 110, limitC: 120, roomC: 20 })
    assert.approximately(run.target.liftC ?? NaN, 20 + 34 / 0.84 + 10, 0.1)
    ;(await watch(run)).close()
  })

  it('tells sample after sample, each hotter than the room, and goes off when nobody listens', async () => {
    const run = await start()
    const stream = await watch(run)
    assert.match(stream.response.headers.get('content-type') ?? '', /^text\/event-stream/)
    const said = await stream.hear(/event: sample\ndata: .+\n\n[^]*event: sample\ndata: .+\n\n[^]*event: sample/)
    const samples = [...said.matchAll(/data: (.+)\n/g)].map(([, data]) => HeaterSample.parse(JSON.parse(data ?? '')))
    assert.isAtLeast(samples.length, 2)
    assert.isAbove(samples.at(-1)?.innerC ?? 0, samples[0]?.innerC ?? 1000)
    stream.close()
    // Off means off: who comes back later is told, and has to ask again.
    const { body: account } = await technician.get('/api/session')
    await until(() => test.runs.countOn(account.id) === 0, 'the heater to be off')
    assert.match(await (await watch(run)).hear(/event: trouble[^]*\n\n/).catch(String), /This heater is off|the stream ended/) // prettier-ignore
  })

  it('shows by infrared what bright steel looks like, far below what it is', async () => {
    const run = await start()
    const stream = await watch(run)
    const said = await stream.hear(/"innerC":(5\d|[6-9]\d)/)
    stream.close()
    const ringC = Number(/"innerC":([\d.]+)[^{]*$/.exec(said)?.[1])
    const { body } = await technician.post('/api/devices/thermometer/readings').send({ piece: run.piece, roomC: 20 }).expect(201) // prettier-ignore
    assert.isAbove(body.shownC, 20)
    assert.isBelow(body.shownC, ringC - 10)
  })

  for (const [why, order, status, field] of [
    ['a target of one’s own', { target: { aimC: 1e9, limitC: 1e9 } }, 400, 'target'],
    ['a target beside a position', { positionId: randomUUID(), target: { aimC: 300 } }, 400, 'target'],
    ['a position that is none', { positionId: 'mine' }, 400, 'positionId'],
    ['a position of another site', { positionId: randomUUID() }, 404, null],
    ['a job of another site', { jobId: randomUUID(), step: 'mount:x' }, 404, null],
    ['nothing', {}, 400, 'positionId'],
  ] as const)
    it(`refuses ${why}, and heats nothing`, async () => {
      const { body } = await technician.post(runs).send(order).expect(status)
      if (field) assert.equal(body.error.field, field)
      assert.isNotEmpty(body.error.fix)
    })

  it('heats nothing by a mere look', async () => {
    await technician.get('/api/devices/heater').expect(404)
    await technician.get(runs).expect(404)
  })

  it('heats nothing for a job before it is locked out, and then what its step says', async () => {
    const job = await makeJob()
    const mount = job.steps.find(({ key }) => key.startsWith('mount:'))
    const order = { jobId: job.id, step: mount?.key }
    const { body } = await technician.post(runs).send(order).expect(409)
    assert.match(body.error.message, /cannot begin: Lock out is not done/)
    const entries = [
      entry('lock-out', 'acknowledged', { caution: 0 }),
      entry('lock-out', 'reading', { reading: 'dead', value: null, text: 'yes', reason: null }),
      entry('lock-out', 'done'),
    ]
    await technician.post(`/api/jobs/${job.id}/entries`).send({ entries }).expect(200)
    const run = await start(order)
    assert.deepEqual(run.target, mount?.heat)
    ;(await watch(run)).close()
    await technician.post(runs).send({ jobId: job.id, step: 'arrival' }).expect(400)
    await technician.post(runs).send({ jobId: job.id, step: 'no-such-step' }).expect(404)
  })

  it('heats no ring that gets home another way', async () => {
    const before = seededInputs()
    await change(() => ({ ...before, bearing: { ...before.bearing, designation: '22216 EK-C3' } }))
    const { body } = await technician.post(runs).send({ positionId: test.site.positionId }).expect(400)
    assert.match(body.error.message, /within its limit/)
    await change(() => before)
  })

  it('is not a viewer’s to switch on', async () => {
    const viewer = await test.signedIn('viewer@north')
    const { body } = await viewer.post(runs).send({ positionId: test.site.positionId }).expect(403)
    assert.equal(body.error.code, 'NOT_ALLOWED')
  })

  it('is watched by whoever switched it on, and nobody else', async () => {
    const run = await start()
    const planner = await listening(test.app, 'planner@north')
    try {
      const stream = await planner.open(`/devices/heater-runs/${run.id}`)
      assert.match(await stream.hear(/event: trouble[^]*\n\n/), /This heater is off/)
    } finally {
      await planner.stop()
    }
    ;(await watch(run)).close()
  })

  it('goes off at once when the server stops', async () => {
    const stream = await watch(await start())
    await stream.hear(/event: sample/)
    test.runs.stop()
    await stream.hear(/never/).then(
      () => assert.fail(),
      (error: Error) => assert.match(error.message, /the stream ended/),
    )
  })

  it('says that it broke off, and what to do, when its plug is pulled', async () => {
    const stream = await watch(await start())
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
      const technician = await test.signedIn('technician@north')
      const { body: run } = await technician.post(runs).send({ positionId: test.site.positionId }).expect(201)
      const stream = await site.open(`/devices/heater-runs/${run.id}`)
      assert.match(await stream.hear(/event: trouble\ndata: .+\n\n/), /cannot be reached/)
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
