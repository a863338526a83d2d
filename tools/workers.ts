import { SharedCounts } from '@yardfrost/server'
import cluster, { type Worker } from 'node:cluster'
import { fileURLToPath } from 'node:url'
import type { WorkerOptions } from './worker.ts'
import { freePort } from './free-port.ts'

/** Connections to the database: of all processes together, and of each at least. */
const [most, fewest] = [12, 4]
/** One that ended by itself is started again after so long, ms. */
const againMs = 1000
/** So long a process may take to come up, ms. */
const patienceMs = 60_000

/**
 * Serves by several processes on one port and one database. The first has the instruments. One that ends by itself is started
 * again.
 *
 * @throws when one of them does not come up
 */
export async function startWorkers(
  count: number,
  options: Omit<WorkerOptions, 'devices' | 'connections'>,
  say: (text: string) => void,
): Promise<{ stop: () => Promise<void> }> {
  cluster.setupPrimary({ exec: fileURLToPath(new URL('worker.ts', import.meta.url)) })
  new SharedCounts()
  const port = await freePort()
  let stopping = false
  const serving = new Set<Worker>()
  const start = async (place: number): Promise<void> => {
    const own: WorkerOptions = {
      ...options,
      connections: Math.max(fewest, Math.ceil(most / count)),
      devices: { port, here: place === 0 },
    }
    const worker = cluster.fork({ YARDFROST_WORKER: JSON.stringify(own) })
    await up(worker)
    serving.add(worker)
    worker.on('exit', () => {
      serving.delete(worker)
      if (stopping) return
      say('a server process has gone; another one starts')
      again(place)
    })
  }
  /** Until one is up: the database may be away just now. */
  const again = (place: number): void => {
    setTimeout(() => {
      if (!stopping) start(place).catch(() => again(place))
    }, againMs)
  }
  await Promise.all(Array.from({ length: count }, (_, place) => start(place)))
  say(`serving by ${count} processes`)
  return {
    stop: async () => {
      stopping = true
      await Promise.all(
        Object.values(cluster.workers ?? {}).flatMap((worker) => (worker ? [down(worker, serving.has(worker))] : [])),
      )
    },
  }
}

const up = (worker: Worker): Promise<void> =>
  new Promise((ready, failed) => {
    const late = setTimeout(() => failed(new Error('a server process does not come up')), patienceMs)
    worker.on('message', (message: unknown) => {
      if (message !== 'serving') return
      clearTimeout(late)
      ready()
    })
    worker.once('exit', () => {
      clearTimeout(late)
      failed(new Error('a server process ended as it came up'))
    })
  })

/** One that is not serving yet hears nothing, and has nothing to lose. */
const down = (worker: Worker, serves: boolean): Promise<void> =>
  new Promise((ended) => {
    worker.once('exit', () => ended())
    if (serves) worker.send('stop')
    else worker.kill('SIGKILL')
  })
