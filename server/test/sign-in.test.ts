import { assert } from 'chai'
import request from 'supertest'
import { AccessError } from '../src/errors/access-error.ts'
import { SignInLimit, type Attempt } from '../src/http/sign-in-limit.ts'
import { password } from './seed.ts'
import { testApp, type TestApp } from './test-app.ts'

describe('guessing at a sign-in', () => {
  let test: TestApp
  before(async () => {
    test = await testApp('sign_in')
  })
  after(() => test.stop())
  beforeEach(() => test.database.pool.query('delete from sign_in_attempt; delete from account_address'))

  const tries = (logins: string[], secretOf: (index: number) => string) =>
    Promise.all(
      logins.map((login, index) =>
        request(test.app)
          .post('/api/session')
          .send({ login, password: secretOf(index) })
          .then(({ status }) => status),
      ),
    )
  const count = (statuses: number[], status: number) => statuses.filter((one) => one === status).length

  it('judges only so many of many at once, and the right one among the rest not at all', async () => {
    const statuses = await tries(Array<string>(40).fill('planner@north'), (index) => (index === 30 ? password : `guess ${index}`)) // prettier-ignore
    assert.isAtMost(count(statuses, 401) + count(statuses, 201), 8, statuses.join(' '))
    assert.isAtLeast(count(statuses, 429), 32)
  })

  it('counts every spelling of a name as that name', async () => {
    const spellings = ['planner@north', 'PLANNER@NORTH', 'Planner@North', 'pLANNER@nORTH']
    const statuses: number[] = []
    for (const login of [...spellings, ...spellings, ...spellings])
      statuses.push(...(await tries([login], () => 'guess')))
    assert.equal(count(statuses, 401), 8, statuses.join(' '))
  })

  it('counts a name nobody has like any other', async () => {
    const statuses = await tries(Array<string>(12).fill('nobody@nowhere'), () => 'guess')
    assert.equal(count(statuses, 401), 8)
  })

  it('treats a hash that cannot be read as a password that does not fit', async () => {
    await test.database.pool.query(`update account set password_hash = 'spoilt' where login = 'viewer@south'`)
    assert.deepEqual(await tries(['viewer@south'], () => password), [401])
  })

  describe('from several addresses', () => {
    const attempt = (address: string, known = false, accountId: string | null = 'a'): Attempt => ({ accountId, login: 'x', address, known }) // prettier-ignore
    const refused = async (limit: SignInLimit, one: Attempt) =>
      limit.begin(one).then(
        () => false,
        (error: unknown) => {
          assert.instanceOf(error, AccessError)
          return true
        },
      )

    it('shuts a name for strangers, and not for where its person works', async () => {
      const limit = new SignInLimit(test.database.pool)
      for (let index = 0; index < 24; index++) assert.isFalse(await refused(limit, attempt(`10.0.0.${index}`)))
      assert.isTrue(await refused(limit, attempt('10.0.1.1')))
      assert.isFalse(await refused(limit, attempt('192.168.1.7', true)))
    })

    it('shuts an address that tries one name after another', async () => {
      const limit = new SignInLimit(test.database.pool)
      for (let index = 0; index < 120; index++) await limit.begin(attempt('10.9.9.9', false, `account ${index}`))
      assert.isTrue(await refused(limit, attempt('10.9.9.9', false, 'one more')))
      assert.isFalse(await refused(limit, attempt('10.9.9.8', false, 'one more')))
    })

    it('gives back what was counted for a sign-in that was right', async () => {
      const limit = new SignInLimit(test.database.pool)
      for (let index = 0; index < 200; index++) {
        await limit.begin(attempt('10.2.2.2'))
        await limit.succeeded(attempt('10.2.2.2'))
      }
    })
  })
})
