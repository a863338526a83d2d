import { nextTick } from 'vue'

/** Puts the cursor into a field that is on the page two ticks from now: the lens changes with the route, one tick later. */
export async function focusField(path: string | null): Promise<void> {
  await nextTick()
  await nextTick()
  if (!path) return
  const target = document.querySelector<HTMLElement>(`[data-test="${path}"]`)
  const focusable = target?.matches('input, button')
    ? target
    : target?.querySelector<HTMLElement>('[tabindex], input, button')
  focusable?.focus()
}
