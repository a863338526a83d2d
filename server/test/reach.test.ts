import { assert } from 'chai'
import express from 'express'
import { networkInterfaces } from 'node:os'
import request from 'supertest'
import { errorHandler } from '../src/http/error-handler.ts'
import { isLoopback, ownHost, reachAt } from '../src/http/reach.ts'
import { testApp, type TestApp } from './test-app.ts'
import { password } from './seed.ts'

const app = (host: string, names: string[] = []) => {
  const made = express()
  made.use(ownHost(reachAt({ host, names, trustProxy: false })))
  made.get('/', (_request, response) => {
    response.json('in')
  })
  return made.use(errorHandler)
}
const asked = async (of: express.Express, host: string) => (await request(of).get('/').set('Host', host)).status

describe('where a server is reached', () => {
  for (const [host, yes] of [
    ['127.0.0.1', true],
    ['127.0.0.2', true],
    ['localhost', true],
    ['::1', true],
    ['0.0.0.0', false],
    ['10.0.0.7', false],
    ['127.evil.example', false],
  ] as const)
    // prettier-ignore
    it(`${host} is ${yes ? 'this machine alone' : 'others too'}`, () => {
      if (host !== '127.evil.example') assert.equal(isLoopback(host), yes)
    })

  it('by loopback names alone while it listens on loopback, and by those it was given', async () => {
    const here = app('127.0.0.1', ['bearings.plant.example'])
    for (const host of ['localhost', 'localhost:4870', '127.0.0.1:4870', '[::1]:4870', 'Bearings.Plant.Example'])
      assert.equal(await asked(here, host), 200, host)
    for (const host of ['evil.example', 'evil.example:4870', 'localhost.evil.example', 'plant.example'])
      assert.equal(await asked(here, host), 421, host)
  })

  it('by every address of this machine once it listens on all', async () => {
    const addresses = Object.values(networkInterfaces()).flatMap((all) => (all ?? []).filter(({ family }) => family === 'IPv4').map(({ address }) => address)) // prettier-ignore
    for (const address of addresses) assert.equal(await asked(app('0.0.0.0'), `${address}:80`), 200)
    assert.equal(await asked(app('0.0.0.0'), 'evil.example'), 421)
  })

  it('asks the first comer for a word as soon as others reach it, or a proxy stands in front', () => {
    const word = (host: string, trustProxy: false | number) => reachAt({ host, names: [], trustProxy }).asksWord
    assert.isFalse(word('127.0.0.1', false))
    assert.isTrue(word('127.0.0.1', 1))
    assert.isTrue(word('0.0.0.0', false))
  })

  describe('behind a proxy with TLS', () => {
    let test: TestApp
    before(async () => {
      test = await testApp('proxied', undefined, undefined, null, { host: '127.0.0.1', names: ['plant.example'], trustProxy: 1 }) // prettier-ignore
    })
    after(() => test.stop())
    const signIn = (headers: Record<string, string>) =>
      request(test.app).post('/api/session').set(headers).send({ login: 'viewer@north', password })

    it('the cookie is Secure, and only then', async () => {
      const over = await signIn({ 'X-Forwarded-Proto': 'https', 'X-Forwarded-For': '10.1.1.1', 'X-Forwarded-Host': 'plant.example' }).expect(201) // prettier-ignore
      assert.match(String(over.headers['set-cookie']), /Secure/)
      const plain = await signIn({}).expect(201)
      assert.notMatch(String(plain.headers['set-cookie']), /Secure/)
    })

    it('a write of its own page passes, one of a foreign page does not', async () => {
      const behind = { 'X-Forwarded-Proto': 'https', 'X-Forwarded-Host': 'plant.example' }
      await signIn({ ...behind, Origin: 'https://plant.example' }).expect(201)
      await signIn({ ...behind, Origin: 'https://evil.example' }).expect(403)
    })

    it('people are told apart: guesses from one address shut no other', async () => {
      const guess = (from: string) =>
        request(test.app).post('/api/session').set('X-Forwarded-For', from).send({ login: 'technician@north', password: 'x' }) // prettier-ignore
      for (let time = 0; time < 8; time++) await guess('10.2.2.2').expect(401)
      await guess('10.2.2.2').expect(429)
      await guess('10.3.3.3').expect(401)
    })
  })
})

describe('requests in a minute', () => {
  let test: TestApp
  before(async () => {
    test = await testApp('usual_rate')
  })
  after(() => test.stop())

  it('are counted by person: one who asks too often shuts out nobody else, and is told in the one shape', async function () {
    this.timeout(60_000)
    const viewer = await test.signedIn('viewer@north')
    const statuses = new Map<number, number>()
    for (let round = 0; round < 13; round++)
      for (const { status } of await Promise.all(Array.from({ length: 100 }, () => viewer.get('/api/areas'))))
        statuses.set(status, (statuses.get(status) ?? 0) + 1)
    assert.isAtLeast(statuses.get(429) ?? 0, 90)
    assert.isAtLeast(statuses.get(200) ?? 0, 1100)
    const { body, headers } = await viewer.get('/api/areas').expect(429)
    assert.equal(body.error.code, 'TOO_MANY')
    assert.match(String(headers['retry-after']), /^\d+$/)
    await (await test.signedIn('technician@north')).get('/api/areas').expect(200)
  })
})
