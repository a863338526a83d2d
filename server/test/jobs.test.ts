import type { EntriesKept, JobDetail, JobSummary } from '@yardfrost/contract'
import type { JobEntry } from '@yardfrost/core'
import { Transformer } from '@napi-rs/image'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import { crc32 } from 'node:zlib'
import type request from 'supertest'
import { listening } from './listening.ts'
import { seedLine } from './seed.ts'
import { testApp, type TestApp } from './test-app.ts'

/** The smallest picture there is: one grey point. */
const png = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==', 'base64') // prettier-ignore

describe('jobs', () => {
  let test: TestApp
  let technician: request.Agent
  let planner: request.Agent
  let viewer: request.Agent
  let job: JobDetail

  before(async () => {
    test = await testApp('jobs')
    technician = await test.signedIn('technician@north')
    planner = await test.signedIn('planner@north')
    viewer = await test.signedIn('viewer@north')
    job = await make()
  })
  after(() => test.stop())

  const make = async (): Promise<JobDetail> =>
    (
      await technician
        .post('/api/jobs')
        .send({ machineId: test.site.machineId, positionIds: [test.site.positionId] })
        .expect(201)
    ).body
  const entry = (step: string, kind: JobEntry['kind'], rest: object = {}) => ({ id: randomUUID(), step, at: new Date().toISOString(), kind, ...rest }) // prettier-ignore
  const read = (step: string, reading: string, answer: object) =>
    entry(step, 'reading', { reading, value: null, text: null, reason: null, ...answer })
  const send = async (entries: object[], to = job, agent = technician): Promise<EntriesKept> =>
    (await agent.post(`/api/jobs/${to.id}/entries`).send({ entries }).expect(200)).body
  const get = async (of = job): Promise<JobDetail> => (await technician.get(`/api/jobs/${of.id}`).expect(200)).body
  const stepOf = (key: string, of = job) => {
    const found = of.steps.find((step) => step.key.split(':')[0] === key)
    if (!found) throw new Error(`no step ${key}`)
    return found
  }
  /** Everything that makes a step done, with readings in the middle of their limits. */
  const allOf = (of: JobDetail, change: (key: string) => object | null = () => null) =>
    of.steps.flatMap((step) => [
      ...step.cautions.map((_, caution) => entry(step.key, 'acknowledged', { caution })),
      ...step.readings.map((one) =>
        read(step.key, one.key, change(one.key) ?? (one.kind === 'number'
            ? { value: one.low !== null && one.high !== null ? (one.low + one.high) / 2 : (one.low ?? one.high ?? 1) }
            : { text: one.expected ?? 'seen' })),
      ),
      ...(step.heat
        ? ['lifted', 'home'].map((event) => entry(step.key, 'heat', { event, innerC: 105, outerC: 80, seconds: 120 }))
        : []),
      entry(step.key, 'done'),
    ]) // prettier-ignore

  it('are made with their steps and the next number', async () => {
    assert.isAbove(job.number, 100)
    assert.match(job.title, /drive end/)
    assert.equal(job.state, 'planned')
    assert.equal(job.steps[0]?.key, 'lock-out')
    assert.equal((await make()).number, job.number + 1)
  })

  it('get a number each, however many are made at once', async () => {
    const made = await Promise.all(Array.from({ length: 6 }, make))
    assert.lengthOf(new Set(made.map(({ number }) => number)), 6)
  })

  it('are planned for a day, which stays that day, and for another or none', async () => {
    const where = { machineId: test.site.machineId, positionIds: [test.site.positionId] }
    const { body: made } = await planner
      .post('/api/jobs')
      .send({ ...where, plannedFor: '2031-03-01' })
      .expect(201)
    assert.equal(made.plannedFor, '2031-03-01')
    const { body: list } = await viewer.get('/api/jobs').expect(200)
    assert.equal((list as JobSummary[]).find(({ id }) => id === made.id)?.plannedFor, '2031-03-01')
    const plan = (plannedFor: unknown, agent = planner) => agent.put(`/api/jobs/${made.id}/plan`).send({ plannedFor })
    assert.equal((await plan('2032-02-29').expect(200)).body.plannedFor, '2032-02-29')
    assert.isNull((await plan(null).expect(200)).body.plannedFor)
    const { rows } = await test.database.pool.query(
      `select detail from audit_event where kind = 'job.planned' and subject_id = $1 order by id`,
      [made.id],
    )
    assert.deepEqual(
      rows.map(({ detail }) => detail),
      [{ plannedFor: '2032-02-29' }, { plannedFor: null }],
    )
    await plan('2031-03-02', viewer).expect(403)
    for (const [no, message] of [
      ['2031-02-30', /plannedFor is "2031-02-30"; it must be a day, written YYYY-MM-DD/],
      ['tomorrow', /a day/],
      [7, /a day/],
    ] as const) {
      const { body } = await plan(no).expect(400)
      assert.equal(body.error.field, 'plannedFor')
      assert.match(body.error.message, message)
    }
  })

  it('are listed with their stage and who has them, open ones first', async () => {
    await send([entry('lock-out', 'acknowledged', { caution: 0 })])
    const { body } = await viewer.get('/api/jobs').expect(200)
    const mine = (body as JobSummary[]).find(({ id }) => id === job.id)
    assert.deepInclude(mine, { stage: 'Lock out', who: 'technician of north', state: 'under-way', doneSteps: 0 })
  })

  it('count an entry once, however often it is sent', async () => {
    const note = entry(stepOf('evidence').key, 'note', { text: 'grease is black' })
    for (let time = 0; time < 3; time++) assert.lengthOf((await send([note])).kept, 1)
    assert.lengthOf(
      (await get()).entries.filter(({ entry: { id } }) => id === note.id),
      1,
    )
  })

  it('say so of an entry that another job has, and keep the others', async () => {
    const [mine, theirs] = [await make(), await make()]
    const note = entry('arrival', 'note', { text: 'black grease' })
    await send([note], mine)
    const { kept, refused } = await send([note, entry('arrival', 'note', { text: 'grey grease' })], theirs)
    assert.lengthOf(kept, 1)
    assert.deepEqual(
      refused.map(({ id, message }) => [id, message]),
      [[note.id, 'Another job has this entry']],
    )
    assert.lengthOf((await get(mine)).entries, 1)
  })

  it('begin with the first entry that is kept, not with one that is refused or sent again', async () => {
    const made = await make()
    await send([entry('run-up', 'done'), entry('no-such-step', 'note', { text: 'x' })], made)
    assert.equal((await get(made)).state, 'planned')
    const note = entry('arrival', 'note', { text: 'here' })
    await send([note], made)
    assert.equal((await get(made)).state, 'under-way')
    await technician.put(`/api/jobs/${made.id}/state`).send({ state: 'waiting', reason: 'no washer' }).expect(200)
    await send([note], made)
    assert.equal((await get(made)).state, 'waiting')
  })

  for (const count of [8, 12])
    it(`are made of ${count} positions of one machine, every step with a key of its own`, async () => {
      const { machineId, positionIds } = await seedLine(test, count)
      const { body } = await technician.post('/api/jobs').send({ machineId, positionIds }).expect(201)
      const { steps, title } = body as JobDetail
      assert.equal(title, `Change the bearings of ${count} positions`)
      assert.lengthOf(new Set(steps.map(({ key }) => key)), steps.length)
      assert.lengthOf(new Set(steps.flatMap(({ position }) => position?.id ?? [])), count)
    })

  it('are not made of one position given twice', async () => {
    const twice = { machineId: test.site.machineId, positionIds: [test.site.positionId, test.site.positionId] }
    const { body } = await technician.post('/api/jobs').send(twice).expect(400)
    assert.equal(body.error.field, 'positionIds')
    assert.match(body.error.message, /once/)
  })

  it('keep both of two people at once, in one order', async () => {
    const notes = Array.from({ length: 12 }, (_, index) => entry('arrival', 'note', { text: `note ${index}` }))
    await Promise.all(notes.map((note, index) => send([note], job, index % 2 ? technician : planner)))
    const kept = (await get()).entries.filter(({ entry: one }) => one.step === 'arrival')
    assert.sameMembers(
      kept.map(({ entry: { id } }) => id),
      notes.map(({ id }) => id),
    )
    assert.deepEqual(
      kept.map(({ seq }) => seq),
      kept.map(({ seq }) => seq).sort((a, b) => a - b),
    )
    assert.sameMembers([...new Set(kept.map(({ by }) => by))], ['technician of north', 'planner of north'])
  })

  it('refuse a step that is not done, name what is missing, and keep the rest', async () => {
    const { kept, refused } = await send([
      entry('run-up', 'done'),
      entry('run-up', 'note', { text: 'quiet' }),
      entry('no-such-step', 'note', { text: 'x' }),
      read(stepOf('gauge').key, 'no-such-reading', { value: 1 }),
    ])
    assert.lengthOf(kept, 1)
    assert.lengthOf(refused, 3)
    assert.match(
      refused[0]?.message ?? '',
      /Run up cannot be done: Lock out is not done, a caution is not acknowledged/,
    )
  })

  it('ask a reason for a reading out of limits', async () => {
    await send(allOf(job).filter((one) => (one as JobEntry).step === 'lock-out'))
    const gauge = stepOf('gauge')
    const shaft = gauge.readings[0]
    const answers = (reason: string | null) =>
      gauge.readings.map((one) =>
        read(gauge.key, one.key, one === shaft ? { value: 1, reason } : { value: one.low ?? 1 }),
      )
    const done = () => entry(gauge.key, 'done')
    const without = await send([...answers(null), done()])
    assert.match(without.refused[0]?.message ?? '', /out of limits and has no reason/)
    assert.isEmpty((await send([...answers('sleeved later'), done()])).refused)
  })

  it('refuse a request without entries by name', async () => {
    const { body } = await technician.post(`/api/jobs/${job.id}/entries`).send({ entries: [] }).expect(400)
    assert.equal(body.error.field, 'entries')
  })

  const at = '2031-03-01T08:00:00.000Z'
  for (const [why, bad, message] of [
    ['a kind that is none', { step: 'arrival', at, kind: 'wish' }, /kind is "wish"; it must be one of acknowledged, reading, note/],
    ['a ring at 900 degrees', { step: 'mount:x', at, kind: 'heat', event: 'lifted', innerC: 900, outerC: 80, seconds: 1 }, /innerC is 900; it must be a number from -50 to 300/],
    ['a field that is none', { step: 'arrival', at, kind: 'done', colour: 'red' }, /colour/],
    ['an entry of a newer program', { step: 'arrival', at, kind: 'done', schema: 99 }, /schema is 99.*newer program/],
    ['a text cut in the middle of a character', { step: 'arrival', at, kind: 'note', text: 'spanner \ud83d' }, /text was cut in the middle of a character/],
    ['a text with the character 0', { step: 'arrival', at, kind: 'note', text: 'a\u0000b' }, /text was cut/],
  ] as const) // prettier-ignore
    it(`refuse ${why} by itself, and keep the others`, async () => {
      const [before, after] = [entry('arrival', 'note', { text: 'before' }), entry('arrival', 'note', { text: 'after' })]
      const id = randomUUID()
      const { kept, refused } = await send([before, { id, ...bad }, after])
      assert.deepEqual(kept.map((one) => one.entry.id), [before.id, after.id])
      assert.deepEqual(refused.map((one) => one.id), [id])
      assert.match(refused[0]?.message ?? '', message)
    }) // prettier-ignore

  it('wait with a reason and go on with the next entry', async () => {
    const { body } = await technician.put(`/api/jobs/${job.id}/state`).send({ state: 'waiting', reason: 'no washer' })
    assert.deepInclude(body, { state: 'waiting', reason: 'no washer' })
    await send([entry('arrival', 'note', { text: 'washer is here' })])
    assert.equal((await get()).state, 'under-way')
  })

  for (const state of ['waiting', 'cancelled'])
    for (const reason of [undefined, '', '   '])
      it(`are not ${state} for ${reason === undefined ? 'no reason' : `“${reason}”`}`, async () => {
        const { body } = await technician.put(`/api/jobs/${job.id}/state`).send({ state, reason }).expect(400)
        assert.equal(body.error.field, 'reason')
        assert.match(body.error.message, /why it waits or is cancelled/)
      })

  it('of another grease go the way the two ask for, and leave nothing of the one before', async () => {
    const address = `/api/positions/${test.site.positionId}`
    const { version, inputs } = (await technician.get(address).expect(200)).body
    const grease = { ...inputs.grease, thickenerBefore: 'lithium', thickener: 'polyurea' }
    await technician
      .put(address)
      .send({ version, inputs: { ...inputs, grease } })
      .expect(200)
    const { body: change } = await technician
      .post('/api/jobs')
      .send({ machineId: test.site.machineId, positionIds: [test.site.positionId], kind: 'grease-change' })
      .expect(201)
    assert.match(change.title, /^Change the grease, /)
    assert.include(
      (change as JobDetail).steps.map(({ stage }) => stage),
      'wash',
    )
    assert.isEmpty((await send(allOf(change), change)).refused)
    await technician.post(`/api/jobs/${change.id}/close`).expect(200)
    const { body: after } = await technician.get(address).expect(200)
    assert.isNull(after.inputs.grease.thickenerBefore)
    assert.deepEqual(after.inputs, { ...inputs, grease: { ...grease, thickenerBefore: null } })
  })

  it('do not close while a step is open', async () => {
    const { body } = await technician.post(`/api/jobs/${job.id}/close`).expect(409)
    assert.equal(body.error.code, 'NOT_READY')
    assert.match(body.error.message, / is open/)
  })

  it('leave the position as its readings have it, and take nothing more', async () => {
    const done = await make()
    const before = (await technician.get(`/api/positions/${test.site.positionId}`)).body
    const kept = await send(allOf(done, (key) => (key === 'number' ? { text: '6214-C3' } : key === 'shaft-0' ? { value: 70.011, reason: 'as found' } : null)), done) // prettier-ignore
    assert.isEmpty(kept.refused)
    const { body: closed } = await technician.post(`/api/jobs/${done.id}/close`).expect(200)
    assert.equal(closed.state, 'done')
    const after = (await technician.get(`/api/positions/${test.site.positionId}`)).body
    assert.equal(after.version, before.version + 1)
    assert.equal(after.inputs.seat.shaftReadingsMm[0][0], 70.011)
    assert.deepEqual(closed.found, { [test.site.positionId]: before.inputs })
    assert.deepEqual(closed.left, { [test.site.positionId]: after.inputs })
    for (const agent of [technician, planner]) {
      const { body } = await agent
        .post(`/api/jobs/${done.id}/entries`)
        .send({ entries: [entry('arrival', 'note', { text: 'late' })] })
        .expect(409)
      assert.equal(body.error.code, 'JOB_CLOSED')
    }
    await technician.post(`/api/jobs/${done.id}/close`).expect(409)
    await technician.put(`/api/jobs/${done.id}/state`).send({ state: 'under-way' }).expect(409)
    await technician.put(`/api/jobs/${done.id}/plan`).send({ plannedFor: null }).expect(409)
    await technician.put(`/api/jobs/${done.id}/photos/${randomUUID()}`).type('image/png').send(png).expect(409)
    const { text } = await technician.get(`/api/jobs/${done.id}/export.csv`).expect(200)
    assert.match(text, /shaft, plane 1, upright.*70\.011/i)
    assert.equal((await technician.get(`/api/jobs/${done.id}/export.json`).expect(200)).body.number, done.number)
  })

  it('are handed over with a step left out, where somebody says why', async () => {
    const made = await make()
    const whole = allOf(made) as JobEntry[]
    const left = stepOf('evidence', made)
    const others = whole.filter(({ step }) => step !== left.key)
    const { refused } = await send(others, made)
    assert.match(refused[0]?.message ?? '', new RegExp(`Hand over cannot be done: ${left.title} is neither done nor skipped`)) // prettier-ignore
    await technician.post(`/api/jobs/${made.id}/close`).expect(409)
    const noReason = [entry(left.key, 'skipped', { reason: ' ' })]
    assert.match((await send(noReason, made)).refused[0]?.message ?? '', /reason/)
    const said = [entry(left.key, 'skipped', { reason: 'machine lies in the workshop' }), entry('hand-over', 'done')]
    assert.isEmpty((await send(said, made)).refused)
    await technician.post(`/api/jobs/${made.id}/close`).expect(200)
    const { text } = await technician.get(`/api/jobs/${made.id}/export.csv`).expect(200)
    assert.match(text, /machine lies in the workshop/)
  })

  it('leave the position judged as it is now, not as it was', async () => {
    const done = await make()
    const { refused } = await send(allOf(done, (key) => (key === 'number' ? { text: '6214', reason: 'none else in stock' } : null)), done) // prettier-ignore
    assert.isEmpty(refused)
    await technician.post(`/api/jobs/${done.id}/close`).expect(200)
    const { rows } = await test.database.pool.query('select state, designation, finding, result from position where id = $1', [test.site.positionId]) // prettier-ignore
    assert.deepInclude(rows[0], { state: 'stop', designation: '6214' })
    assert.match(rows[0].finding, /calls for C3/)
    assert.equal(rows[0].result.findings[0].key, 'clearance')
  })

  it('are cancelled with a reason', async () => {
    const made = await make()
    const { body } = await planner.put(`/api/jobs/${made.id}/state`).send({ state: 'cancelled', reason: 'not needed' })
    assert.deepInclude(body, { state: 'cancelled', reason: 'not needed' })
  })

  it('are not a viewer’s to write, nor another site’s to see', async () => {
    const stranger = await test.signedIn('technician@south')
    const entries = { entries: [entry('arrival', 'note', { text: 'x' })] }
    await viewer
      .post('/api/jobs')
      .send({ machineId: test.site.machineId, positionIds: [test.site.positionId] })
      .expect(403)
    await viewer.post(`/api/jobs/${job.id}/entries`).send(entries).expect(403)
    await viewer.put(`/api/jobs/${job.id}/state`).send({ state: 'waiting' }).expect(403)
    await viewer.post(`/api/jobs/${job.id}/close`).expect(403)
    await viewer.put(`/api/jobs/${job.id}/photos/${randomUUID()}`).send(Buffer.from('x')).expect(403)
    await viewer.post('/api/devices/heater-runs').send({ positionId: test.site.positionId }).expect(403)
    for (const path of ['', '/events', '/export.csv', '/export.json', `/photos/${randomUUID()}`])
      await stranger.get(`/api/jobs/${job.id}${path}`).expect(404)
    await stranger.post(`/api/jobs/${job.id}/entries`).send(entries).expect(404)
    await stranger.post(`/api/jobs/${job.id}/close`).expect(404)
    const other = { machineId: test.site.machineId, positionIds: [test.site.positionId] }
    await stranger.post('/api/jobs').send(other).expect(404)
  })

  describe('photographs', () => {
    const put = (content: Buffer, type: string, id = randomUUID()) =>
      technician.put(`/api/jobs/${job.id}/photos/${id}`).type(type).send(content)

    it('are kept once, written anew as what they show', async () => {
      const id = randomUUID()
      await put(png, 'image/png', id).expect(201)
      await put(png, 'image/png', id).expect(201)
      const { body, headers } = await technician.get(`/api/jobs/${job.id}/photos/${id}`).expect(200)
      assert.equal(headers['content-type'], 'image/jpeg')
      assert.include(await new Transformer(body).metadata(), { width: 1, height: 1, format: 'jpeg' })
    })

    it('come upright and no larger than they need be, without where they were taken', async () => {
      const id = randomUUID()
      const wide = await Transformer.fromRgbaPixels(Buffer.alloc(3000 * 1000 * 4, 90), 3000, 1000).jpeg(80)
      // What a camera writes in front of the picture: to be turned by a quarter, and a place.
      const exif = Buffer.from('ffe100224578696600004d4d002a000000080001011200030000000100060000', 'hex')
      const padded = Buffer.concat([exif, Buffer.from('00000000', 'hex')])
      await put(Buffer.concat([wide.subarray(0, 2), padded, wide.subarray(2)]), 'image/jpeg', id).expect(201)
      const { body } = await technician.get(`/api/jobs/${job.id}/photos/${id}`).expect(200)
      const { width, height, exif: left } = await new Transformer(body).metadata(true)
      assert.deepEqual([width, height], [683, 2048])
      assert.isUndefined(left)
      assert.isFalse(body.includes('Exif'))
    })

    it('refuse an id that a photograph of another job has', async () => {
      const id = randomUUID()
      await put(png, 'image/png', id).expect(201)
      const other = await make()
      const { body } = await technician
        .put(`/api/jobs/${other.id}/photos/${id}`)
        .type('image/png')
        .send(png)
        .expect(400)
      assert.equal(body.error.field, 'photo')
      await technician.get(`/api/jobs/${other.id}/photos/${id}`).expect(404)
    })

    it('refuse one that would fill the memory when it is opened, and one that breaks off', async () => {
      const vast = Buffer.from(png)
      vast.writeUInt32BE(30_000, 16)
      vast.writeUInt32BE(30_000, 20)
      vast.writeInt32BE(crc32(vast.subarray(12, 29)), 29)
      assert.match((await put(vast, 'image/png').expect(400)).body.error.message, /30000 by 30000/)
      const whole = await Transformer.fromRgbaPixels(Buffer.alloc(80 * 80 * 4, 90), 80, 80).png()
      assert.match((await put(whole.subarray(0, 60), 'image/png').expect(400)).body.error.message, /breaks off/)
    })

    for (const [why, content, type] of [
      ['a renamed program', Buffer.concat([Buffer.from('7f454c4602010100', 'hex'), Buffer.alloc(400)]), 'image/jpeg'],
      ['words', Buffer.from('no picture at all'), 'image/png'],
      ['nothing', Buffer.alloc(0), 'image/png'],
    ] as const)
      it(`refuse ${why}, whatever it is called`, async () => {
        const { body } = await put(content, type).expect(400)
        assert.equal(body.error.field, 'photo')
        assert.match(body.error.message, /jpeg, png, webp/)
      })

    it('refuse one of 50 MB', async () => {
      await put(Buffer.concat([png, Buffer.alloc(50_000_000)]), 'image/png').expect(413)
    })
  })

  it('are told to whoever watches, within a second', async () => {
    const site = await listening(test.app, 'viewer@north')
    try {
      const stream = await site.open(`/jobs/${job.id}/events`)
      assert.match(stream.response.headers.get('content-type') ?? '', /^text\/event-stream/)
      await stream.hear(/event: job/)
      const began = Date.now()
      await send([entry('arrival', 'note', { text: 'heard at once' })])
      await stream.hear(/heard at once/)
      assert.isBelow(Date.now() - began, 1000)
    } finally {
      await site.stop()
    }
  })
})
