import { z } from 'zod'
import { forgetOnDevice, keepOnDevice, keptOnDevice } from '../api/device-store.ts'
import type { Outbox, Refused } from './outbox-machine.ts'

// What a person entered on this device and has not reached the server yet, and what the server would not take. It is that
// person's alone: on a shared tablet nobody sends another's entries. Entries are small and kept at once; photographs are
// large and kept in the browser's own database.

/** Whose entries, and of which piece of work. */
export interface Owner {
  workId: string
  accountId: string
}

/** A list in the browser's storage. What this program cannot read stays in it, for one that can. */
function listOnDevice<T>(what: string, schema: z.ZodType<T>, { workId, accountId }: Owner) {
  const key = `yardfrost.${what}.${workId}.${accountId}`
  const stored = (): unknown[] => {
    const kept = z.array(z.unknown()).safeParse(JSON.parse(localStorage.getItem(key) ?? '[]'))
    return kept.success ? kept.data : []
  }
  const all = stored().map((raw) => ({ raw, read: schema.safeParse(raw) }))
  const unread = all.filter(({ read }) => !read.success).map(({ raw }) => raw)
  return {
    found: all.flatMap(({ read }) => (read.success ? [read.data] : [])),
    keep(list: readonly T[]): void {
      if (list.length + unread.length === 0) localStorage.removeItem(key)
      else localStorage.setItem(key, JSON.stringify([...unread, ...list]))
    },
  }
}

/** The outbox of one piece of work as this device keeps it: what it holds, and how it is kept. */
export function outboxOnDevice<E extends { id: string }>(schema: z.ZodType<E>, owner: Owner) {
  const waiting = listOnDevice('outbox', schema, owner)
  const RefusedEntry: z.ZodType<Refused<E>> = z.object({ entry: schema, message: z.string(), fix: z.string() })
  const refused = listOnDevice('refused', RefusedEntry, owner)
  return {
    waiting: waiting.found,
    refused: refused.found,
    keep(box: Pick<Outbox<E>, 'waiting' | 'refused'>): void {
      waiting.keep(box.waiting)
      refused.keep(box.refused)
    },
  }
}

export const keepPhoto = (id: string, photo: Blob): Promise<void> => keepOnDevice('photos', id, photo)
export const keptPhoto = async (id: string): Promise<Blob | undefined> => {
  const photo = await keptOnDevice('photos', id)
  return photo instanceof Blob ? photo : undefined
}
export const forgetPhoto = (id: string): Promise<void> => forgetOnDevice('photos', id)
