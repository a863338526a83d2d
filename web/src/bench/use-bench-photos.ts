import { mostPinned, type PinnedPhoto, type TakenPhoto } from '@yardfrost/core'
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { keepTaken, sendTaken } from '../field/photos.ts'
import { usePhotoUrls } from '../field/use-photo-urls.ts'
import { useBench } from './use-bench.ts'

/** Sends the photographs of a bearing on the bench that this device still has; without a network they wait. */
export function useSendPhotos() {
  const bench = useBench()
  const refusal = ref('')
  async function send(): Promise<void> {
    const { diagnose, identify } = bench.inputs.value
    const without = <P extends TakenPhoto>(photos: P[], photo: string) => photos.filter((one) => one.photo !== photo)
    for (const { photo, name } of [...diagnose.photos, ...identify.photos]) {
      try {
        await sendTaken(photo, (content) => api.addBenchPhoto(bench.id, photo, content))
      } catch (error) {
        if (!(error instanceof ApiFailure)) throw error
        if (error.passes || error.status === 401) return
        refusal.value = `${name}: ${error.message}. ${error.fix}`
        diagnose.photos = without(diagnose.photos, photo)
        identify.photos = without(identify.photos, photo)
      }
    }
  }
  void send()
  useEventListener(window, 'online', () => void send())
  return { refusal, send }
}

/** Photographs pinned to the raceways of a bearing on the bench: kept on this device as they are taken, and sent when they can be. */
export function useBenchPhotos() {
  const bench = useBench()
  const { refusal, send } = useSendPhotos()
  const pinned = (): PinnedPhoto[] => bench.inputs.value.diagnose.photos
  const put = (photos: PinnedPhoto[]): void => {
    bench.inputs.value.diagnose.photos = photos
  }
  const { urls, show } = usePhotoUrls(pinned, `/api/positions/${bench.id}/photos`)

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
  return { urls, refusal, add, change, remove }
}
