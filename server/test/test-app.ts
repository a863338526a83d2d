import type { Express } from 'express'
import { pino } from 'pino'
import request from 'supertest'
import { gaugeAt } from '../src/devices/gauge.ts'
import { heaterAt } from '../src/devices/heater.ts'
import { startSimulatedGauge } from '../src/devices/simulated-gauge.ts'
import { HeaterRuns } from '../src/devices/heater-runs.ts'
import { openCalculationPool, usualBudget, type Budget } from '../src/work/calculation-pool.ts'
import { createApp } from '../src/http/app.ts'
import { JobWatch } from '../src/live/job-watch.ts'
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
): Promise<TestApp> {
  const database = await testDatabase(name)
  await migrate(database.pool)
  const site = await seedSite(database.pool, references, 'north')
  await seedSite(database.pool, references, 'south')
  const gauge = await startSimulatedGauge()
  const watch = new JobWatch(database.url)
  await watch.start()
  const heater = heaterAt('127.0.0.1', heaterPort)
  const runs = new HeaterRuns(heater)
  const calculations = openCalculationPool(budget)
  const app = createApp({
    pool: database.pool,
    references,
    gauge: gaugeAt('127.0.0.1', gauge.port),
    heater,
    runs,
    calculations,
    watch,
    secret: 'for tests',
    version: '1.2.3',
    log: pino({ level: 'silent' }),
    webFolder: null,
  })
  return {
    app,
    runs,
    database,
    site,
    signedIn: async (login) => {
      const agent = request.agent(app)
      await agent.post('/api/session').send({ login, password }).expect(201)
      return agent
    },
    stop: async () => {
      runs.stop()
      await calculations.stop()
      await watch.stop()
      await gauge.stop()
      await database.drop()
    },
  }
}
