import { loadReferences, openPool, startServer, type Reach, type RunningServer } from '@yardfrost/server'
import { pino } from 'pino'

/** What one of several processes is told. */
export interface WorkerOptions {
  databaseUrl: string
  version: string
  host: string
  port: number
  names: readonly string[]
  requestsAMinute: number
  /** Connections to the database this one may have. */
  connections: number
  trustProxy: Reach['trustProxy']
  webFolder: string | null
  log: string
  devices: { port: number; here: boolean }
}

let stopping = false
let server: RunningServer | null = null
async function stop(): Promise<void> {
  if (stopping) return
  stopping = true
  await server?.stop()
  process.exit(0)
}
// Heard from the first moment on: what comes while it starts would be lost.
process.on('message', (message: unknown) => {
  if (message === 'stop') void stop()
})
// The first process tells when to stop; a signal to the whole group is its business. One that is gone takes this along.
process.on('SIGINT', () => undefined)
process.on('SIGTERM', () => undefined)
process.on('disconnect', () => void stop())

const {
  databaseUrl,
  log: level,
  connections,
  ...rest
} = JSON.parse(process.env['YARDFROST_WORKER'] ?? '') as WorkerOptions
const log = pino({ level })
const onIdleError = (error: Error) => log.warn({ err: error }, 'an idle database connection broke')
const pool = openPool(databaseUrl, onIdleError, connections)
server = await startServer({ ...rest, databaseUrl, pool, references: loadReferences(), log })
process.send?.('serving')
