import type { Channel, News } from './news.ts'

interface Watcher {
  changed: () => void
  /** Nothing more will come: the server stops. */
  ended: () => void
}

/** Pieces of work that people watch while others add to them. */
const kinds = ['job', 'round'] as const satisfies readonly Channel[]
export type WorkKind = (typeof kinds)[number]

/** Tells those who watch a job or a round when it has changed. */
export class WorkWatch {
  readonly #watchers = new Map<string, Set<Watcher>>()

  constructor(news: News) {
    for (const kind of kinds) news.on(kind, (id) => this.#tell(id))
    news.onFound(() => {
      for (const id of this.#watchers.keys()) this.#tell(id)
    })
  }

  #tell(id: string): void {
    for (const { changed } of this.#watchers.get(id) ?? []) changed()
  }

  /** Calls `changed` whenever the work has, and `ended` when nothing more will come; returns how to stop watching. */
  watch(id: string, watcher: Watcher): () => void {
    const watchers = this.#watchers.get(id) ?? new Set()
    watchers.add(watcher)
    this.#watchers.set(id, watchers)
    return () => {
      watchers.delete(watcher)
      if (watchers.size === 0) this.#watchers.delete(id)
    }
  }

  stop(): void {
    for (const watchers of this.#watchers.values()) for (const { ended } of watchers) ended()
  }
}
