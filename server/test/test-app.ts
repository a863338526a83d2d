import type { Express } from 'express'
import { pino } from 'pino'
import request from 'supertest'
import { analyserAt } from '../src/devices/analyser.ts'
import { startDeviceProcess } from '../src/devices/device-process.ts'
import { gaugeAt } from '../src/devices/gauge.ts'
import { heaterAt } from '../src/devices/heater.ts'
import { startSimulatedGauge } from '../src/devices/simulated-gauge.ts'
import { HeaterRuns } from '../src/devices/heater-runs.ts'
import { JudgeWork } from '../src/work/judge-work.ts'
import { openCalculationPool, usualBudget, type Budget } from '../src/work/calculation-pool.ts'
import { createApp } from '../src/http/app.ts'
import { SessionStore } from '../src/http/session-store.ts'
import { reachAt } from '../src/http/reach.ts'
import { WorkWatch } from '../src/live/work-watch.ts'
import { News } from '../src/live/news.ts'
import { Streams } from '../src/live/streams.ts'
import { KnownPeople } from '../src/people/known-people.ts'
import { loadReferences } from '../src/reference-files.ts'
import { migrate } from '../src/store/migrate.ts'
import { password, seedSite, type SeededSite } from './seed.ts'
import { testDatabase, type TestDatabase } from './test-database.ts'

export const references = loadReferences()

export interface TestApp {
  app: Express
  runs: HeaterRuns
  database: TestDatabase
  /** The site `north`; another, `south`, stands beside it. */
  site: SeededSite
  signedIn: (login: string) => Promise<request.Agent>
  stop: () => Promise<void>
}

/**
 * The HTTP side on a database of its own with two sites.
 *
 * @param heaterPort - where a heater listens; without one it cannot be reached
 */
export async function testApp(
  name: string,
  heaterPort: () => number = () => 0,
  budget: Budget = usualBudget,
  webFolder: string | null = null,
  at: Parameters<typeof reachAt>[0] = { host: '127.0.0.1', names: [], trustProxy: false },
): Promise<TestApp> {
  const undo: (() => unknown)[] = []
  const stop = async () => {
    for (const step of undo.splice(0).reverse()) await step()
  }
  // One that cannot be put together leaves nothing running, or the whole run would wait for it for ever.
  try {
    return await put()
  } catch (error) {
    await stop()
    throw error
  }

  async function put(): Promise<TestApp> {
    const database = await testDatabase(name)
    undo.push(database.drop)
    await migrate(database.pool)
    const site = await seedSite(database.pool, references, 'north')
    await seedSite(database.pool, references, 'south')
    const gauge = await startSimulatedGauge()
    undo.push(gauge.stop)
    const analyser = analyserAt(() => startDeviceProcess('simulated-analyser'))
    undo.push(analyser.stop)
    const news = new News(database.url)
    const watch = new WorkWatch(news)
    const people = new KnownPeople(database.pool, news)
    const streams = new Streams(news)
    const sessions = new SessionStore(database.pool, news)
    const judging = new JudgeWork(database.pool, references, news, pino({ level: 'silent' }))
    undo.push(
      () => news.stop(),
      () => judging.stop(),
      () => watch.stop(),
      () => streams.stop(),
      () => sessions.close(),
    )
    await news.start()
    const calculations = openCalculationPool(budget)
    undo.push(calculations.stop)
    const heater = heaterAt('127.0.0.1', heaterPort)
    const runs = new HeaterRuns(heater)
    undo.push(() => runs.stop())
    const app = createApp({
      pool: database.pool,
      references,
      gauge: gaugeAt('127.0.0.1', gauge.port),
      analyser,
      heater,
      runs,
      calculations,
      ...{ sessions, watch, people, streams },
      reach: reachAt(at),
      devicesAt: null,
      secret: 'for tests',
      version: '1.2.3',
      log: pino({ level: 'silent' }),
      webFolder,
    })
    const signedIn = async (login: string) => {
      const agent = request.agent(app)
      await agent.post('/api/session').send({ login, password }).expect(201)
      return agent
    }
    return { app, runs, database, site, signedIn, stop }
  }
}
