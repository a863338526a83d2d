import type { References } from '@yardfrost/core'
import type pg from 'pg'
import type { Logger } from 'pino'
import { judgeTold } from '../bench/judge-anew.ts'
import { judgeTrends } from '../reading/judge-trends.ts'
import { today } from '../round/today.ts'
import { inTransaction } from '../store/database.ts'
import { listReadPositions, takeDueTrends } from '../store/readings.ts'

/** How often it is looked whether a day has begun, ms. */
const lookMs = 60_000
/** So many positions are judged in one transaction. */
const atOnce = 50

/**
 * Judges every trend of the sites that wait for it, once a day: a row that rises is nearer to its limit though nobody read it.
 *
 * @returns how many positions were judged
 */
export async function judgeAllTrends(
  pool: pg.Pool,
  references: References,
  asOf: string,
  stopped: () => boolean = () => false,
): Promise<number> {
  let judged = 0
  for (;;) {
    // One site at a time, whichever process comes first.
    const siteId = await takeDueTrends(pool, asOf)
    if (siteId === null) return judged
    const positions = await listReadPositions(pool, siteId)
    for (let from = 0; from < positions.length && !stopped(); from += atOnce) {
      const some = positions.slice(from, from + atOnce)
      await inTransaction(pool, (db) => judgeTrends(db, siteId, some, asOf))
      await judgeTold(pool, references, siteId, some)
      judged += some.length
    }
    if (stopped()) return judged
  }
}

/** Judges all trends in the background as each day begins. */
export class TrendWork {
  readonly #timer: NodeJS.Timeout
  #stopped = false
  #working: Promise<unknown> | null = null

  constructor(pool: pg.Pool, references: References, log: Logger) {
    const look = () => {
      this.#working ??= judgeAllTrends(pool, references, today(), () => this.#stopped)
        // The database may be away; it is looked again in a while.
        .catch((error: unknown) => log.warn({ err: error }, 'trends could not be judged'))
        .finally(() => (this.#working = null))
    }
    this.#timer = setInterval(look, lookMs)
    this.#timer.unref()
  }

  async stop(): Promise<void> {
    this.#stopped = true
    clearInterval(this.#timer)
    await this.#working
  }
}
