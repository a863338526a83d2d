import { mostPinned, type PinnedPhoto, type TakenPhoto } from '@yardfrost/core'
import { keepTaken } from '../field/photos.ts'
import { usePhotoUrls } from '../field/use-photo-urls.ts'
import { usePhotoSending } from './send-photos.ts'
import { useBench } from './use-bench.ts'

/** Sends the photographs of a bearing on the bench: those pinned to its raceways, and those beside its number. */
export function useSendPhotos() {
  const bench = useBench()
  const without = <P extends TakenPhoto>(photos: P[], photo: string) => photos.filter((one) => one.photo !== photo)
  const diagnose = () => bench.inputs.value.diagnose
  const identify = () => bench.inputs.value.identify
  return usePhotoSending(bench.id, [
    { photos: () => diagnose().photos, takeOut: (photo) => (diagnose().photos = without(diagnose().photos, photo)) },
    { photos: () => identify().photos, takeOut: (photo) => (identify().photos = without(identify().photos, photo)) },
  ])
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
