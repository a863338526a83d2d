import type { GivenLink, Person } from '@yardfrost/contract'
import { assert } from 'chai'
import request from 'supertest'
import { listening } from './listening.ts'
import { password } from './seed.ts'
import { testApp, type TestApp } from './test-app.ts'
import { until } from './until.ts'

const fresh = 'seven grey herons'

describe('people of a site', () => {
  let test: TestApp
  let planner: request.Agent
  before(async () => {
    test = await testApp('people')
    planner = await test.signedIn('planner@north')
  })
  after(() => test.stop())

  const add = async (login: string, role = 'technician', agent = planner): Promise<GivenLink> =>
    (
      await agent
        .post('/api/people')
        .send({ login, name: `Name of ${login}`, role })
        .expect(201)
    ).body
  const find = async (login: string): Promise<Person> =>
    ((await planner.get('/api/people').expect(200)).body as Person[]).find((one) => one.login === login) as Person
  const signIn = (login: string, secret: string) =>
    request(test.app).post('/api/session').send({ login, password: secret })
  /** Somebody who came in by their link, and their browser. */
  const comeIn = async (login: string, role = 'technician') => {
    const { word, person } = await add(login, role)
    const agent = request.agent(test.app)
    await agent.post('/api/link').send({ word, password: fresh }).expect(201)
    return { agent, id: person.id }
  }

  it('come in by a link that is good once', async () => {
    const { word, person } = await add('ines.k')
    assert.isFalse(person.ready)
    assert.isNotNull(person.linkUntil)
    await signIn('ines.k', fresh).expect(401)
    const { body: look } = await request(test.app).post('/api/link/word').send({ word }).expect(200)
    assert.include(look, { site: 'north', login: 'ines.k', asks: 'new-password' })
    const agent = request.agent(test.app)
    const { body: account } = await agent.post('/api/link').send({ word, password: fresh }).expect(201)
    assert.include(account, { login: 'ines.k', role: 'technician', siteName: 'north' })
    await agent.get('/api/yard').expect(200)
    await request(test.app).post('/api/link').send({ word, password: 'another good one here' }).expect(404)
    assert.include(await find('ines.k'), { ready: true, linkUntil: null })
    await signIn('INES.K', fresh).expect(201)
  })

  it('get a new link in place of the old one when a password is forgotten', async () => {
    const { id } = await comeIn('forgetful')
    const first: GivenLink = (await planner.post(`/api/people/${id}/link`).expect(201)).body
    const second: GivenLink = (await planner.post(`/api/people/${id}/link`).expect(201)).body
    await request(test.app).post('/api/link').send({ word: first.word, password: fresh }).expect(404)
    await request(test.app).post('/api/link').send({ word: second.word, password: 'quiet brass lantern' }).expect(201)
    await signIn('forgetful', fresh).expect(401)
    await signIn('forgetful', 'quiet brass lantern').expect(201)
  })

  it('do not come in by a link that has run out', async () => {
    const { word } = await add('late')
    await test.database.pool.query(`update person_link set expires_at = now() - interval '1 second'`)
    await request(test.app).post('/api/link').send({ word, password: fresh }).expect(404)
  })

  for (const bad of [
    'short',
    'password1234',
    'Passw0rd!!!!!',
    '123456789012',
    'qwertyuiop12',
    'aaaaaaaaaaaa',
    'brine-and-grease',
  ])
    // prettier-ignore
    it(`do not choose ${bad}, and the refusal does not repeat it`, async () => {
      const { word } = await add(`weak.${bad.replace(/[^a-z]/gi, '') || 'one'}.${Math.random().toString(36).slice(2, 6)}`)
      const { body } = await request(test.app).post('/api/link').send({ word, password: bad }).expect(400)
      assert.equal(body.error.field, 'password')
      assert.notInclude(body.error.message, bad)
    })

  it('keep their names apart, in whatever case', async () => {
    await add('Twice')
    const { body } = await planner.post('/api/people').send({ login: 'tWICE', name: 'x', role: 'viewer' }).expect(400)
    assert.equal(body.error.field, 'login')
  })

  it('may do at once what their new role may, and no more', async () => {
    const { agent, id } = await comeIn('riser', 'viewer')
    const tries = () => agent.put('/api/areas/order').send({ areas: ['Hall', 'Empty shed'] })
    await tries().expect(403)
    await planner.put(`/api/people/${id}`).send({ name: 'Riser', role: 'technician' }).expect(200)
    await tries().expect(200)
    assert.include((await agent.get('/api/session')).body, { name: 'Riser', role: 'technician' })
    await planner.put(`/api/people/${id}`).send({ name: 'Riser', role: 'viewer' }).expect(200)
    await tries().expect(403)
  })

  it('leave: session and stream end at once, what they did stays under their name, and they come back', async () => {
    const { id } = await comeIn('leaver')
    const { machineId, positionId } = test.site
    const site = await listening(test.app, 'leaver', fresh)
    try {
      const job = await fetch(`${site.base}/jobs`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie: site.cookie },
        body: JSON.stringify({ machineId, positionIds: [positionId] }),
      })
      const { id: jobId } = (await job.json()) as { id: string }
      const stream = await site.open(`/jobs/${jobId}/events`)
      await stream.hear(/event: job/)
      await planner.put(`/api/people/${id}/service`).send({ retired: true }).expect(200)
      assert.equal((await fetch(`${site.base}/yard`, { headers: { cookie: site.cookie } })).status, 401)
      await stream.ended()
      await signIn('leaver', fresh).expect(401)
      const { body: kept } = await planner.get(`/api/jobs/${jobId}`).expect(200)
      assert.equal(kept.createdBy, 'Name of leaver')
      await planner.put(`/api/people/${id}/service`).send({ retired: false }).expect(200)
      await signIn('leaver', fresh).expect(201)
    } finally {
      await site.stop()
    }
  })

  it('never leave the site without a planner who can sign in', async () => {
    const south = await test.signedIn('planner@south')
    const id = (await south.get('/api/session')).body.id
    for (const ask of [
      south.put(`/api/people/${id}/service`).send({ retired: true }),
      south.put(`/api/people/${id}`).send({ name: 'x', role: 'viewer' }),
    ])
      assert.match((await ask.expect(409)).body.error.message, /last planner/)
    // One who was added and has not come in yet is none.
    await add('second.planner', 'planner', south)
    await south.put(`/api/people/${id}/service`).send({ retired: true }).expect(409)
    await south.get('/api/yard').expect(200)
  })

  it('of two planners who take the role from each other at once, one keeps it', async () => {
    const one = await comeIn('first.of.two', 'planner')
    const north = (await planner.get('/api/session')).body.id
    const statuses = await Promise.all([
      one.agent.put(`/api/people/${north}`).send({ name: 'planner of north', role: 'viewer' }),
      planner.put(`/api/people/${one.id}`).send({ name: 'x', role: 'viewer' }),
    ]).then((answers) => answers.map(({ status }) => status))
    const { rows } = await test.database.pool.query(
      `select count(*)::int as planners from membership m join account a on a.id = m.account_id join site s on s.id = m.site_id
       where s.name = 'north' and m.role = 'planner' and m.retired_at is null and a.password_hash is not null`,
    )
    assert.isAtLeast(rows[0].planners, 1, statuses.join(' '))
    await test.database.pool.query(`update membership set role = 'planner' where account_id = $1`, [north])
  })

  describe('and their own password', () => {
    it('is changed by whoever knows it; other devices are signed out, this one is not', async () => {
      const { agent } = await comeIn('changer')
      const other = request.agent(test.app)
      await other.post('/api/session').send({ login: 'changer', password: fresh }).expect(201)
      const wrong = await agent
        .put('/api/session/password')
        .send({ current: 'x', password: 'amber rope ladder' })
        .expect(400)
      assert.equal(wrong.body.error.field, 'current')
      await agent.put('/api/session/password').send({ current: fresh, password: 'amber rope ladder' }).expect(200)
      await agent.get('/api/yard').expect(200)
      await other.get('/api/yard').expect(401)
      await signIn('changer', 'amber rope ladder').expect(201)
    })

    it('is guessed no faster from a page that is signed in', async () => {
      const { agent } = await comeIn('guessed')
      const statuses: number[] = []
      for (let time = 0; time < 10; time++)
        statuses.push((await agent.put('/api/session/password').send({ current: `${time}`, password: fresh })).status)
      assert.equal(statuses.filter((status) => status === 400).length, 8)
      assert.equal(statuses.at(-1), 429)
    })

    it('signed out everywhere, every device is', async () => {
      const { agent } = await comeIn('everywhere')
      const other = request.agent(test.app)
      await other.post('/api/session').send({ login: 'everywhere', password: fresh }).expect(201)
      await agent.delete('/api/session/everywhere').expect(204)
      await agent.get('/api/yard').expect(401)
      await other.get('/api/yard').expect(401)
    })

    it('writes a session as used at most once a minute', async () => {
      const { agent } = await comeIn('seldom')
      const stored = async () =>
        (await test.database.pool.query('select sid, sess::text, expire from session order by sid')).rows
      await agent.get('/api/yard').expect(200)
      const before = await stored()
      for (let time = 0; time < 5; time++) await agent.get('/api/yard').expect(200)
      assert.deepEqual(await stored(), before)
    })

    it('lets nobody in thirty days after they signed in, whatever they did meanwhile', async () => {
      const { agent } = await comeIn('monthly')
      await test.database.pool.query(
        `update session set sess = jsonb_set(sess::jsonb, '{startedAt}', to_jsonb((extract(epoch from now()) * 1000 - 2592000000)::bigint))::json`,
      )
      // What is remembered of a session is forgotten as when this process loses the database.
      await test.database.pool.query(`select pg_terminate_backend(pid) from pg_stat_activity where application_name = 'yardfrost live'`) // prettier-ignore
      await until(async () => (await agent.get('/api/yard')).status === 401, 'the session to end')
    })
  })

  describe('of several sites', () => {
    it('join another with the password they have, and a planner of one has no say over it', async () => {
      const south = await test.signedIn('planner@south')
      const { word, person } = await add('technician@north', 'viewer', south)
      const { body: look } = await request(test.app).post('/api/link/word').send({ word }).expect(200)
      assert.equal(look.asks, 'own-password')
      await request(test.app).post('/api/link').send({ word, password: fresh }).expect(401)
      const agent = request.agent(test.app)
      const { body: account } = await agent.post('/api/link').send({ word, password }).expect(201)
      assert.include(account, { siteName: 'south', role: 'viewer', name: 'Name of technician@north' })
      assert.sameMembers(
        account.sites.map(({ name }: { name: string }) => name),
        ['north', 'south'],
      )
      await south.post(`/api/people/${person.id}/link`).expect(409)
      await (await test.signedIn('planner@north')).post(`/api/people/${person.id}/link`).expect(409)
      const north = account.sites.find(({ name }: { name: string }) => name === 'north').id
      const { body: there } = await agent.put('/api/session/site').send({ siteId: north }).expect(200)
      assert.include(there, { siteName: 'north', role: 'technician', name: 'technician of north' })
      assert.equal((await agent.get('/api/yard')).body.site, 'north')
      await agent.put('/api/session/site').send({ siteId: test.site.machineId }).expect(404)
    })
  })
})
