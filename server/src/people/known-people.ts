import type pg from 'pg'
import type { News } from '../live/news.ts'
import { findSignedIn, type SignedIn } from '../store/accounts.ts'

/** Belt and braces: what is remembered of a person is read anew after so long, ms. */
const rememberMs = 60_000

/** People who are signed in, remembered for as long as this process hears of every change to one of them or to a site. */
export class KnownPeople {
  readonly #pool: pg.Pool
  readonly #news: News
  /** By account, then by the site they are on. */
  readonly #known = new Map<string, Map<string, { found: SignedIn; readAt: number }>>()

  constructor(pool: pg.Pool, news: News) {
    this.#pool = pool
    this.#news = news
    news.on('account', (accountId) => this.forget(accountId))
    news.on('site', () => this.#known.clear())
    news.onFound(() => this.#known.clear())
  }

  /** The person behind a session; null when they may not sign in any more. */
  async find(accountId: string, siteId: string | null): Promise<SignedIn | null> {
    const known = this.#known.get(accountId)?.get(siteId ?? '')
    if (known && this.#news.listening && Date.now() - known.readAt < rememberMs) return known.found
    // Asked before it is read: a change that comes meanwhile is not remembered over.
    const mine = new Map(this.#known.get(accountId))
    this.#known.set(accountId, mine)
    const found = await findSignedIn(this.#pool, accountId, siteId)
    if (found && this.#known.get(accountId) === mine) mine.set(siteId ?? '', { found, readAt: Date.now() })
    return found
  }

  /** Somebody has been changed: the next request of theirs sees it. */
  forget(accountId: string): void {
    this.#known.delete(accountId)
  }
}
