import {
  demoSignIns,
  isLoopback,
  loadReferences,
  migrate,
  offerStart,
  openPool,
  startServer,
  startState,
  type RunningServer,
} from '@yardfrost/server'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import type pg from 'pg'
import { pino } from 'pino'
import { command, say } from './command.ts'
import { loadDemoSite } from './demo/load-plant.ts'
import { demoAccounts } from './demo/plant.ts'
import { isFree } from './free-port.ts'
import { takeLock } from './instance-lock.ts'
import { keepBackups } from './nightly.ts'
import { ownVersion, startOwn } from './own-database.ts'
import { options, SettingError, settings, type Settings } from './settings.ts'
import { startWorkers } from './workers.ts'

const root = fileURLToPath(new URL('..', import.meta.url))
const cleanUps: (() => Promise<void> | void)[] = []
async function cleanUp(): Promise<void> {
  while (cleanUps.length > 0) await cleanUps.pop()?.()
}

/** Address of the database; the cluster of our own is started and kept running. */
async function openDatabase(set: Settings): Promise<string> {
  if (set.databaseUrl) return set.databaseUrl
  const { cluster, url } = await startOwn(set, say)
  const letGo = cluster.keepRunning(say)
  cleanUps.push(async () => {
    await letGo()
    await cluster.stop()
  })
  return url
}

/** The demo is something to try: on an own, empty database, or where it is asked for; never where others reach it. */
async function loadDemo(pool: pg.Pool, set: Settings, site: string | undefined): Promise<void> {
  const wanted = set.demo === 'yes' || (set.demo === null && set.databaseUrl === null && site === undefined)
  if (!wanted || !isLoopback(set.host)) return
  if (await loadDemoSite(pool, loadReferences())) say('loaded the demo site, Marram Point Saltworks')
}

/** @throws SettingError while anybody on the network could sign in with a password that is in every copy of this program */
function refuseOpenDemo(set: Settings, working: readonly unknown[]): void {
  if (working.length === 0 || isLoopback(set.host)) return
  throw new SettingError(
    `The demo's passwords are known to everybody, so it does not listen on ${set.host}. ` +
      'Remove the demo with "npm run remove-demo", or leave YARDFROST_HOST out.',
  )
}

async function makeReady(pool: pg.Pool, set: Settings, site: string | undefined): Promise<() => void> {
  const done = await migrate(pool)
  if (done.length > 0) say(`migrated the database: ${done.join(', ')}`)
  await loadDemo(pool, set, site)
  const working = await demoSignIns(pool, demoAccounts)
  refuseOpenDemo(set, working)
  const { empty, asksWord } = await startState(pool, set)
  const at = (path = '') => `http://${isLoopback(set.host) ? 'localhost' : set.host}:${set.port}${path}`
  const word = site !== undefined || (empty && asksWord) ? await offerStart(pool, site ?? '') : null
  return () => {
    say(`serving at ${at()}`)
    if (word !== null) say(`make the site ${site ?? 'there'} at ${at(`/first#${word}`)} (good once, for three days)`)
    else if (empty) say('no site is there yet: the page asks for the first one')
    for (const { login, password, role } of working) say(`sign in as ${role}: ${login} / ${password}`)
  }
}

async function serve(): Promise<void> {
  const usage = 'npm start -- [--site "Name"] [--processes N]'
  const known = {
    site: { type: 'string' },
    processes: { type: 'string' },
    'without-page': { type: 'boolean' },
  } as const
  const { values } = options(known, usage)
  const set = settings()
  const processes = Number(values.processes ?? 1)
  if (!Number.isInteger(processes) || processes < 1 || processes > 32)
    throw new SettingError(`--processes is "${String(values.processes)}"; it must be a whole number from 1 to 32.`)
  if (!set.databaseUrl) cleanUps.push(takeLock(join(set.folder, 'yardfrost.lock'), set.port))
  if (!(await isFree(set.port, set.host)))
    throw new SettingError(`Port ${set.port} is in use by another program. Stop that, or set PORT to a free one.`)
  const databaseUrl = await openDatabase(set)
  const log = pino({ level: set.log })
  const pool = openPool(databaseUrl, (error) => log.warn({ err: error }, 'an idle database connection broke'))
  let running: Pick<RunningServer, 'stop'> | null = null
  cleanUps.push(() => (running ? running.stop() : pool.end()))
  const tell = await makeReady(pool, set, values.site)
  const { host, port, names, trustProxy, requestsAMinute } = set
  const one = { databaseUrl, version: ownVersion(root), host, port, names, trustProxy, requestsAMinute }
  // While the page is served by its own builder, see tools/dev.mjs.
  const webFolder = values['without-page'] ? null : join(root, 'web/dist')
  if (processes === 1) running = await startServer({ ...one, pool, references: loadReferences(), log, webFolder })
  else {
    const workers = await startWorkers(processes, { ...one, webFolder, log: set.log }, say)
    running = {
      stop: async () => {
        await workers.stop()
        await pool.end()
      },
    }
  }
  cleanUps.push(keepBackups(pool, databaseUrl, set, say))
  tell()
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

await command(serve, cleanUp)
