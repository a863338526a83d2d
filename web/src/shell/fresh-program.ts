import { promiseTimeout, useEventListener, useIntervalFn } from '@vueuse/core'
import { ref, watch } from 'vue'
import type { Router } from 'vue-router'
import { usePageState } from './page-state.ts'

/** How often it is looked whether the server has a newer program, ms. */
const lookMs = 300_000
/** The device is given so long to take a newer program in; it is looked all the same if that takes longer. */
const updateMs = 8000
/** Hands off the page for so long is a quiet moment, ms. */
const quietMs = 4000

/** Name of the program in a page: its files carry a hash of what is in them. */
const programIn = (page: ParentNode): string | null =>
  page.querySelector('script[type="module"][src]')?.getAttribute('src') ?? null

/** Somebody is in the middle of something: typing, or with work that is not saved. */
function isBusy(): boolean {
  const { activeElement: at } = document
  const typing = at instanceof HTMLElement && at.matches('input:not([type="checkbox"]), textarea, [contenteditable]')
  return typing || (usePageState().saving?.dirty ?? false) || document.querySelector('[data-busy]') !== null
}

/**
 * Begins again with a newer program once the server has one: as one turns to another page, or when nobody has touched this one
 * for a while and nothing on it is in the making. What was typed and not saved waits for such a moment.
 */
export function useFreshProgram(router: Router): void {
  const stale = ref(false)
  // Browsers have one over TLS and on the machine itself alone.
  const keeper = 'serviceWorker' in navigator ? navigator.serviceWorker : null
  const mine = programIn(document)

  async function look(): Promise<void> {
    const kept = keeper
      ?.getRegistration()
      .then((found) => found?.update())
      .catch(() => undefined)
    await Promise.race([kept, promiseTimeout(updateMs)])
    const text = await fetch('/', { cache: 'no-store' }).then(
      (answer) => (answer.ok ? answer.text() : null),
      () => null,
    )
    if (text === null) return
    const theirs = programIn(new DOMParser().parseFromString(text, 'text/html'))
    if (theirs !== null && theirs !== (programIn(document) ?? mine)) stale.value = true
  }
  useIntervalFn(() => void look(), lookMs)
  useEventListener(document, 'visibilitychange', () => {
    if (!document.hidden) void look()
  })

  // A newer program has come onto this device.
  if (keeper?.controller)
    useEventListener(keeper, 'controllerchange', () => {
      stale.value = true
    })
  // A piece of this program is no longer there.
  useEventListener(window, 'vite:preloadError', () => {
    stale.value = true
  })

  let touchedAt = Date.now()
  for (const event of ['pointerdown', 'keydown', 'input', 'scroll'] as const)
    useEventListener(window, event, () => (touchedAt = Date.now()), { capture: true, passive: true })
  const { resume } = useIntervalFn(
    () => {
      if (Date.now() - touchedAt > quietMs && !isBusy()) location.reload()
    },
    1000,
    { immediate: false },
  )
  watch(stale, (is) => is && resume())
  router.beforeEach((to, from) => {
    if (!stale.value || to.fullPath === from.fullPath) return true
    location.assign(to.fullPath)
    return false
  })
  // The page that was asked for is the one that could not be had.
  router.onError((_error, to) => {
    if (stale.value) location.assign(to.fullPath)
  })
}
