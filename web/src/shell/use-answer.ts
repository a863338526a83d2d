import { shallowRef, watch } from 'vue'
import { ApiFailure } from '../api/client.ts'

/**
 * The answer to what a component asks by a key that changes, as somebody types or chooses: the last one asked for counts, whenever
 * the others come.
 *
 * @returns the answer, null until it is there; and why there is none
 */
export function useAnswer<T>(key: () => string, ask: (key: string) => Promise<T>) {
  const answer = shallowRef<T | null>(null)
  const trouble = shallowRef<ApiFailure | null>(null)
  watch(
    key,
    async (asked) => {
      answer.value = null
      trouble.value = null
      try {
        const found = await ask(asked)
        if (asked === key()) answer.value = found
      } catch (error) {
        if (!(error instanceof ApiFailure)) throw error
        if (asked === key()) trouble.value = error
      }
    },
    { immediate: true },
  )
  return { answer, trouble }
}
