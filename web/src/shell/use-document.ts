import { useEventListener } from '@vueuse/core'
import { computed, reactive, ref, shallowRef, watch, type Ref, type ShallowRef } from 'vue'
import { z } from 'zod'
import { ApiFailure, SaveConflict } from '../api/client.ts'
import { useSession } from './session.ts'

export interface Trouble {
  message: string
  fix: string
  signedOut: boolean
}

/** A copy that shares nothing with its source. */
export const copyOf = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** A document as text that two equal ones share: the database keeps no order among the keys of a list of answers. */
const textOf = (document: unknown): string =>
  JSON.stringify(document, (_key, value: unknown) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
      : value,
  )

/**
 * A document in hand: what is typed is kept on this device until it is saved or thrown away, a save names the version it
 * started from, and what somebody saved in between is shown instead of overwritten.
 *
 * @param document.key - under which the draft is kept on this device
 * @param document.value - the document as it is being worked on; null while there is none
 * @param document.stored - what the server holds, with the document in it
 * @param document.save - sends it; throws SaveConflict when somebody saved first
 */
export function useDocument<V extends object | null, D extends { version: number }>(document: {
  key: string
  schema: z.ZodType<NonNullable<V>>
  value: Ref<V>
  valueOf: (stored: D) => V
  save: (value: NonNullable<V>, version: number) => Promise<D>
}) {
  const { value, valueOf } = document
  const session = useSession()
  const stored: ShallowRef<D | null> = shallowRef(null)
  /** When the draft that was found on this device was last changed; null when there was none. */
  const restoredFrom = ref<string | null>(null)
  const conflict: ShallowRef<D | null> = shallowRef(null)
  /** What was saved when the document in hand was begun; null where a draft of before does not say. */
  const base: ShallowRef<V | null> = shallowRef(null)
  const trouble = ref<Trouble | null>(null)
  const busy = ref(false)
  /** Fields whose text cannot be read, with what is wrong. They keep the last good value. */
  const unreadable = reactive(new Map<string, string>())

  const text = computed(() => textOf(value.value))
  const storedText = computed(() => (stored.value ? textOf(valueOf(stored.value)) : 'null'))
  const dirty = computed(() => stored.value !== null && value.value !== null && text.value !== storedText.value)

  /** With what was saved when it was begun, so that what nobody touched is told from what somebody changed back. */
  const Draft = z.object({
    version: z.int(),
    value: document.schema,
    base: document.schema.nullable().default(null),
    at: z.iso.datetime(),
  })
  function readDraft(): z.infer<typeof Draft> | null {
    const kept = localStorage.getItem(document.key)
    if (!kept) return null
    const draft = Draft.safeParse(JSON.parse(kept))
    return draft.success ? draft.data : null
  }

  /** Takes what the server holds in hand, and the draft of this device in its place where there is one. */
  function take(fresh: D): void {
    stored.value = fresh
    base.value = copyOf(valueOf(fresh))
    const draft = readDraft()
    if (draft && textOf(draft.value) !== storedText.value) {
      value.value = draft.value
      restoredFrom.value = draft.at
      // Saved by somebody else since the draft was begun: choose now rather than at the save.
      if (draft.version !== fresh.version) {
        conflict.value = fresh
        base.value = draft.base
      }
    } else value.value = copyOf(valueOf(fresh))
  }

  // At once, so that a tab closed the moment after a keystroke has kept it.
  watch(
    text,
    () => {
      if (!stored.value || !value.value) return
      if (!dirty.value) {
        localStorage.removeItem(document.key)
        return
      }
      // While two versions wait for a choice the draft is still of the one it was begun on.
      const kept = conflict.value ? readDraft() : null
      const draft = {
        version: kept?.version ?? stored.value.version,
        value: value.value,
        base: base.value,
        at: new Date().toISOString(),
      }
      localStorage.setItem(document.key, JSON.stringify(draft))
    },
    { flush: 'sync' },
  )

  // The draft is on this device, but a person who closes the tab should know that it is not saved.
  useEventListener(window, 'beforeunload', (event) => {
    if (dirty.value) event.preventDefault()
  })

  /** Saves; false when nothing came of it, and `trouble` or `conflict` say why. */
  async function save(): Promise<boolean> {
    if (!stored.value || !value.value || busy.value || !dirty.value) return false
    if (!session.maySave) return fail('A viewer can look and try, not save', 'Ask a technician or planner to save it.')
    const [first] = unreadable.values()
    if (first !== undefined) {
      return fail('One field cannot be read', `Correct it first: ${first}`)
    }
    busy.value = true
    try {
      stored.value = await document.save(value.value, stored.value.version)
      base.value = copyOf(valueOf(stored.value))
      localStorage.removeItem(document.key)
      restoredFrom.value = null
      trouble.value = null
      conflict.value = null
      return true
    } catch (error) {
      if (error instanceof SaveConflict) conflict.value = error.theirs as D
      else if (error instanceof ApiFailure) {
        trouble.value = { message: error.message, fix: error.fix, signedOut: error.status === 401 }
        if (error.status === 401) session.expire()
      } else throw error
      return false
    } finally {
      busy.value = false
    }
  }

  function fail(message: string, fix: string): false {
    trouble.value = { message, fix, signedOut: false }
    return false
  }

  /** Settles a conflict: keep mine on top of theirs, take theirs and drop mine, or save what was put together of both. */
  async function settle(keep: 'mine' | 'theirs' | { merged: V }): Promise<void> {
    const theirs = conflict.value
    if (!theirs) return
    stored.value = theirs
    base.value = copyOf(valueOf(theirs))
    conflict.value = null
    restoredFrom.value = null
    if (typeof keep === 'object') value.value = copyOf(keep.merged)
    if (keep === 'theirs') discard()
    else await save()
  }

  /** Goes back to what is saved. */
  function discard(): void {
    if (!stored.value) return
    value.value = copyOf(valueOf(stored.value))
    unreadable.clear()
    restoredFrom.value = null
    trouble.value = null
  }

  function hideTrouble(): void {
    trouble.value = null
  }

  const note = computed(() =>
    busy.value ? 'Saving' : !dirty.value ? 'Saved' : session.maySave ? 'Unsaved draft' : 'A viewer tries, not saves',
  )
  /** How it stands with saving, for the frame around the page. */
  const saving = computed(() => ({
    note: note.value,
    dirty: dirty.value,
    busy: busy.value,
    allowed: session.maySave,
    save: () => void save(),
  }))

  return {
    stored, base, restoredFrom, conflict, trouble, busy, unreadable, dirty, saving,
    take, save, settle, discard, hideTrouble,
  } // prettier-ignore
}

/** What the notices of a page need of a document in hand. */
export interface DocumentInHand {
  restoredFrom: Ref<string | null>
  conflict: Ref<unknown>
  trouble: Ref<Trouble | null>
  dirty: Ref<boolean>
  save: () => Promise<boolean>
  settle: (keep: 'mine' | 'theirs') => Promise<void>
  discard: () => void
  hideTrouble: () => void
}
