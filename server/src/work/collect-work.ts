import type { References } from '@yardfrost/core'
import type pg from 'pg'
import type { Logger } from 'pino'
import { judgeTold } from '../bench/judge-anew.ts'
import type { Collector } from '../devices/collector.ts'
import type { News } from '../live/news.ts'
import { countRead } from '../reading/count-read.ts'
import { judgeTrends } from '../reading/judge-trends.ts'
import { today } from '../round/today.ts'
import { inTransaction } from '../store/database.ts'
import { dayKey, daysRead, insertReadings, type DayRead, type NewReading } from '../store/readings.ts'
import { listCollecting } from '../store/sites.ts'

/** What comes in is stored this often, and positions are judged by it this often, ms: a day is counted over all its readings. */
const [storeMs, judgeMs] = [1000, 60_000]
/** A collector that broke off is asked again after so long, ms. */
const againMs = 5000
/** While the database is away so many readings are held; older ones go first. */
const mostHeld = 100_000

/** Takes in what the collector of the shop reads, for every site that wants it. */
export class CollectWork {
  readonly #parts: { pool: pg.Pool; references: References; collector: Collector; log: Logger }
  readonly #runs = new Map<string, Run>()
  #stopped = false
  #looking: Promise<void> = Promise.resolve()

  constructor(parts: { pool: pg.Pool; references: References; collector: Collector; log: Logger }, news: News) {
    this.#parts = parts
    news.on('site', () => this.look())
    news.onFound(() => this.look())
  }

  /** A site may want it now, or no more. */
  look(): void {
    if (this.#stopped) return
    this.#looking = this.#looking.then(() => this.#follow()).catch((error: unknown) => {
      // The database may be away; it is looked again once it is back.
      this.#parts.log.warn({ err: error }, 'could not look which sites collect')
    }) // prettier-ignore
  }

  async #follow(): Promise<void> {
    const wanted = await listCollecting(this.#parts.pool)
    for (const [siteId, run] of this.#runs)
      if (!wanted.has(siteId)) {
        this.#runs.delete(siteId)
        await run.stop()
      }
    for (const [siteId, positionIds] of wanted)
      if (!this.#stopped && !this.#runs.has(siteId) && positionIds.length > 0)
        this.#runs.set(siteId, new Run(this.#parts, siteId, positionIds))
  }

  async stop(): Promise<void> {
    this.#stopped = true
    await this.#looking
    await Promise.all([...this.#runs.values()].map((run) => run.stop()))
  }
}

/** One site that collects. */
class Run {
  readonly #parts: ConstructorParameters<typeof CollectWork>[0]
  readonly #siteId: string
  readonly #off = new AbortController()
  readonly #timers: NodeJS.Timeout[]
  #held: NewReading[] = []
  readonly #unjudged = new Map<string, DayRead>()
  #working: Promise<void> = Promise.resolve()

  constructor(parts: ConstructorParameters<typeof CollectWork>[0], siteId: string, positionIds: readonly string[]) {
    this.#parts = parts
    this.#siteId = siteId
    void this.#collect(positionIds)
    this.#timers = [
      setInterval(() => this.#queue(() => this.#store()), storeMs),
      setInterval(() => this.#queue(() => this.#judge()), judgeMs),
    ]
  }

  async #collect(positionIds: readonly string[]): Promise<void> {
    const { collector, log } = this.#parts
    while (!this.#off.signal.aborted) {
      try {
        await collector.collect(positionIds, (reading) => this.#held.push(reading), this.#off.signal)
      } catch (error) {
        log.warn({ err: error }, 'the collector broke off')
        await new Promise<void>((waited) => {
          const timer = setTimeout(waited, againMs)
          this.#off.signal.addEventListener('abort', () => {
            clearTimeout(timer)
            waited()
          })
        })
      }
    }
  }

  /** One thing after the other: a slow database is not asked twice at once. */
  #queue(work: () => Promise<void>): void {
    this.#working = this.#working.then(work).catch((error: unknown) => {
      this.#parts.log.warn({ err: error }, 'readings could not be kept yet')
    }) // prettier-ignore
  }

  async #store(): Promise<void> {
    const going = this.#held
    if (going.length === 0) return
    this.#held = []
    try {
      await inTransaction(this.#parts.pool, (db) => insertReadings(db, this.#siteId, going, 'collector'))
    } catch (error) {
      this.#held = [...going, ...this.#held].slice(-mostHeld)
      throw error
    }
    for (const day of daysRead(going)) this.#unjudged.set(dayKey(day), day)
  }

  async #judge(): Promise<void> {
    const { pool, references } = this.#parts
    const days = [...this.#unjudged.values()]
    if (days.length === 0) return
    const positions = [...new Set(days.map(({ positionId }) => positionId))]
    await inTransaction(pool, async (db) => {
      await countRead(db, this.#siteId, days)
      await judgeTrends(db, this.#siteId, positions, today())
    })
    this.#unjudged.clear()
    await judgeTold(pool, references, this.#siteId, positions)
  }

  async stop(): Promise<void> {
    this.#off.abort()
    for (const timer of this.#timers) clearInterval(timer)
    this.#queue(() => this.#store())
    this.#queue(() => this.#judge())
    await this.#working
  }
}
