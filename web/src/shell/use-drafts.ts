import { createSharedComposable, useEventListener } from '@vueuse/core'
import { ref } from 'vue'

/** Work of this device that nobody saved yet. */
export interface Draft {
  what: 'position' | 'shaft'
  /** Of the position, or of the machine for a shaft. */
  id: string
  /** When it was last changed; null where it does not say. */
  at: string | null
}

/** Under which each kind of document keeps its draft. */
export const draftKeys = { position: 'yardfrost.draft.', shaft: 'yardfrost.shaft.' } as const

function timeOf(text: string | null): string | null {
  try {
    const kept = JSON.parse(text ?? '') as { at?: unknown }
    return typeof kept.at === 'string' ? kept.at : null
  } catch {
    // Not ours, or cut off: there is something, and when is not known.
    return null
  }
}

function draftsThere(): Draft[] {
  return Object.keys(localStorage).flatMap((key) =>
    (['position', 'shaft'] as const).flatMap((what) =>
      key.startsWith(draftKeys[what])
        ? [{ what, id: key.slice(draftKeys[what].length), at: timeOf(localStorage.getItem(key)) }]
        : [],
    ),
  )
}

/** Whether a draft of something lies on this device: for lists that show where work is unsaved. Another tab’s count too. */
export const useDrafts = createSharedComposable(() => {
  const there = ref(draftsThere())
  useEventListener(window, ['storage', 'focus'], () => {
    there.value = draftsThere()
  })
  return {
    drafts: there,
    has: (what: Draft['what'], id: string): boolean =>
      there.value.some((draft) => draft.what === what && draft.id === id),
  }
})
