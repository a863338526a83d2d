import { ref } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'

/**
 * Holds a page that is being left with unsaved work until the person has answered.
 *
 * @returns the answer that is waited for; null while nobody is leaving
 */
export function useLeaveGuard(isDirty: () => boolean) {
  const leaving = ref<((go: boolean) => void) | null>(null)
  onBeforeRouteLeave((to) => {
    if (!isDirty() || to.name === 'sign-in') return true
    return new Promise<boolean>((answer) => {
      leaving.value = (go) => {
        leaving.value = null
        answer(go)
      }
    })
  })
  return leaving
}
