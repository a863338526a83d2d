import { loadReferences, migrate, openPool, startServer, type RunningServer } from '@yardfrost/server'
import { chmodSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { pino } from 'pino'
import { loadDemoSite } from './demo/load-plant.ts'
import { freePort } from './free-port.ts'
import { Cluster } from './postgres.ts'

/** Speed before safety: nothing in a temporary cluster outlives its run. */
const fastSettings = ['fsync=off', 'synchronous_commit=off', 'full_page_writes=off']

export interface TemporaryCluster {
  cluster: Cluster
  remove: () => Promise<void>
}

/** A PostgreSQL cluster that is gone when its run is over. */
export async function temporaryCluster(): Promise<TemporaryCluster> {
  const folder = mkdtempSync(join(tmpdir(), 'yardfrost-'))
  const cluster = new Cluster(join(folder, 'postgres'), await freePort(), fastSettings)
  // The database's own user has to get through.
  chmodSync(folder, 0o755)
  await cluster.create()
  await cluster.start()
  return {
    cluster,
    remove: async () => {
      await cluster.stop()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

/** Makes a new database in a cluster and returns its address. */
export const newDatabase = (cluster: Cluster, name: string): Promise<string> => cluster.makeDatabase(name)

/** The whole application on a database, with its demo data or without; port 0 takes any free one. */
export async function temporaryApp(databaseUrl: string, port = 0, demo = true): Promise<RunningServer> {
  const log = pino({ level: process.env['YARDFROST_LOG'] ?? 'silent' })
  const pool = openPool(databaseUrl, () => undefined)
  await migrate(pool)
  const references = loadReferences()
  if (demo) await loadDemoSite(pool, references)
  const webFolder = fileURLToPath(new URL('../web/dist', import.meta.url))
  return startServer({ pool, databaseUrl, references, log, version: 'test', port, host: '127.0.0.1', webFolder })
}
