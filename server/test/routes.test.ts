import { pathOf, routes, type Route, type RouteName } from '@yardfrost/contract'
import { assert } from 'chai'
import request from 'supertest'
import { openApiDocument } from '../src/http/openapi.ts'
import { references, testApp, type TestApp } from './test-app.ts'

const all = Object.entries(routes) as [RouteName, Route][]
const someId = '6c84fb90-12c4-4f13-9a6c-2d5d1f0b9e11'
const addressOf = (route: Route) =>
  `/api${pathOf(route, Object.fromEntries(Object.keys(route.params.shape).map((name) => [name, someId])))}`

/** Sends a route with nothing in it. */
const knock = (agent: request.Agent, route: Route) => agent[route.method](addressOf(route))

describe('every route of the contract', () => {
  let test: TestApp
  before(async function () {
    this.timeout(20_000)
    test = await testApp('routes')
  })
  after(() => test.stop())

  it('has a path and a method of its own', () => {
    const places = all.map(([, { method, path }]) => `${method} ${path.replace(/:\w+/g, ':')}`)
    assert.deepEqual(places, [...new Set(places)])
  })

  it('is in the OpenAPI document, and nothing else is but the calculations', () => {
    const { paths } = openApiDocument(references, '1.2.3') as { paths: Record<string, object> }
    const documented = Object.entries(paths).flatMap(([path, methods]) => Object.keys(methods).map((method) => `${method} ${path}`)) // prettier-ignore
    const declared = all
      .filter(([name]) => name !== 'calculate')
      .map(([, { method, path }]) => `${method} /api${path.replace(/:(\w+)/g, '{$1}')}`)
    assert.sameMembers(
      documented.filter((one) => !one.startsWith('post /api/calc/')),
      declared,
    )
    assert.isAbove(documented.length, declared.length + 40)
  })

  for (const [name, route] of all.filter(([, { role }]) => role !== 'anyone'))
    it(`${name} is refused to who is not signed in`, async () => {
      const { body } = await knock(request.agent(test.app), route).expect(401)
      assert.equal(body.error.code, 'SIGNED_OUT')
    })

  for (const [name, route] of all.filter(([, { role }]) => role === 'technician' || role === 'planner'))
    it(`${name} is refused to a viewer, before what is sent is read`, async () => {
      const { body } = await knock(await test.signedIn('viewer@north'), route).expect(403)
      assert.equal(body.error.code, 'NOT_ALLOWED')
    })

  const withId = all.filter(([, { params, role }]) => 'id' in params.shape && role !== 'anyone')
  for (const [name, route] of withId)
    it(`${name} of something that is none is not found`, async () => {
      const planner = await test.signedIn('planner@north')
      const address = addressOf(route).replaceAll(someId, 'no-such-thing')
      const { body } = await planner[route.method](address)
        .send(route.body ? {} : undefined)
        .expect(404)
      assert.equal(body.error.code, 'NOT_FOUND')
    })

  it('that is none says where the others are listed', async () => {
    const { body } = await request(test.app).get('/api/no-such-route').expect(404)
    assert.match(body.error.fix, /api\/docs/)
  })
})
