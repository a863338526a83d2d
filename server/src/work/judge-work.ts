import type { References } from '@yardfrost/core'
import type pg from 'pg'
import type { Logger } from 'pino'
import type { News } from '../live/news.ts'
import { judgeNext } from '../site/judge-site.ts'

/** How often it is looked for what another process has left, ms. */
const lookMs = 15_000

/** Judges in the background whatever site waits for it. */
export class JudgeWork {
  readonly #next: () => Promise<boolean>
  readonly #log: Logger
  readonly #timer: NodeJS.Timeout
  #stopped = false
  #working: Promise<void> | null = null
  #again = false

  constructor(pool: pg.Pool, references: References, news: News, log: Logger) {
    this.#next = async () => !this.#stopped && judgeNext(pool, references)
    this.#log = log
    news.on('site', () => this.look())
    news.onFound(() => this.look())
    this.#timer = setInterval(() => this.look(), lookMs)
    this.#timer.unref()
  }

  /** Something may wait. */
  look(): void {
    if (this.#stopped) return
    this.#again = true
    this.#working ??= this.#work().finally(() => {
      this.#working = null
    })
  }

  async #work(): Promise<void> {
    try {
      do this.#again = false
      while ((await this.#next()) || this.#isAskedAgain())
    } catch (error) {
      // The database may be away; it is looked again in a while.
      this.#log.warn({ err: error }, 'a site could not be judged anew')
    }
  }

  #isAskedAgain = (): boolean => this.#again && !this.#stopped

  async stop(): Promise<void> {
    this.#stopped = true
    clearInterval(this.#timer)
    await this.#working
  }
}
