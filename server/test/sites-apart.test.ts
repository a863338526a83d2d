import { pathOf, routes, type Route, type RouteName } from '@yardfrost/contract'
import { sketchShaft, usualSketch } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { listening } from './listening.ts'
import { testApp, type TestApp } from './test-app.ts'

const all = Object.entries(routes) as [RouteName, Route][]
const png = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==', 'base64') // prettier-ignore

/** What stands on the site `north`, by the place in an address where its id goes. */
type Owned = Record<string, string>

// Every route is walked with the ids of another site: one that is added later is walked too, or this says what it lacks.
describe('two sites on one server', () => {
  let test: TestApp
  let south: request.Agent
  let owned: Owned
  let ids: string[]

  before(async () => {
    test = await testApp('sites_apart')
    south = await test.signedIn('planner@south')
    const north = await test.signedIn('planner@north')
    const { machineId, positionId } = test.site
    const { body: job } = await north
      .post('/api/jobs')
      .send({ machineId, positionIds: [positionId] })
      .expect(201)
    const photoId = randomUUID()
    await north.put(`/api/jobs/${job.id}/photos/${photoId}`).type('image/png').send(png).expect(201)
    const { rows: points } = await test.database.pool.query('select id from point where position_id = $1', [positionId])
    const { body: round } = await north
      .post('/api/rounds')
      .send({ title: 'Mine', day: '2026-11-28', pointIds: [points[0].id] })
      .expect(201)
    const entry = { designation: '6214', fittedOn: '2026-11-01' }
    const { body: fitted } = await north.post('/api/fitted').send({ positionId, entry }).expect(201)
    const { body: found } = await north.post(`/api/positions/${positionId}/findings`).send(finding()).expect(201)
    const { body: stock } = await north
      .post('/api/shelf')
      .send({ designation: '6214', place: 'A1', count: 2 })
      .expect(201)
    const { body: loose } = await north.post('/api/loose').send({ name: 'From a box', designation: '6214' }).expect(201)
    const { body: given } = await north.post('/api/people').send({ login: 'x@north', name: 'X', role: 'viewer' })
    const { rows } = await test.database.pool.query(`select id from site where name = 'north'`)
    owned = {
      ...{ machines: machineId, positions: positionId, jobs: job.id, photos: photoId, people: given.person.id },
      ...{ loose: loose.id, shelf: stock.id },
      ...{ points: points[0].id, rounds: round.id },
      'heater-runs': randomUUID(),
      fitted: fitted.bearing.id,
      findings: found.id,
      site: rows[0].id,
    }
    ids = Object.values(owned)
  })
  after(() => test.stop())

  const finding = () => ({
    id: randomUUID(),
    at: new Date().toISOString(),
    cause: null,
    finding: {
      designation: '6214', clearanceFound: null, clearanceCalledFor: null, seen: [], notSeen: [], painted: [], bands: [], marks: [],
      ranking: [], verdict: 'open', coreVersion: 1,
    },
  }) // prettier-ignore

  /** Bodies that name something of north's; null for a route whose body can name nothing of any site. */
  const bodies = (): Partial<Record<RouteName, object | null>> => ({
    addJob: { machineId: owned['machines'], positionIds: [owned['positions']] },
    addRound: { title: 'Theirs', day: '2026-11-28', pointIds: [owned['points']] },
    movePoints: { moves: [{ id: owned['points'], to: null }] },
    ...{ importReadings: null, importLog: null },
    addFitted: { positionId: owned['positions'], entry: { designation: '6214', fittedOn: '2025-11-01' } },
    ...{ saveStops: null, makeCalendar: null, dropCalendar: null },
    startHeater: { positionId: owned['positions'] },
    takeReading: { positionId: owned['positions'], measurable: 'shaft', nominalMm: 65, plane: 0, direction: 0 },
    addMachine: {
      copyOf: owned['machines'],
      entry: { area: 'Hall', tag: 'P-9', name: 'Copy', kind: 'pump', duty: 'one-shift', positions: [] },
    },
    ...{ addLoose: null, addStock: null, importStock: null, importMakerValues: null, dropMakerList: null },
    chooseSite: { siteId: owned['site'] },
    // A gun is named by an id of the settings, which say nothing of a site to the scale.
    takeWeight: null,
    sayDone: { pointIds: [owned['points']], day: '2026-11-01' },
    recordVibration: { positionId: owned['positions'] },
    senseHousing: { positionId: owned['positions'], what: 'vibration' },
    // A piece that is heated is named by an id that is nobody's.
    pointThermometer: null,
    ...{ renameArea: null, walkAreas: null, importRegister: null, addPerson: null },
    ...{ savePractices: null, saveSettings: null, signOutEverywhere: null, changePassword: null, importSite: null },
  })

  const addressOf = (route: Route): string => {
    const names = Object.keys(route.params.shape)
    const values = names.map((name) => {
      const before = route.path.split('/')[route.path.split('/').indexOf(`:${name}`) - 1] ?? ''
      const id = owned[before]
      assert.isDefined(id, `${route.path}: say above what of another site ${before} is`)
      return [name, id]
    })
    return `/api${pathOf(route, Object.fromEntries(values))}`
  }
  const inside = all.filter(([, { role }]) => role !== 'anyone')

  /** What a route must be asked with. */
  const querySample = ({ query: { shape } }: Route): object => ({
    ...('number' in shape ? { number: '6214' } : {}),
    ...('designation' in shape ? { designation: '6214' } : {}),
  })

  /** Everything that belongs to north, as it is stored. */
  const stored = async (): Promise<Record<string, unknown>> => {
    const { rows: tables } = await test.database.pool.query(
      `select table_name from information_schema.columns
       where column_name = 'site_id' and table_schema = 'public'
         and table_name in (select tablename from pg_tables) order by 1`,
    )
    const found: Record<string, unknown> = {}
    for (const { table_name: table } of tables)
      found[table] = (
        await test.database.pool.query(
          `select md5(string_agg(t::text, '' order by t::text)) as sum, count(*) from ${table} t where site_id = $1`,
          [owned['site']],
        )
      ).rows[0]
    return found
  }

  for (const [name, route] of inside.filter(([, { params }]) => Object.keys(params.shape).length > 0))
    it(`${name} of another site is not found, and alters nothing`, async () => {
      const before = await stored()
      const address = addressOf(route)
      if (route.answer.as === 'events') {
        const site = await listening(test.app, 'planner@south')
        const answer = await fetch(`${site.base}${address.slice(4)}`, { headers: { cookie: site.cookie } })
        const said = answer.status === 404 ? '' : await answer.text()
        await site.stop()
        // A heater of somebody else is told of as one that is not on.
        if (name === 'watchHeater') assert.match(said, /event: trouble/)
        else assert.equal(answer.status, 404)
      } else {
        const { status, text } = await south[route.method](address)
          .query('after' in route.query.shape ? { after: 0 } : {})
          .send(route.body?.as === 'json' ? sample(name) : route.body ? png : undefined)
        assert.equal(status, 404, text)
      }
      assert.deepEqual(await stored(), before)
    })

  /** Bodies that are fine by themselves: nothing but the id is wrong. */
  function sample(name: RouteName): object {
    const entry = { area: 'Hall', tag: 'P-1', name: 'Pump', kind: 'pump', duty: 'one-shift', positions: [] }
    const samples: Partial<Record<RouteName, object>> = {
      saveMachine: { version: 1, entry },
      retireMachine: { version: 1, retired: true },
      saveShaft: { version: 0, feed: false, shaft: sketchShaft('pump', usualSketch.pump, ['Drive end', 'Far end']) },
      savePosition: { version: 1, inputs: { kind: 'rolling' } },
      addEntries: { entries: [{ id: randomUUID(), step: 'lock-out', at: new Date().toISOString(), kind: 'done' }] },
      moveJob: { state: 'waiting', reason: 'x' },
      planJob: { plannedFor: null },
      addFinding: finding(),
      saveStock: { version: 1, entry: { designation: '6214', place: 'B1', least: 1 } },
      moveStock: { id: randomUUID(), kind: 'out', count: 1 },
      renameLoose: { name: 'Theirs' },
      placeLoose: { machineId: owned['machines'], name: 'Theirs' },
      savePerson: { name: 'Y', role: 'viewer' },
      retirePerson: { retired: true },
      saveRound: { version: 1 },
      savePoint: { version: 1, own: {}, lastDone: null },
      readMeter: { day: '2026-11-20', shownH: 100 },
      addRoundEntries: {
        entries: [{ id: randomUUID(), point: randomUUID(), at: new Date().toISOString(), kind: 'undone' }],
      },
    }
    return samples[name] ?? {}
  }

  const flat = inside.filter(([, { params }]) => Object.keys(params.shape).length === 0)
  for (const [name, route] of flat.filter(([, { method }]) => method === 'get'))
    it(`${name} shows nothing of another site`, async () => {
      const { status, text } = await south.get(`/api${route.path}`).query(querySample(route))
      assert.equal(status, 200, text)
      for (const id of [...ids, '@north']) assert.notInclude(text, id)
    })

  for (const [name, route] of flat.filter(([, { method }]) => method !== 'get'))
    it(`${name} takes nothing of another site`, async () => {
      const body = bodies()[name]
      assert.isDefined(body, `say above what ${name} could name of another site, or null`)
      if (!body) return
      const before = await stored()
      const { status, text } = await south[route.method](`/api${route.path}`).send(body)
      assert.equal(status, 404, text)
      assert.deepEqual(await stored(), before)
    })
})
