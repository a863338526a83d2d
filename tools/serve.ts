import { loadReferences, migrate, openPool, startServer, type RunningServer } from '@yardfrost/server'
import { existsSync, readFileSync } from 'node:fs'
import { homedir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import pg from 'pg'
import { pino } from 'pino'
import { z } from 'zod'
import { loadDemoSite } from './demo/load-plant.ts'
import { demoAccounts } from './demo/plant.ts'
import { isFree } from './free-port.ts'
import { AlreadyRunning, takeLock } from './instance-lock.ts'
import { Cluster } from './postgres.ts'

const root = fileURLToPath(new URL('..', import.meta.url))
/** While the page is served by its own builder, see tools/dev.mjs. */
const withoutPage = process.argv.includes('--without-page')
const say = (text: string) => console.log(`yardfrost: ${text}`)

/** A start that cannot go on, for a reason the person can put right. */
class StartError extends Error {
  override readonly name = 'StartError'
}

function portFrom(name: string, usual: number): number {
  const text = process.env[name]
  if (!text) return usual
  const port = Number(text)
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new StartError(`${name} is "${text}"; it must be a port from 1 to 65535.`)
  return port
}

/** Root keeps data where the database's own user can reach it; anybody else in the home folder. */
function dataFolder(): string {
  const usual = process.getuid?.() === 0 ? '/var/lib/yardfrost' : join(homedir(), '.local/share/yardfrost')
  return process.env['YARDFROST_DATA_DIR'] ?? usual
}

/** Starts the cluster of our own, keeps it running, and makes its database; the function returned stops it. */
async function startDatabase(folder: string, port: number): Promise<{ url: string; stop: () => Promise<void> }> {
  if (!(await isFree(port, '127.0.0.1'))) explainBusyDatabasePort(folder, port)
  const cluster = new Cluster(join(folder, 'postgres'), port)
  if (await cluster.create()) say(`made a database cluster in ${folder}`)
  await cluster.start()
  const admin = new pg.Client({ connectionString: cluster.url('postgres') })
  await admin.connect()
  try {
    const { rowCount } = await admin.query('select 1 from pg_database where datname = $1', ['yardfrost'])
    if (!rowCount) await admin.query('create database yardfrost')
  } finally {
    await admin.end()
  }
  const letGo = cluster.keepRunning(say)
  return {
    url: cluster.url('yardfrost'),
    stop: async () => {
      await letGo()
      await cluster.stop()
    },
  }
}

/** A server left by a crash in our own folder is taken over; anything else on the port is somebody else's. */
function explainBusyDatabasePort(folder: string, port: number): void {
  if (existsSync(join(folder, 'postgres/data/postmaster.pid'))) return
  throw new StartError(
    `Port ${port} is in use, and Yardfrost wants it for its database. Set YARDFROST_PG_PORT to a free one.`,
  )
}

const cleanUps: (() => Promise<void> | void)[] = []
async function cleanUp(): Promise<void> {
  while (cleanUps.length > 0) await cleanUps.pop()?.()
}

async function serve(): Promise<void> {
  const port = portFrom('PORT', 4870)
  const given = process.env['DATABASE_URL']
  let url = given
  if (!url) {
    const folder = dataFolder()
    cleanUps.push(takeLock(join(folder, 'yardfrost.lock'), port))
    if (!(await isFree(port))) throw portTaken(port)
    const database = await startDatabase(folder, portFrom('YARDFROST_PG_PORT', 4871))
    cleanUps.push(database.stop)
    url = database.url
  } else if (!(await isFree(port))) throw portTaken(port)
  const log = pino({ level: process.env['YARDFROST_LOG'] ?? 'warn' })
  const pool = openPool(url, (error) => log.warn({ err: error }, 'an idle database connection broke'))
  let server: RunningServer | null = null
  cleanUps.push(() => (server ? server.stop() : pool.end()))
  const done = await migrate(pool)
  if (done.length > 0) say(`migrated the database: ${done.join(', ')}`)
  const references = loadReferences()
  if (await loadDemoSite(pool, references)) say('loaded the demo site, Marram Point Saltworks')
  const { version } = z
    .object({ version: z.string() })
    .parse(JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')))
  server = await startServer({
    pool,
    databaseUrl: url,
    references,
    log,
    version,
    port,
    webFolder: withoutPage ? null : join(root, 'web/dist'),
  })
  say(`serving at http://localhost:${server.port}`)
  for (const { login, password, role } of demoAccounts) say(`sign in as ${role}: ${login} / ${password}`)
}

function portTaken(port: number): StartError {
  return new StartError(`Port ${port} is in use by another program. Stop that, or set PORT to a free one.`)
}

let stopping = false
async function stopOn(): Promise<void> {
  if (stopping) return
  stopping = true
  say('stopping')
  await cleanUp()
  process.exit(0)
}
process.on('SIGINT', () => void stopOn())
process.on('SIGTERM', () => void stopOn())

try {
  await serve()
} catch (error) {
  const known =
    error instanceof StartError ||
    error instanceof AlreadyRunning ||
    (error instanceof Error && /^PostgreSQL/.test(error.message))
  console.error(known ? `yardfrost: ${(error as Error).message}` : error)
  await cleanUp()
  process.exit(1)
}
