import { JobEntry } from '@yardfrost/core'
import { z } from 'zod'
import { forgetOnDevice, keepOnDevice, keptOnDevice } from '../api/device-store.ts'

// What a person entered on this device and has not reached the server yet, and what the server would not take. It is that
// person's alone: on a shared tablet nobody sends another's entries. Entries are small and kept at once; photographs are
// large and kept in the browser's own database.

/** An entry that the server would not take, with its reason: it stays on this device until a person has read it. */
export const RefusedEntry = z.object({ entry: JobEntry, message: z.string(), fix: z.string() })
export type RefusedEntry = z.infer<typeof RefusedEntry>

interface Owner {
  jobId: string
  accountId: string
}

function listOnDevice<S extends z.ZodType>(what: string, schema: S) {
  const key = ({ jobId, accountId }: Owner) => `yardfrost.${what}.${jobId}.${accountId}`
  return {
    read(owner: Owner): z.output<S>[] {
      const kept = z.array(schema).safeParse(JSON.parse(localStorage.getItem(key(owner)) ?? '[]'))
      return kept.success ? kept.data : []
    },
    keep(owner: Owner, list: readonly z.output<S>[]): void {
      if (list.length === 0) localStorage.removeItem(key(owner))
      else localStorage.setItem(key(owner), JSON.stringify(list))
    },
  }
}
export const outboxOnDevice = listOnDevice('outbox', JobEntry)
export const refusedOnDevice = listOnDevice('refused', RefusedEntry)

export const keepPhoto = (id: string, photo: Blob): Promise<void> => keepOnDevice('photos', id, photo)
export const keptPhoto = async (id: string): Promise<Blob | undefined> => {
  const photo = await keptOnDevice('photos', id)
  return photo instanceof Blob ? photo : undefined
}
export const forgetPhoto = (id: string): Promise<void> => forgetOnDevice('photos', id)

/** A random id as the server takes it; pages that come without TLS have no `crypto.randomUUID`. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}
