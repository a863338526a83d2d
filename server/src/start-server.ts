import type { References } from '@yardfrost/core'
import type { AddressInfo } from 'node:net'
import { createServer, type Server } from 'node:http'
import type pg from 'pg'
import type { Logger } from 'pino'
import { gaugeAt } from './devices/gauge.ts'
import { startSimulatedGauge } from './devices/simulated-gauge.ts'
import { createApp } from './http/app.ts'
import { sessionSecret } from './store/server-secret.ts'

export interface RunningServer {
  port: number
  /** Stops taking requests, lets those under way finish, closes the pool. */
  stop: () => Promise<void>
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
  references: References
  log: Logger
  version: string
  port: number
  host?: string
  webFolder: string | null
}): Promise<RunningServer> {
  const { pool, log, port, host, ...rest } = options
  const simulated = await startSimulatedGauge()
  const gauge = gaugeAt('127.0.0.1', simulated.port)
  const app = createApp({ pool, log, gauge, ...rest, secret: await sessionSecret(pool) })
  const server = createServer(app)
  await new Promise<void>((listening, failed) => {
    server.once('error', (error) => {
      void simulated.stop()
      failed(error)
    })
    server.listen(port, host ?? '0.0.0.0', () => {
      server.removeAllListeners('error')
      listening()
    })
  })
  return { port: (server.address() as AddressInfo).port, stop: () => stop(server, pool, simulated.stop) }
}

async function stop(server: Server, pool: pg.Pool, stopDevices: () => Promise<void>): Promise<void> {
  const cut = setTimeout(() => server.closeAllConnections(), stopPatienceMs)
  await new Promise<void>((closed) => {
    server.close(() => closed())
    server.closeIdleConnections()
  })
  clearTimeout(cut)
  await stopDevices()
  await pool.end()
}
