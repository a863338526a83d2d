import { assert } from 'chai'
import type { Express } from 'express'
import request from 'supertest'
import { testApp, type TestApp } from './test-app.ts'

describe('calculations over HTTP', () => {
  let test: TestApp
  let app: Express

  before(async () => {
    test = await testApp('calculations')
    app = test.app
  })
  after(() => test.stop())

  describe('the documents', () => {
    it('describe every calculation with its fields, from the schemas that check them', async () => {
      const { body } = await request(app).get('/api/openapi.json').expect(200)
      assert.equal(body.openapi, '3.1.0')
      const { body: list } = await request(app).get('/api/calc').expect(200)
      for (const { name } of list) assert.property(body.paths, `/api/calc/${name}`)
      assert.include(JSON.stringify(body.paths['/api/calc/iso286.limits']), 'nominalMm')
      assert.property(body.paths, '/api/positions/{id}')
    })
    it('can be browsed, with nothing from outside', async () => {
      const { text } = await request(app).get('/api/docs').expect(200)
      assert.notMatch(text, /https?:/)
      for (const [, path] of text.matchAll(/(?:src|href)="([^"]+)"/g))
        await request(app).get(`/api/${path}`).expect(200)
    })
  })

  describe('calculations by name', () => {
    const post = (name: string, body: unknown) =>
      request(app)
        .post(`/api/calc/${name}`)
        .send(body as object)

    it('need no sign-in', async () => {
      const { body } = await post('iso286.limits', { nominalMm: 68, zone: 'K7' }).expect(200)
      assert.deepEqual(body, { lowerUm: -21, upperUm: 9 })
    })
    it('answer lists in place', async () => {
      const { body } = await post('iso286.limits', [{ nominalMm: 68, zone: 'K7' }, { nominalMm: 68 }]).expect(200)
      assert.equal(body[0].upperUm, 9)
      assert.equal(body[1].error.field, 'zone')
    })
    it('judge positions, a refused one in its place', async () => {
      const inputs = { bearing: { designation: '6313', requiredClearance: 'C3' } }
      const { body } = await post('position.assess', [{ inputs }, { inputs: { load: { radialN: -1 } } }, { inputs: {} }]).expect(200) // prettier-ignore
      assert.deepInclude(body[0].findings[0], { lens: 'identify', key: 'clearance', verdict: 'stop', when: 'now' })
      assert.equal(body[1].error.field, 'inputs.load.radialN')
      assert.deepEqual([body[2].state, body[2].findings], ['open', []])
    })
    it('answer 400 naming the field', async () => {
      const { body } = await post('iso286.limits', { nominalMm: 0, zone: 'K7' }).expect(400)
      assert.equal(body.error.field, 'nominalMm')
    })
    it('answer 400 to what is no JSON', async () => {
      const { body } = await request(app)
        .post('/api/calc/iso286.limits')
        .set('Content-Type', 'application/json')
        .send('{nominal')
        .expect(400)
      assert.equal(body.error.code, 'UNREADABLE')
    })
    it('answer 400 to a list too long', async () => {
      await post('life.basic', Array(5001).fill({})).expect(400)
    })
    it('answer 404 to a name that is none', async () => {
      await post('life.eternal', {}).expect(404)
    })
    it('are listed', async () => {
      const { body } = await request(app).get('/api/calc').expect(200)
      assert.includeMembers(
        body.map(({ name }: { name: string }) => name),
        ['iso286.limits', 'mount.heat'],
      )
    })
  })
})
