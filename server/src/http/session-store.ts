import connectPgSimple from 'connect-pg-simple'
import session, { type SessionData } from 'express-session'
import type pg from 'pg'
import { z } from 'zod'
import type { News } from '../live/news.ts'

const PgSession = connectPgSimple(session)

/** A session is written as used no more often than this, ms. */
const touchMs = 60_000
/** What is remembered of a session is read anew after so long, ms. */
const rememberMs = 60_000
const mostRemembered = 5000
/** Longer than any reading of a session takes, ms. */
const endedMs = 10_000

interface Remembered {
  /** The session as JSON: each request has a copy of its own. */
  text: string
  readAt: number
  touchedAt: number
}

/**
 * Sessions in the database, remembered in this process for as long as it hears of every one that ends: a request of somebody
 * who is signed in asks the database for what it wants and for nothing else.
 */
export class SessionStore extends PgSession {
  readonly #news: News
  readonly #remembered = new Map<string, Remembered>()
  /** Sessions that ended just now: what was read of one before is not remembered after. */
  readonly #ended = new Set<string>()

  constructor(pool: pg.Pool, news: News) {
    super({ pool, tableName: 'session', createTableIfMissing: false, pruneSessionInterval: 900 })
    this.#news = news
    news.on('session', (sid) => this.#end(sid))
    news.onFound(() => this.#remembered.clear())
  }

  override get(sid: string, done: (error: unknown, session?: SessionData | null) => void): void {
    const known = this.#remembered.get(sid)
    if (known && this.#news.listening && Date.now() - known.readAt < rememberMs) {
      const read = JSON.parse(known.text) as SessionData
      // As the store itself keeps it: when it ends where nobody uses it.
      const { expires } = z.object({ expires: z.coerce.date() }).parse(read.cookie)
      if (expires > new Date()) {
        done(null, read)
        return
      }
    }
    this.#remembered.delete(sid)
    super.get(sid, (error: unknown, found?: SessionData | null) => {
      if (found) this.#remember(sid, found, known?.touchedAt ?? 0)
      done(error, found)
    })
  }

  override set(sid: string, data: SessionData, done?: (error?: unknown) => void): void {
    this.#remembered.delete(sid)
    super.set(sid, data, done)
  }

  override destroy(sid: string, done?: (error?: unknown) => void): void {
    this.#end(sid)
    super.destroy(sid, done)
  }

  override touch(sid: string, data: SessionData, done?: () => void): void {
    const known = this.#remembered.get(sid)
    if (known && Date.now() - known.touchedAt < touchMs) {
      done?.()
      return
    }
    super.touch(sid, data, () => {
      if (this.#remembered.has(sid)) this.#remember(sid, data, Date.now())
      done?.()
    })
  }

  #end(sid: string): void {
    this.#remembered.delete(sid)
    this.#ended.add(sid)
    setTimeout(() => this.#ended.delete(sid), endedMs).unref()
  }

  #remember(sid: string, data: SessionData, touchedAt: number): void {
    if (this.#ended.has(sid)) return
    // The one that was read longest ago makes room.
    const [oldest] = this.#remembered.size >= mostRemembered ? this.#remembered.keys() : []
    if (oldest !== undefined) this.#remembered.delete(oldest)
    this.#remembered.set(sid, { text: JSON.stringify(data), readAt: Date.now(), touchedAt })
  }
}
