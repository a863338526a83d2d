import pg from 'pg'

/** How long to wait before a lost connection is tried again, ms. */
const retryMs = 1000

/** What the database tells of: a job, a round, an account, a session or a site that has changed. The payload is its id. */
export const channels = ['job', 'round', 'account', 'session', 'site'] as const
export type Channel = (typeof channels)[number]

/**
 * Hears from the database what has changed, through whichever server process it was changed.
 *
 * While it does not listen, nobody may trust what they remember: `listening` says so.
 */
export class News {
  readonly #connectionString: string
  readonly #listeners = new Map<Channel, Set<(id: string) => void>>(channels.map((channel) => [channel, new Set()]))
  readonly #found = new Set<() => void>()
  #client: pg.Client | null = null
  #stopped = false
  #retry: NodeJS.Timeout | null = null

  constructor(connectionString: string) {
    this.#connectionString = connectionString
  }

  get listening(): boolean {
    return this.#client !== null
  }

  /** Listens; a database that is away is tried again until it is back. */
  async start(): Promise<void> {
    if (this.#stopped) return
    const client = new pg.Client({ connectionString: this.#connectionString, application_name: 'yardfrost live' })
    // A connection that breaks says so twice, as an error and as its end.
    let lost = false
    const again = () => {
      if (lost) return
      lost = true
      void client.end().catch(() => undefined)
      this.#client = null
      if (!this.#stopped) this.#retry = setTimeout(() => void this.start(), retryMs)
    }
    client.on('error', again)
    client.on('end', again)
    client.on('notification', ({ channel, payload = '' }) => {
      for (const listener of this.#listeners.get(channel as Channel) ?? []) listener(payload)
    })
    try {
      await client.connect()
      for (const channel of channels) await client.query(`listen ${channel}`)
      this.#client = client
      // What happened while nobody listened was not heard.
      for (const found of this.#found) found()
    } catch {
      again()
    }
  }

  /** Calls `changed` with the id of each thing of a kind that has changed. */
  on(channel: Channel, changed: (id: string) => void): void {
    this.#listeners.get(channel)?.add(changed)
  }

  /** Calls `found` whenever it listens again: anything may have changed since. */
  onFound(found: () => void): void {
    this.#found.add(found)
  }

  async stop(): Promise<void> {
    this.#stopped = true
    if (this.#retry) clearTimeout(this.#retry)
    await this.#client?.end().catch(() => undefined)
  }
}
