import type { TakenPhoto } from '@yardfrost/core'
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { sendTaken } from '../field/photos.ts'

/** Photographs of a position, as its document lists them. */
export interface PhotoList {
  photos: () => readonly TakenPhoto[]
  takeOut: (photo: string) => void
}

/** Sends the photographs of a position that this device still has; without a network they wait. */
export function usePhotoSending(positionId: string, lists: readonly PhotoList[]) {
  const refusal = ref('')
  async function send(): Promise<void> {
    for (const { photos, takeOut } of lists)
      for (const { photo, name } of photos()) {
        try {
          await sendTaken(photo, (content) => api.addBenchPhoto(positionId, photo, content))
        } catch (error) {
          if (!(error instanceof ApiFailure)) throw error
          if (error.passes || error.status === 401) return
          refusal.value = `${name}: ${error.message}. ${error.fix}`
          takeOut(photo)
        }
      }
  }
  void send()
  useEventListener(window, 'online', () => void send())
  const clear = (): void => {
    refusal.value = ''
  }
  return { refusal, send, clear }
}
