import { migrate, openPool } from '@yardfrost/server'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type pg from 'pg'
import { isFree } from './free-port.ts'
import { Cluster, ensureDatabase, withClient } from './postgres.ts'
import { SettingError, type Settings } from './settings.ts'

/** Name of the database in the cluster of our own. */
export const databaseName = 'yardfrost'

export const ownCluster = ({ folder, databasePort }: Settings): Cluster =>
  new Cluster(join(folder, 'postgres'), databasePort)

/** Starts the cluster of our own, made first if need be, with its database; returns the address. */
export async function startOwn(
  settings: Settings,
  say: (text: string) => void,
): Promise<{ cluster: Cluster; url: string }> {
  const { folder, databasePort } = settings
  // A server left by a crash in our own folder is taken over; anything else on the port is somebody else's.
  if (!existsSync(join(folder, 'postgres/data/postmaster.pid')) && !(await isFree(databasePort, '127.0.0.1')))
    throw new SettingError(
      `Port ${databasePort} is in use, and Yardfrost wants it for its database. Set YARDFROST_PG_PORT to a free one.`,
    )
  const cluster = ownCluster(settings)
  if (await cluster.create()) say(`made a database cluster in ${folder}`)
  await cluster.start()
  return { cluster, url: await cluster.makeDatabase(databaseName) }
}

/**
 * Does something with the database: the given one, or the one of our own, which is started for as long as it takes where no
 * Yardfrost has it running.
 *
 * @param work - gets its address, and how to make another database beside it
 */
export async function withDatabase<T>(
  settings: Settings,
  say: (text: string) => void,
  work: (url: string, make: (name: string) => Promise<string>) => Promise<T>,
): Promise<T> {
  const { databaseUrl } = settings
  if (databaseUrl) return work(databaseUrl, (name) => makeBeside(databaseUrl, name))
  const running = ownCluster(settings)
  if (running.isAlive()) return work(await running.makeDatabase(databaseName), (name) => running.makeDatabase(name))
  const { cluster, url } = await startOwn(settings, say)
  try {
    return await work(url, (name) => cluster.makeDatabase(name))
  } finally {
    await cluster.stop()
  }
}

/** The same for what wants a pool on it, brought to the newest schema unless it is only looked at. */
export const withPool = <T>(
  settings: Settings,
  say: (text: string) => void,
  work: (pool: pg.Pool) => Promise<T>,
  { migrated = true } = {},
): Promise<T> =>
  withDatabase(settings, say, async (url) => {
    const pool = openPool(url, () => undefined)
    try {
      if (migrated) await migrate(pool)
      return await work(pool)
    } finally {
      await pool.end()
    }
  })

async function makeBeside(databaseUrl: string, name: string): Promise<string> {
  await withClient(databaseUrl, (client) => ensureDatabase(client, name))
  const url = new URL(databaseUrl)
  url.pathname = `/${encodeURIComponent(name)}`
  return url.href
}

/** Version of this program. */
export function ownVersion(root: string): string {
  const { version } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8')) as { version: string }
  return version
}
