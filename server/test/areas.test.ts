import { assert } from 'chai'
import type request from 'supertest'
import { testApp, type TestApp } from './test-app.ts'

describe('areas of the register', () => {
  let test: TestApp
  let technician: request.Agent
  let viewer: request.Agent

  before(async () => {
    test = await testApp('areas')
    technician = await test.signedIn('technician@north')
    viewer = await test.signedIn('viewer@north')
    for (const [area, tag] of [
      ['Kiln floor', 'K-71'],
      ['Pump pit', 'K-72'],
    ])
      await technician
        .post('/api/machines')
        .send({ entry: { area, tag, name: 'Stirrer', kind: 'other', duty: 'one-shift' } })
        .expect(201)
  })
  after(() => test.stop())

  const areas = async (): Promise<string[]> => (await viewer.get('/api/areas').expect(200)).body
  const found = async (q: string): Promise<number> =>
    (await viewer.get('/api/register').query({ q }).expect(200)).body.total

  it('take another name, by which their machines are found from then on', async () => {
    const { body } = await technician
      .put('/api/areas/name')
      .send({ from: 'Kiln floor', to: 'Kiln gallery' })
      .expect(200)
    assert.include(body, 'Kiln gallery')
    assert.notInclude(body, 'Kiln floor')
    assert.equal(await found('gallery'), 1)
    assert.equal(await found('kiln floor'), 0)
  })

  it('are walked in another order, in the Yard too', async () => {
    const turned = (await areas()).reverse()
    assert.deepEqual((await technician.put('/api/areas/order').send({ areas: turned }).expect(200)).body, turned)
    const { body } = await viewer.get('/api/yard').expect(200)
    assert.deepEqual(
      (body.areas as { name: string }[]).map(({ name }) => name),
      turned,
    )
    await technician.put('/api/areas/order').send({ areas: turned.reverse() }).expect(200)
  })

  const refused: [why: string, path: string, body: () => object | Promise<object>, status: number, message: RegExp][] = [
    ['a name that another has', 'name', () => ({ from: 'Pump pit', to: 'Kiln gallery' }), 400, /to is "Kiln gallery"; it must be a name that no other/],
    ['no name', 'name', () => ({ from: 'Pump pit', to: ' ' }), 400, /to is/],
    ['an area that is not there', 'name', () => ({ from: 'Moon', to: 'Mars' }), 404, /area Moon/],
    ['an order that leaves one out', 'order', async () => ({ areas: (await areas()).slice(1) }), 400, /each once/],
    ['an order with one twice', 'order', async () => ({ areas: [...(await areas()).slice(1), 'Pump pit'] }), 400, /each once/],
    ['no order at all', 'order', () => ({ areas: [] }), 400, /areas/],
  ] // prettier-ignore
  for (const [why, path, body, status, message] of refused)
    it(`refuse ${why}, and stay as they are`, async () => {
      const before = await areas()
      const answer = await technician.put(`/api/areas/${path}`).send(await body())
      assert.equal(answer.status, status)
      assert.match(answer.body.error.message, message)
      assert.isNotEmpty(answer.body.error.fix)
      assert.deepEqual(await areas(), before)
    })

  it('are not a viewer’s to change', async () => {
    await viewer.put('/api/areas/name').send({ from: 'Pump pit', to: 'Pit' }).expect(403)
    await viewer
      .put('/api/areas/order')
      .send({ areas: await areas() })
      .expect(403)
  })
})
