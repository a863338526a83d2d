import { ref } from 'vue'
import { ApiFailure } from '../api/client.ts'

/** One request at a time of a page, and what was wrong with the last. */
export function useAsking() {
  const busy = ref(false)
  const trouble = ref<ApiFailure | null>(null)
  /** Asks; true when it was answered. */
  async function asking(work: () => Promise<unknown>): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    trouble.value = null
    try {
      await work()
      return true
    } catch (error) {
      if (!(error instanceof ApiFailure)) throw error
      trouble.value = error
      return false
    } finally {
      busy.value = false
    }
  }
  return { busy, trouble, asking }
}
