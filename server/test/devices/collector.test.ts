import { assert } from 'chai'
import { createServer, type AddressInfo } from 'node:net'
import { pino } from 'pino'
import { collectedOf, collectorAt } from '../../src/devices/collector.ts'
import { startDeviceProcess, type DeviceProcess } from '../../src/devices/device-process.ts'
import { CollectWork } from '../../src/work/collect-work.ts'
import { News } from '../../src/live/news.ts'
import type { NewReading } from '../../src/store/readings.ts'
import { references, testApp, type TestApp } from '../test-app.ts'
import { until } from '../until.ts'

const id = '3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a01'

describe('a line of the collector', () => {
  it('is a reading', () =>
    assert.deepEqual(collectedOf(`read ${id} temperature 55.20 21.5 2026-11-28T08:00:00.000Z`), { positionId: id, quantity: 'temperature', value: 55.2, ambient: 21.5, at: '2026-11-28T08:00:00.000Z', load: null })) // prettier-ignore
  for (const [why, line, says] of [
    ['of no quantity', `read ${id} colour 5 - 2026-11-28T08:00:00.000Z`, /no reading/],
    ['without a number', `read ${id} velocity hot - 2026-11-28T08:00:00.000Z`, /no reading/],
    ['beyond any probe', `read ${id} temperature 1e9 - 2026-11-28T08:00:00.000Z`, /no reading/],
    ['of another command', `beep`, /no reading/],
    ['a complaint', 'error nothing to collect', /says: nothing to collect/],
  ] as const)
    it(`refused: ${why}`, () => assert.throws(() => collectedOf(line), says))
})

describe('the collector', () => {
  let device: DeviceProcess
  before(async () => {
    device = await startDeviceProcess('simulated-collector')
  })
  after(() => device.stop())

  it('sends several readings a second of every position, until nobody listens', async () => {
    const stop = new AbortController()
    const heard: NewReading[] = []
    const began = Date.now()
    const told = (reading: NewReading) => {
      heard.push(reading)
      if (heard.length === 12) stop.abort()
    }
    const other = id.replace('3f', '4f')
    await collectorAt('127.0.0.1', device.port).collect([id, other], told, stop.signal)
    assert.isBelow(Date.now() - began, 6000)
    assert.sameMembers([...new Set(heard.map(({ positionId }) => positionId))], [id, other])
    assert.sameMembers([...new Set(heard.map(({ quantity }) => quantity))], ['temperature', 'velocity', 'envelope'])
  })

  it('that sends rubbish, or is not there, has failed', async () => {
    const rubbish = createServer((socket) => socket.resume().end('\u0000beep\n'))
    await new Promise<void>((listening) => rubbish.listen(0, '127.0.0.1', listening))
    const port = (rubbish.address() as AddressInfo).port
    const outcome = (at: number) =>
      collectorAt('127.0.0.1', () => at)
        .collect([id], () => undefined, new AbortController().signal)
        .then(() => 'fine', (error: unknown) => (error as Error).message) // prettier-ignore
    assert.match(await outcome(port), /no reading/)
    await new Promise((closed) => rubbish.close(closed))
    assert.match(await outcome(port), /cannot be reached/)
  })

  describe('of a site', () => {
    let test: TestApp
    let work: CollectWork
    let news: News
    before(async () => {
      test = await testApp('collector')
      news = new News(test.database.url)
      const collector = collectorAt('127.0.0.1', device.port)
      work = new CollectWork({ pool: test.database.pool, references, collector, log: pino({ level: 'silent' }) }, news)
      await news.start()
    })
    after(async () => {
      await work.stop()
      await news.stop()
      await test.stop()
    })
    const count = async () => Number((await test.database.pool.query(`select count(*) from reading where source = 'collector'`)).rows[0].count) // prettier-ignore
    const turn = async (collector: 'on' | 'off') => {
      const planner = await test.signedIn('planner@north')
      const { version, settings } = (await planner.get('/api/site/settings')).body
      const customs = { ...settings.customs, collector }
      await planner
        .put('/api/site/settings')
        .send({ version, settings: { ...settings, customs } })
        .expect(200)
    }

    it('is taken in once the site wants it, and no more when it does not', async () => {
      assert.equal(await count(), 0)
      await turn('on')
      await until(async () => (await count()) > 12, 'readings to come in')
      await turn('off')
      let last = -1
      await until(async () => last === (last = await count()), 'it to stop', 1500)
      const { rows } = await test.database.pool.query(`select distinct site_id from reading`)
      assert.lengthOf(rows, 1)
    })

    it('has every day counted and judged once it ends', async () => {
      const { rows } = await test.database.pool.query(`select sum(d.count)::int as counted, count(t)::int = count(*)::int as judged from reading_day d left join reading_trend t using (position_id, quantity)`) // prettier-ignore
      assert.deepEqual(rows, [{ counted: await count(), judged: true }])
    })
  })
})
