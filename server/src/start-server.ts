import type { References } from '@yardfrost/core'
import type { AddressInfo } from 'node:net'
import { createServer, type Server } from 'node:http'
import type pg from 'pg'
import type { Logger } from 'pino'
import { collectorAt } from './devices/collector.ts'
import { analyserAt } from './devices/analyser.ts'
import { gaugeAt } from './devices/gauge.ts'
import { heaterAt } from './devices/heater.ts'
import { HeaterRuns } from './devices/heater-runs.ts'
import { startDeviceProcess, type DeviceProcess } from './devices/device-process.ts'
import { startSimulatedGauge } from './devices/simulated-gauge.ts'
import { WorkWatch } from './live/work-watch.ts'
import { News } from './live/news.ts'
import { Streams } from './live/streams.ts'
import { KnownPeople } from './people/known-people.ts'
import { createApp } from './http/app.ts'
import { reachAt, type Reach } from './http/reach.ts'
import { SessionStore } from './http/session-store.ts'
import { CollectWork } from './work/collect-work.ts'
import { JudgeWork } from './work/judge-work.ts'
import { TrendWork } from './work/trend-work.ts'
import { openCalculationPool } from './work/calculation-pool.ts'
import { sessionSecret } from './store/server-secret.ts'

export interface RunningServer {
  port: number
  /** Stops taking requests, lets those under way finish, closes the pool. */
  stop: () => Promise<void>
  /** Pulls the plug of the simulated heater; another one starts by itself. */
  killHeater: () => void
}

/** How long requests under way may take before their connections are cut, ms. */
const stopPatienceMs = 5000

/**
 * Starts serving on a database that has been migrated.
 *
 * @param options.port - 0 takes any free port
 * @throws the listen error, EADDRINUSE when the port is taken
 */
export async function startServer(options: {
  pool: pg.Pool
  /** Of the same database, for the connection that listens. */
  databaseUrl: string
  references: References
  log: Logger
  version: string
  port: number
  host?: string
  /** Names it has on the network, and what stands in front of it. */
  names?: readonly string[]
  trustProxy?: Reach['trustProxy']
  /** Of several processes of one server one has the instruments; it hears the others at this port of its own. */
  devices?: { port: number; here: boolean }
  /** Requests a person may make in a minute. */
  requestsAMinute?: number
  webFolder: string | null
}): Promise<RunningServer> {
  const { pool, databaseUrl, log, port, host = '127.0.0.1', names = [], trustProxy = false, devices, ...rest } = options
  const away = devices?.here === false
  const simulated = away ? { port: 0, stop: nothing } : await startSimulatedGauge()
  const [heating, collecting] = away
    ? [noDevice, noDevice]
    : await Promise.all([startDeviceProcess('simulated-heater'), startDeviceProcess('simulated-collector')])
  const analyser = analyserAt(() => startDeviceProcess('simulated-analyser'))
  const stopDevices = async () => {
    await Promise.all([simulated.stop(), heating.stop(), collecting.stop(), analyser.stop()])
  }
  const news = new News(databaseUrl)
  const watch = new WorkWatch(news)
  const people = new KnownPeople(pool, news)
  const sessions = new SessionStore(pool, news)
  const streams = new Streams(news)
  const judging = new JudgeWork(pool, options.references, news, log)
  const trends = new TrendWork(pool, options.references, log)
  const collects = away
    ? null
    : new CollectWork(
        { pool, references: options.references, log, collector: collectorAt('127.0.0.1', collecting.port) },
        news,
      )
  await news.start()
  const hearing = {
    stop: async () => {
      streams.stop()
      watch.stop()
      sessions.close()
      await Promise.all([judging.stop(), trends.stop(), collects?.stop()])
      await news.stop()
    },
  }
  const heater = heaterAt('127.0.0.1', heating.port)
  const runs = new HeaterRuns(heater)
  const calculations = openCalculationPool()
  const app = createApp({
    ...{ pool, log, sessions, watch, people, streams, ...rest },
    reach: reachAt({ host, names, trustProxy }),
    devicesAt: away ? devices.port : null,
    gauge: gaugeAt('127.0.0.1', simulated.port),
    analyser,
    heater,
    runs,
    calculations,
    secret: await sessionSecret(pool),
  })
  const server = createServer(app)
  const inner = devices?.here ? createServer(app) : null
  const servers = inner ? [server, inner] : [server]
  try {
    await listen(server, port, host)
    if (inner) await listen(inner, devices?.port ?? 0, '127.0.0.1')
  } catch (error) {
    await Promise.all([stopDevices(), hearing.stop(), calculations.stop()])
    throw error
  }
  return {
    port: (server.address() as AddressInfo).port,
    stop: async () => {
      // Heat first: nothing may stay on while the rest takes its time.
      runs.stop()
      await Promise.all([stop(servers, pool, hearing, stopDevices), calculations.stop()])
    },
    killHeater: heating.kill,
  }
}

/** An instrument that another process has. */
const noDevice: DeviceProcess = {
  port: () => 0,
  running: () => false,
  kill: () => undefined,
  stop: () => Promise.resolve(),
}

const nothing = () => Promise.resolve()

const listen = (server: Server, port: number, host: string): Promise<void> =>
  new Promise((listening, failed) => {
    server.once('error', failed)
    server.listen(port, host, () => {
      server.removeAllListeners('error')
      listening()
    })
  })

async function stop(
  servers: readonly Server[],
  pool: pg.Pool,
  hearing: { stop: () => Promise<void> },
  stopDevices: () => Promise<void>,
): Promise<void> {
  // Those who watch a job would keep their connections open for ever.
  await hearing.stop()
  const each = (act: (server: Server) => void) => () => servers.forEach(act)
  const cut = setTimeout(
    each((server) => server.closeAllConnections()),
    stopPatienceMs,
  )
  // A connection is idle only once its last answer is out.
  const idle = setInterval(
    each((server) => server.closeIdleConnections()),
    50,
  )
  await Promise.all(servers.map((server) => new Promise<void>((closed) => server.close(() => closed()))))
  clearTimeout(cut)
  clearInterval(idle)
  await stopDevices()
  await pool.end()
}
