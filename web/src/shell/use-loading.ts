import { ref } from 'vue'
import { ApiFailure } from '../api/client.ts'

/**
 * Reads what a page shows, at once and again when asked.
 *
 * @returns why it could not be read, null while all is well; and the way to try again
 */
export function useLoading(read: () => Promise<void>) {
  const failure = ref<ApiFailure | null>(null)
  async function load(): Promise<void> {
    failure.value = null
    try {
      await read()
    } catch (error) {
      if (!(error instanceof ApiFailure)) throw error
      failure.value = error
    }
  }
  void load()
  return { failure, load }
}
