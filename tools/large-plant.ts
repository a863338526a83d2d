import { loadReferences, migrate, openPool, startServer } from '@yardfrost/server'
import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { pino } from 'pino'
import { loadDemoSite } from './demo/load-plant.ts'
import { seedLargeSite } from './demo/large-site.ts'
import { temporaryCluster } from './temporary-app.ts'

/** A plant of 2,000 machines in a database of its own. */
export interface LargePlant {
  url: string
  pool: pg.Pool
  references: References
  /** Serves it and signs a viewer in. */
  serve: () => Promise<{ stop: () => Promise<void>; ask: (path: string) => Promise<number> }>
}

/** Makes a large plant, lets `work` measure in it, and clears it away. */
export async function inLargePlant(name: string, work: (plant: LargePlant) => Promise<void>): Promise<void> {
  const { cluster, remove } = await temporaryCluster()
  try {
    const url = await cluster.makeDatabase(name)
    const pool = openPool(url, () => undefined)
    await migrate(pool)
    const references = loadReferences()
    await loadDemoSite(pool, references)
    await seedLargeSite(url)
    await work({ url, pool, references, serve: () => serve(url, pool, references) })
  } finally {
    await remove()
  }
}

async function serve(url: string, pool: pg.Pool, references: References) {
  const log = pino({ level: 'silent' })
  const server = await startServer({ pool, databaseUrl: url, references, log, version: 'bench', port: 0, host: '127.0.0.1', webFolder: null }) // prettier-ignore
  const base = `http://127.0.0.1:${server.port}/api`
  const signed = await fetch(`${base}/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login: 'viewer', password: 'salt-air' }),
  })
  const cookie = signed.headers.getSetCookie()[0]?.split(';')[0] ?? ''
  /** Asks once; how long the whole answer took, ms. */
  const ask = async (path: string): Promise<number> => {
    const at = performance.now()
    const answer = await fetch(`${base}${path}`, { headers: { cookie } })
    await answer.text()
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`)
    return performance.now() - at
  }
  return { stop: () => server.stop(), ask }
}
