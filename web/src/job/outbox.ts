import { openDB } from 'idb'
import { JobEntry } from '@yardfrost/core'
import { z } from 'zod'

// What was entered on this device and has not reached the server yet. Entries are small and kept at once; photographs are
// large and kept in the browser's own database.

const key = (jobId: string) => `yardfrost.job.${jobId}`

export function readOutbox(jobId: string): JobEntry[] {
  const text = localStorage.getItem(key(jobId))
  const kept = text ? z.array(JobEntry).safeParse(JSON.parse(text)) : null
  return kept?.success ? kept.data : []
}

export function keepOutbox(jobId: string, entries: readonly JobEntry[]): void {
  if (entries.length === 0) localStorage.removeItem(key(jobId))
  else localStorage.setItem(key(jobId), JSON.stringify(entries))
}

const photos = () =>
  openDB('yardfrost', 1, {
    upgrade(database) {
      database.createObjectStore('photos')
    },
  })

export const keepPhoto = async (id: string, photo: Blob): Promise<void> => {
  await (await photos()).put('photos', photo, id)
}
export const keptPhoto = async (id: string): Promise<Blob | undefined> =>
  (await (await photos()).get('photos', id)) as Blob | undefined
export const forgetPhoto = async (id: string): Promise<void> => {
  await (await photos()).delete('photos', id)
}

/** A random id as the server takes it; pages that come without TLS have no `crypto.randomUUID`. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}
