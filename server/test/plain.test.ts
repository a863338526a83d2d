import type { JobDetail, MachineDetail, PlainDetail, ShaftDetail } from '@yardfrost/contract'
import { emptyPlain, sketchShaft, type PlainPosition } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { testApp, type TestApp } from './test-app.ts'

/** Half shells on a film, all in order. */
const shells = (): PlainPosition => {
  const empty = emptyPlain()
  return {
    ...empty,
    bearing: { ...empty.bearing, form: 'split', material: 'white-metal', journalMm: 90, lengthMm: 80 },
    load: { ...empty.load, radialN: 7000, speedRpm: 980 },
    oil: { ...empty.oil, lubrication: 'oil-fed', nu40Cst: 68 },
  }
}

describe('plain bearings', () => {
  let test: TestApp
  let technician: request.Agent
  let machine: MachineDetail
  let id: string

  before(async () => {
    test = await testApp('plain')
    technician = await test.signedIn('technician@north')
  })
  after(() => test.stop())

  const entry = (tag: string) => ({
    ...{ area: 'Hall', tag, name: 'Old motor', kind: 'motor', duty: 'round-the-clock' },
    positions: [{ name: 'Drive end', kind: 'plain' }, { name: 'Non-drive end', kind: 'plain' }], // prettier-ignore
  })
  const get = async (): Promise<PlainDetail> => (await technician.get(`/api/positions/${id}`).expect(200)).body

  it('come into the register with their machine, told apart from rolling ones', async () => {
    machine = (await technician.post('/api/machines').send({ entry: entry('M-7') }).expect(201)).body // prettier-ignore
    assert.deepEqual(machine.positions.map(({ kind, designation }) => [kind, designation]), [['plain', null], ['plain', null]]) // prettier-ignore
    id = machine.positions[0]?.id ?? ''
    assert.equal((await get()).inputs.kind, 'plain')
  })

  it('are saved and judged: what they are called, and how they stand, is on the list', async () => {
    const { version } = await get()
    await technician.put(`/api/positions/${id}`).send({ version, inputs: shells() }).expect(200)
    const { body } = await technician.get(`/api/machines/${machine.id}`).expect(200)
    assert.deepInclude((body as MachineDetail).positions[0], { state: 'go', designation: 'Half shells 90 × 80, white metal' }) // prettier-ignore
    const { rows } = await test.database.pool.query("select kind from point where position_id = $1 order by kind", [id]) // prettier-ignore
    assert.includeMembers(rows.map(({ kind }: { kind: string }) => kind), ['oil-level', 'oil-change', 'look']) // prettier-ignore
  })

  it('keep their kind', async () => {
    const { version } = await get()
    const { body } = await technician.put(`/api/positions/${id}`).send({ version, inputs: { kind: 'rolling' } }).expect(400) // prettier-ignore
    assert.equal(body.error.field, 'inputs.kind')
  })

  it('go over to a copy of the machine, without what was measured', async () => {
    const { version, inputs } = await get()
    const measured = { ...inputs, float: { ...inputs.float, measuredMm: 0.12 } }
    await technician.put(`/api/positions/${id}`).send({ version, inputs: measured }).expect(200)
    const { body: copy } = await technician.post('/api/machines').send({ entry: entry('M-8'), copyOf: machine.id }).expect(201) // prettier-ignore
    const { body } = await technician.get(`/api/positions/${(copy as MachineDetail).positions[0]?.id}`).expect(200)
    const copied = (body as PlainDetail).inputs
    assert.equal(copied.bearing.journalMm, 90)
    assert.isNull(copied.float.measuredMm)
  })

  it('take their loads from the shaft line once it is saved', async () => {
    const line = sketchShaft('motor', { boreMm: 90, spanMm: 900, speedRpm: 980, powerKw: 160 }, ['Drive end', 'Non-drive end']) // prettier-ignore
    const { body: before } = await technician.get(`/api/machines/${machine.id}/shaft`).expect(200)
    await technician.put(`/api/machines/${machine.id}/shaft`).send({ version: (before as ShaftDetail).version, shaft: line, feed: true }).expect(200) // prettier-ignore
    assert.equal((await get()).inputs.load.from, 'shaft-line')
  })

  it('are changed by a job of their kind, and by no other', async () => {
    const job = (kind: string) => technician.post('/api/jobs').send({ machineId: machine.id, positionIds: [id], kind })
    await job('bearing-change').expect(404)
    const made: JobDetail = (await job('plain-change').expect(201)).body
    assert.includeMembers(made.steps.map(({ stage }) => stage), ['lock-out', 'take-out', 'finish', 'close', 'run-up']) // prettier-ignore
    let at = Date.now()
    const entries = made.steps.flatMap((step) => {
      const one = (kind: string, rest: object = {}) => ({ id: randomUUID(), step: step.key, at: new Date((at += 1000)).toISOString(), kind, ...rest }) // prettier-ignore
      return [
        ...step.cautions.map((_, caution) => one('acknowledged', { caution })),
        ...step.readings
          .filter(({ needed }) => needed)
          .map(({ key, kind, low, high, expected }) => {
            const middle = low !== null && high !== null ? (low + high) / 2 : (high ?? 50) * 0.8
            const answer = kind === 'number' ? { value: Number(middle.toFixed(3)), text: null } : { value: null, text: kind === 'ended' ? 'warned' : (expected ?? 'as named') } // prettier-ignore
            return one('reading', { reading: key, reason: null, ...answer })
          }),
        one('done'),
      ]
    })
    const { body: taken } = await technician.post(`/api/jobs/${made.id}/entries`).send({ entries }).expect(200)
    assert.isEmpty(taken.refused)
    await technician.post(`/api/jobs/${made.id}/close`).expect(200)
    const { inputs } = await get()
    assert.lengthOf(inputs.mount.stripMm, 2)
    assert.isNull(inputs.float.measuredMm)
  })

  it('have their story in the log: the old one out with its reason, the new one in', async () => {
    const { rows } = await test.database.pool.query('select designation, out_on is null as runs from fitted_bearing where position_id = $1', [id]) // prettier-ignore
    assert.deepEqual(rows.filter(({ runs }: { runs: boolean }) => runs).map(({ designation }: { designation: string }) => designation), ['Half shells 90 × 80, white metal']) // prettier-ignore
  })

  it('go out in the register’s file with their kind, and come in by it', async () => {
    const { text } = await technician.get('/api/register.csv').expect(200)
    assert.match(text, /M-7,Old motor,.*Drive end,,plain/)
    const line =
      'area,tag,name,kind,duty,position,position_kind\nHall,M-9,Third motor,motor,one-shift,Drive end,plain\n'
    await technician.post('/api/register/import').query({ save: true }).type('text/csv').send(line).expect(200)
    const { body } = await technician.get('/api/register').query({ q: 'M-9' }).expect(200)
    assert.equal(body.machines[0].positions[0].kind, 'plain')
    const { body: again } = await technician.post('/api/register/import').query({ save: false }).type('text/csv').send(text).expect(200) // prettier-ignore
    assert.equal(again.machines, 0)
  })
})
