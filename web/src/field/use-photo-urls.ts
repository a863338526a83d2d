import { onScopeDispose, shallowRef, watch } from 'vue'
import { keptPhoto } from './outbox-store.ts'
import type { TakenPhoto } from '@yardfrost/core'

/**
 * Where each photograph is shown from: this device while it is here, the server after.
 *
 * @param folder - address they lie under on the server; nothing for those that have never been sent
 */
export function usePhotoUrls(photos: () => readonly TakenPhoto[], folder?: string) {
  const urls = shallowRef<ReadonlyMap<string, string>>(new Map())
  async function show(): Promise<void> {
    const next = new Map(urls.value)
    for (const { photo } of photos()) {
      if (next.has(photo)) continue
      const here = await keptPhoto(photo)
      if (here) next.set(photo, URL.createObjectURL(here))
      else if (folder) next.set(photo, `${folder}/${photo}`)
    }
    urls.value = next
  }
  watch(photos, show, { immediate: true })
  onScopeDispose(() => {
    for (const url of urls.value.values()) if (url.startsWith('blob:')) URL.revokeObjectURL(url)
  })
  return { urls, show }
}
