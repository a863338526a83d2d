import type { Request, Response } from 'express'
import { AccessError } from '../errors/access-error.ts'
import { openEventStream, type EventStream } from './event-stream.ts'
import type { News } from './news.ts'

/** Streams one person may have open: a tablet, a desk and a few forgotten tabs. */
export const mostStreams = 16
/** How often it is looked whether who listens may still, ms. */
const lookMs = 60_000

interface Listener {
  accountId: string
  sid: string
  stillMay: () => Promise<boolean>
  end: () => void
}

/** Streams that are open, each for as long as whoever opened it is signed in. */
export class Streams {
  readonly #open = new Set<Listener>()
  readonly #looking: NodeJS.Timeout

  constructor(news: News) {
    const look = (which: (one: Listener) => boolean) => () => {
      for (const one of this.#open) if (which(one)) void this.#look(one)
    }
    news.on('account', (accountId) => look((one) => one.accountId === accountId)())
    news.on('session', (sid) => {
      for (const one of this.#open) if (one.sid === sid) one.end()
    })
    news.onFound(look(() => true))
    this.#looking = setInterval(
      look(() => true),
      lookMs,
    )
    this.#looking.unref()
  }

  async #look(one: Listener): Promise<void> {
    // A database that does not answer says nothing about who may.
    if (!(await one.stillMay().catch(() => true))) one.end()
  }

  /**
   * Opens a response as a stream of somebody who is signed in.
   *
   * @param stillMay - whether the session is still good
   * @throws AccessError TOO_MANY
   */
  open(request: Request, response: Response, accountId: string, stillMay: () => Promise<boolean>): EventStream {
    const mine = [...this.#open].filter((one) => one.accountId === accountId).length
    if (mine >= mostStreams)
      throw new AccessError('TOO_MANY', `You have ${mine} pages open that listen`, 'Close some of them.')
    const stream = openEventStream(request, response)
    const one: Listener = { accountId, sid: request.sessionID, stillMay, end: stream.end }
    this.#open.add(one)
    stream.signal.addEventListener('abort', () => this.#open.delete(one))
    return stream
  }

  stop(): void {
    clearInterval(this.#looking)
    for (const { end } of this.#open) end()
  }
}
