import pg from 'pg'

/** How long to wait before a lost connection is tried again, ms. */
const retryMs = 1000

interface Watcher {
  changed: () => void
  /** Nothing more will come: the server stops. */
  ended: () => void
}

/** Hears from the database which jobs have changed, and tells those who watch them. */
export class JobWatch {
  readonly #connectionString: string
  readonly #watchers = new Map<string, Set<Watcher>>()
  #client: pg.Client | null = null
  #stopped = false
  #retry: NodeJS.Timeout | null = null

  constructor(connectionString: string) {
    this.#connectionString = connectionString
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
    client.on('notification', ({ payload }) => this.#tell(payload ?? ''))
    try {
      await client.connect()
      await client.query('listen job')
      this.#client = client
      // What happened while nobody listened is told now.
      for (const jobId of this.#watchers.keys()) this.#tell(jobId)
    } catch {
      again()
    }
  }

  #tell(jobId: string): void {
    for (const { changed } of this.#watchers.get(jobId) ?? []) changed()
  }

  /** Calls `changed` whenever the job has, and `ended` when nothing more will come; returns how to stop watching. */
  watch(jobId: string, watcher: Watcher): () => void {
    const watchers = this.#watchers.get(jobId) ?? new Set()
    watchers.add(watcher)
    this.#watchers.set(jobId, watchers)
    return () => {
      watchers.delete(watcher)
      if (watchers.size === 0) this.#watchers.delete(jobId)
    }
  }

  async stop(): Promise<void> {
    this.#stopped = true
    if (this.#retry) clearTimeout(this.#retry)
    for (const watchers of this.#watchers.values()) for (const { ended } of watchers) ended()
    await this.#client?.end().catch(() => undefined)
  }
}
