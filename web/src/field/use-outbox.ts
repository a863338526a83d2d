import { useEventListener } from '@vueuse/core'
import { computed, onScopeDispose, shallowRef } from 'vue'
import type { z } from 'zod'
import { ApiFailure } from '../api/client.ts'
import { newOutbox, nextBatch, outboxAfter, type OutboxEvent } from './outbox-machine.ts'
import { outboxOnDevice, type Owner } from './outbox-store.ts'

/** A lost network is tried again after so long, ms. */
const retryMs = 2000

/**
 * What is entered in one piece of work, kept on this device at once and sent when it can be.
 *
 * @param work.send - sends some, in order; says which the server would not take
 * @param work.prepare - what has to go before one; throws ApiFailure, which tells whether the entry is spoiled by it
 * @param work.signedOut - hears that the session has run out
 */
export function useOutbox<E extends { id: string }>(work: {
  owner: Owner
  schema: z.ZodType<E>
  send: (entries: readonly E[]) => Promise<readonly { id: string; message: string; fix: string }[]>
  prepare?: (entry: E) => Promise<void>
  signedOut: () => void
}) {
  const device = outboxOnDevice(work.schema, work.owner)
  const box = shallowRef(newOutbox(device.waiting, device.refused))
  let retry: ReturnType<typeof setTimeout> | undefined

  function tell(event: OutboxEvent<E>): void {
    box.value = outboxAfter(box.value, event)
    device.keep(box.value)
  }

  /** Sends until nothing waits, or something holds it. */
  async function pump(): Promise<void> {
    const going = nextBatch(box.value)
    if (going.length === 0) return
    clearTimeout(retry)
    tell({ kind: 'sent' })
    const ready = await prepared(going)
    if (ready) await deliver(box.value.waiting.slice(0, box.value.sending))
    if (box.value.held === null) return pump()
    if (box.value.held === 'no-answer') retry = setTimeout(resume, retryMs)
  }

  /** What goes before the entries; false when it got no answer. */
  async function prepared(going: readonly E[]): Promise<boolean> {
    for (const entry of going) {
      try {
        await work.prepare?.(entry)
      } catch (error) {
        if (!(error instanceof ApiFailure)) throw error
        if (error.passes || error.status === 401) {
          fail(error)
          return false
        }
        tell({ kind: 'spoiled', id: entry.id, message: error.message, fix: error.fix })
      }
    }
    return true
  }

  async function deliver(going: readonly E[]): Promise<void> {
    try {
      tell({ kind: 'answered', refused: going.length > 0 ? await work.send(going) : [] })
    } catch (error) {
      if (!(error instanceof ApiFailure)) throw error
      fail(error)
    }
  }

  function fail({ status, passes, message, fix }: ApiFailure): void {
    tell({ kind: 'failed', failure: { status, passes, message, fix } })
    if (status === 401) work.signedOut()
  }

  /** Tries again now. */
  function resume(): void {
    tell({ kind: 'retry' })
    void pump()
  }
  useEventListener(window, 'online', resume)
  onScopeDispose(() => clearTimeout(retry))

  return {
    waiting: computed(() => box.value.waiting),
    refused: computed(() => box.value.refused),
    /** The server gives no answer. */
    away: computed(() => box.value.held === 'no-answer'),
    /** Enters something: it counts on this device at once. */
    add(entry: E): void {
      tell({ kind: 'made', entry })
      void pump()
    },
    /** The server is known to have these. */
    know: (ids: ReadonlySet<string>): void => tell({ kind: 'known', ids }),
    /** A person has read why one was refused. */
    markRead: (id: string): void => tell({ kind: 'read', id }),
    resume,
  }
}
