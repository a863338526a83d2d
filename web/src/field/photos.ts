import type { TakenPhoto } from '@yardfrost/core'
import { cutText } from './cut-text.ts'
import { newId } from './new-id.ts'
import { forgetPhoto, keepPhoto, keptPhoto } from './outbox-store.ts'

/** Keeps the bytes of a photograph on this device, and not the way to the file: a camera may clear it away before it is sent. */
export async function keepTaken(file: File): Promise<TakenPhoto> {
  const photo = newId()
  await keepPhoto(photo, new Blob([await file.arrayBuffer()], { type: file.type }))
  return { photo, name: cutText(file.name, 120) }
}

/** Sends the photograph an entry speaks of, which goes before the entry; nothing where it has gone. */
export async function sendTaken(photo: string, send: (content: Blob) => Promise<unknown>): Promise<void> {
  const content = await keptPhoto(photo)
  if (!content) return
  await send(content)
  await forgetPhoto(photo)
}
