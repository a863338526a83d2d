import { useEventSource } from '@vueuse/core'
import { watch } from 'vue'

/** A stream that broke is opened again after so long, ms. */
const retryMs = 2000

/**
 * Hears what the server tells of one piece of work: the whole of it once, then each change.
 *
 * @param work.whole - name of the event that brings the whole
 * @param work.hear - takes what was told; `whole` tells which of the two it is
 * @param work.back - the server is there again
 */
export function useWorkStream(
  url: string,
  work: {
    whole: string
    ended: () => boolean
    hear: (told: unknown, whole: boolean) => void
    back: () => void
  },
) {
  const stream = useEventSource(url, [work.whole, 'change'], {
    immediate: false,
    autoConnect: false,
    // The browser opens a stream that broke again by itself; one that was refused it gives up.
    autoReconnect: { retries: () => !work.ended(), delay: retryMs },
  })
  // At once, one by one: two events that come together are both heard.
  watch(
    stream.data,
    (text: string | null) => {
      if (text) work.hear(JSON.parse(text), stream.event.value === work.whole)
    },
    { flush: 'sync' },
  )
  watch(stream.status, (status) => {
    if (status === 'OPEN') work.back()
  })
  return { open: stream.open, isBroken: () => stream.error.value !== null && stream.status.value !== 'OPEN' }
}

/** Entries with others, each once and in order. */
export function joinedEntries<E extends { seq: number; entry: { id: string } }>(
  known: readonly E[],
  fresh: readonly E[],
): E[] {
  const ids = new Set(known.map(({ entry }) => entry.id))
  return [...known, ...fresh.filter(({ entry }) => !ids.has(entry.id))].sort((a, b) => a.seq - b.seq)
}

/** Entries the server has, and those of this device that it has not yet, each with who made it. */
export function signedEntries<E extends { id: string }>(
  kept: readonly { entry: E; by: string }[],
  waiting: readonly E[],
  me: string,
): (E & { by: string })[] {
  const known = new Set(kept.map(({ entry }) => entry.id))
  const mine = waiting.filter((entry) => !known.has(entry.id))
  return [...kept.map(({ entry, by }) => ({ ...entry, by })), ...mine.map((entry) => ({ ...entry, by: me }))]
}
