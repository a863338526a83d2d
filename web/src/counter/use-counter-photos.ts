import type { TakenPhoto } from '@yardfrost/core'
import { useLocalStorage } from '@vueuse/core'
import { forgetPhoto } from '../field/outbox-store.ts'
import { keepTaken } from '../field/photos.ts'
import { usePhotoUrls } from '../field/use-photo-urls.ts'

/** Photographs of what lies on the counter: on this device, until it goes to a bench of its own and they with it. */
export function useCounterPhotos() {
  const photos = useLocalStorage<TakenPhoto[]>('yardfrost.counter.photos', [])
  const { urls, show } = usePhotoUrls(() => photos.value)
  async function take(file: File): Promise<void> {
    photos.value = [...photos.value, await keepTaken(file)]
    await show()
  }
  async function remove(photo: string): Promise<void> {
    photos.value = photos.value.filter((one) => one.photo !== photo)
    await forgetPhoto(photo)
  }
  /** The bench has them now. */
  const handOver = (): void => {
    photos.value = []
  }
  return { photos, urls, take, remove, handOver }
}
