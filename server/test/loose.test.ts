import type { FittedWhere, LooseBearing, PositionDetail } from '@yardfrost/contract'
import { assert } from 'chai'
import type request from 'supertest'
import { testApp, type TestApp } from './test-app.ts'

describe('a bearing on a bench of its own', () => {
  let test: TestApp
  let technician: request.Agent
  let viewer: request.Agent

  before(async () => {
    test = await testApp('loose')
    technician = await test.signedIn('technician@north')
    viewer = await test.signedIn('viewer@north')
  })
  after(() => test.stop())

  const add = async (name: string, designation = ''): Promise<string> =>
    (await technician.post('/api/loose').send({ name, designation }).expect(201)).body.id
  const position = async (id: string): Promise<PositionDetail> =>
    (await viewer.get(`/api/positions/${id}`).expect(200)).body
  const listed = async (): Promise<LooseBearing[]> => (await viewer.get('/api/loose').expect(200)).body
  const onMachine = async (): Promise<number> => (await viewer.get('/api/register').expect(200)).body.positions

  it('is opened and saved as any position, and stands on no machine', async () => {
    const before = await onMachine()
    const id = await add('Out of a box', '22218 EK/C3')
    const { loose, machine, inputs, version } = await position(id)
    assert.isTrue(loose)
    assert.deepEqual([machine.tag, machine.name], ['', ''])
    const bearing = { ...(inputs as { bearing: object }).bearing, designation: '22218 E-C3' }
    const saved = await technician.put(`/api/positions/${id}`).send({ version, inputs: { ...inputs, bearing } })
    assert.equal(saved.status, 200)
    assert.deepInclude((await listed())[0], { id, name: 'Out of a box', designation: '22218E-C3', state: 'open' })
    assert.equal(await onMachine(), before)
    const { areas } = (await viewer.get('/api/yard')).body
    assert.notInclude(JSON.stringify(areas), id)
    const retired = (await viewer.get('/api/register').query({ retired: true })).body
    assert.notInclude(JSON.stringify(retired), id)
  })

  it('goes on a machine with its history, and is judged there', async () => {
    const id = await add('From the shelf', '6214')
    const { machineId } = test.site
    await technician.put(`/api/loose/${id}/name`).send({ name: 'From the top shelf' }).expect(204)
    const { body: placed } = await technician
      .put(`/api/loose/${id}/machine`)
      .send({ machineId, name: 'Far end' })
      .expect(200)
    assert.deepInclude(placed, { id, name: 'Far end', loose: false, version: 2 })
    assert.equal(placed.machine.id, machineId)
    assert.lengthOf((await viewer.get(`/api/positions/${id}/history`).expect(200)).body, 2)
    assert.notInclude(JSON.stringify(await listed()), id)
    assert.include(JSON.stringify((await viewer.get(`/api/machines/${machineId}`)).body), id)
    await technician.put(`/api/loose/${id}/machine`).send({ machineId, name: 'Again' }).expect(404)
  })

  it('takes no name that the machine has, and no machine out of service', async () => {
    const id = await add('Spare')
    const { machineId } = test.site
    const [taken] = (await viewer.get(`/api/machines/${machineId}`)).body.positions
    const refused = await technician.put(`/api/loose/${id}/machine`).send({ machineId, name: taken.name }).expect(400)
    assert.equal(refused.body.error.field, 'name')
    const entry = { area: 'Hall', tag: 'OLD-1', name: 'Old one', kind: 'fan', duty: 'one-shift' }
    const { body: old } = await technician.post('/api/machines').send({ entry }).expect(201)
    await technician.put(`/api/machines/${old.id}/service`).send({ version: old.version, retired: true }).expect(200)
    const away = await technician.put(`/api/loose/${id}/machine`).send({ machineId: old.id, name: 'Any' }).expect(400)
    assert.equal(away.body.error.field, 'machineId')
    assert.include(JSON.stringify(await listed()), id)
  })

  it('is taken off its bench by whoever may, and is no machine to bring into service', async () => {
    const id = await add('Scrap')
    await viewer.delete(`/api/loose/${id}`).expect(403)
    const { machine } = await position(id)
    await technician.put(`/api/machines/${machine.id}/service`).send({ version: 1, retired: false }).expect(404)
    await technician.delete(`/api/loose/${id}`).expect(204)
    assert.notInclude(JSON.stringify(await listed()), id)
    await technician.delete(`/api/loose/${id}`).expect(404)
  })

  it('tells where a number is fitted, whatever its suffixes, and not where another begins like it', async () => {
    const entry = {
      ...{ area: 'Hall', tag: 'P-70', name: 'Pump', kind: 'pump', duty: 'one-shift' },
      positions: ['6214-C3', '6214 2Z', '62142'].map((designation, index) => ({ name: `End ${index}`, designation })),
    }
    await technician.post('/api/machines').send({ entry }).expect(201)
    const { body } = await viewer.get('/api/fitted-where').query({ number: '6214' }).expect(200)
    const there = (body as FittedWhere).filter(({ tag }) => tag === 'P-70')
    assert.deepEqual(
      there.map(({ position: name, designation }) => [name, designation]),
      [
        ['End 0', '6214-C3'],
        ['End 1', '6214-2Z'],
      ],
    )
  })

  it('comes with the photographs that were taken of it at the counter, and no more than have room beside it', async () => {
    const photo = { photo: '0d6c8f0a-53f1-4b1f-9d0e-6d0b6a0c7b11', name: 'ring.jpg' }
    const taken = { name: 'With a picture', designation: '', photos: [photo] }
    const { id } = (await technician.post('/api/loose').send(taken).expect(201)).body
    const { inputs } = (await viewer.get(`/api/positions/${id}`).expect(200)).body
    assert.deepEqual(inputs.identify.photos, [photo])
    const many = { ...taken, photos: Array.from({ length: 7 }, () => photo) }
    const refused = await technician.post('/api/loose').send(many).expect(400)
    assert.match(refused.body.error.field, /photos/)
  })
})
