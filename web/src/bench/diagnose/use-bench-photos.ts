import { mostPinned, type PinnedPhoto } from '@yardfrost/core'
import { useEventListener } from '@vueuse/core'
import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { api, ApiFailure } from '../../api/client.ts'
import { keptPhoto } from '../../field/outbox-store.ts'
import { keepTaken, sendTaken } from '../../field/photos.ts'
import { useBench } from '../use-bench.ts'

/** Sends the photographs of a bearing on the bench that this device still has; without a network they wait. */
export function useSendPhotos() {
  const bench = useBench()
  const refusal = ref('')
  async function send(): Promise<void> {
    const { diagnose } = bench.inputs.value
    for (const { photo, name } of diagnose.photos) {
      try {
        await sendTaken(photo, (content) => api.addBenchPhoto(bench.id, photo, content))
      } catch (error) {
        if (!(error instanceof ApiFailure)) throw error
        if (error.passes || error.status === 401) return
        refusal.value = `${name}: ${error.message}. ${error.fix}`
        diagnose.photos = diagnose.photos.filter((one) => one.photo !== photo)
      }
    }
  }
  return { refusal, send }
}

/** Photographs of a bearing on the bench: kept on this device as they are taken, and sent when they can be. */
export function useBenchPhotos() {
  const bench = useBench()
  const { refusal, send } = useSendPhotos()
  const urls = shallowRef<ReadonlyMap<string, string>>(new Map())
  const pinned = (): PinnedPhoto[] => bench.inputs.value.diagnose.photos
  const put = (photos: PinnedPhoto[]): void => {
    bench.inputs.value.diagnose.photos = photos
  }

  /** Where each picture is shown from: this device while it is here, the server after. */
  async function show(): Promise<void> {
    const next = new Map(urls.value)
    for (const { photo } of pinned()) {
      if (next.has(photo)) continue
      const here = await keptPhoto(photo)
      next.set(photo, here ? URL.createObjectURL(here) : `/api/positions/${bench.id}/photos/${photo}`)
    }
    urls.value = next
  }
  async function add(file: File, at: Pick<PinnedPhoto, 'ring' | 'row' | 'deg' | 'u'>): Promise<string | null> {
    refusal.value = ''
    if (pinned().length >= mostPinned) {
      refusal.value = `There are ${mostPinned} photographs already: take one out first.`
      return null
    }
    const taken = await keepTaken(file)
    put([...pinned(), { ...taken, ...at, known: null, lengths: [] }])
    await show()
    void send()
    return taken.photo
  }
  const change = (photo: string, changes: Partial<PinnedPhoto>): void =>
    put(pinned().map((one) => (one.photo === photo ? { ...one, ...changes } : one)))
  const remove = (photo: string): void => put(pinned().filter((one) => one.photo !== photo))

  watch(pinned, show, { immediate: true })
  void send()
  useEventListener(window, 'online', () => void send())
  onScopeDispose(() => {
    for (const url of urls.value.values()) if (url.startsWith('blob:')) URL.revokeObjectURL(url)
  })
  return { urls, refusal, add, change, remove }
}
