import type { News } from './news.ts'

interface Watcher {
  changed: () => void
  /** Nothing more will come: the server stops. */
  ended: () => void
}

/** Tells those who watch a job when it has changed. */
export class JobWatch {
  readonly #watchers = new Map<string, Set<Watcher>>()

  constructor(news: News) {
    news.on('job', (jobId) => this.#tell(jobId))
    news.onFound(() => {
      for (const jobId of this.#watchers.keys()) this.#tell(jobId)
    })
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

  stop(): void {
    for (const watchers of this.#watchers.values()) for (const { ended } of watchers) ended()
  }
}
