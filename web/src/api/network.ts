import { ref } from 'vue'

/** When the oldest answer on the screen was kept, where the server could not be asked; null while it answers. */
export const shownFrom = ref<string | null>(null)

let asking: ReturnType<typeof setTimeout> | undefined
const retryMs = 3000

/**
 * The screen shows what was kept on this device at `at`. The server is asked until it answers again.
 *
 * @param answers - whether it does now
 */
export function showsKept(at: string, answers: () => Promise<boolean>): void {
  if (shownFrom.value === null || at < shownFrom.value) shownFrom.value = at
  if (asking !== undefined) return
  const again = async () => {
    if (await answers()) {
      asking = undefined
      shownFrom.value = null
    } else asking = setTimeout(() => void again(), retryMs)
  }
  asking = setTimeout(() => void again(), retryMs)
}
