import { ref, watch } from 'vue'
import { ApiFailure } from '../api/client.ts'
import { shownFrom } from '../api/network.ts'

/**
 * Reads what a page shows: at once, again when asked, and when the server is back after what was kept had to do.
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
  watch(shownFrom, (now, before) => {
    if (now === null && before !== null) void load()
  })
  return { failure, load }
}
