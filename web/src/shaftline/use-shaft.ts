import type { ShaftDetail } from '@yardfrost/contract'
import {
  assess,
  assessLine,
  numberOf,
  ShaftLine,
  ShaftPart,
  type PartKind,
  type ShaftSection,
  type ShaftSupport,
} from '@yardfrost/core'
import { useEventListener } from '@vueuse/core'
import { computed, inject, provide, reactive, ref, shallowRef, watch, type InjectionKey } from 'vue'
import { z } from 'zod'
import { api, ApiFailure, ShaftSaveConflict } from '../api/client.ts'
import { catalogue, damage } from '../bench/references.ts'
import { useSession } from '../shell/session.ts'

/** What is picked on the drawing: the machine as a whole, or one thing on it. */
export type Picked = { what: 'machine' } | { what: 'part' | 'support' | 'section'; index: number }

const Draft = z.object({ version: z.int(), line: ShaftLine, at: z.iso.datetime() })
const draftKey = (id: string) => `yardfrost.shaft.${id}`
/** Steps that can be taken back. */
const mostUndo = 100

const copyOf = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/** One machine’s shaft in hand: the line, what core makes of it, undo and redo, the draft on this device, saving. */
function createShaft(id: string) {
  const session = useSession()
  const detail = ref<ShaftDetail | null>(null)
  const line = shallowRef<ShaftLine | null>(null)
  const undone = shallowRef<ShaftLine[]>([])
  const done = shallowRef<ShaftLine[]>([])
  const picked = ref<Picked>({ what: 'machine' })
  const trouble = ref<{ message: string; fix: string } | null>(null)
  const conflict = ref<ShaftDetail | null>(null)
  const busy = ref(false)
  const feed = ref(true)
  const unreadable = reactive(new Map<string, string>())

  const bearings = computed(
    () => new Map(detail.value?.positions.map(({ name, inputs }) => [name, inputs.bearing.designation]) ?? []),
  )
  const assessment = computed(() => (line.value ? assessLine(line.value, bearings.value, catalogue) : null))
  const dirty = computed(() => detail.value !== null && line.value !== null && !same(line.value, detail.value.shaft))

  /** Rated life of each position under the loads of this line, h; null where there is none. */
  const lives = computed(() => {
    const now = detail.value
    const shaft = line.value
    if (!now || !shaft) return new Map<string, number | null>()
    return new Map(
      now.positions.map(({ name, inputs }) => {
        const fed = { ...inputs, load: { ...inputs.load, from: 'shaft-line' as const } }
        const { kind, duty } = now.machine
        const { figures } = assess(fed, { kind, duty, shaft, position: name }, catalogue, damage).lenses.carry
        return [name, numberOf(figures['modified']) ?? numberOf(figures['life'])]
      }),
    )
  })

  async function load(): Promise<void> {
    const fresh = await api.shaft(id)
    detail.value = fresh
    line.value = fresh.shaft && copyOf(fresh.shaft)
    const text = localStorage.getItem(draftKey(id))
    const draft = text ? Draft.safeParse(JSON.parse(text)) : null
    if (draft?.success && !same(draft.data.line, fresh.shaft)) {
      line.value = draft.data.line
      if (draft.data.version !== fresh.version) conflict.value = fresh
    }
  }

  watch(line, () => {
    if (!detail.value || !line.value) return
    if (!dirty.value) return localStorage.removeItem(draftKey(id))
    const draft = { version: detail.value.version, line: line.value, at: new Date().toISOString() }
    localStorage.setItem(draftKey(id), JSON.stringify(draft))
  })
  useEventListener(window, 'beforeunload', (event) => {
    if (dirty.value) event.preventDefault()
  })

  /**
   * Puts a changed line in place of the one in hand.
   *
   * @param stroke - false while a drag is under way: the whole drag is one step to take back
   */
  function put(next: ShaftLine, stroke = true): void {
    if (stroke) remember()
    line.value = next
  }

  /** Marks where an undo goes back to. */
  function remember(): void {
    if (!line.value) return
    done.value = [...done.value.slice(1 - mostUndo), line.value]
    undone.value = []
  }

  function undo(): void {
    const before = done.value[done.value.length - 1]
    if (!before || !line.value) return
    undone.value = [...undone.value, line.value]
    done.value = done.value.slice(0, -1)
    line.value = before
    clearPick()
  }

  function redo(): void {
    const after = undone.value[undone.value.length - 1]
    if (!after || !line.value) return
    done.value = [...done.value, line.value]
    undone.value = undone.value.slice(0, -1)
    line.value = after
    clearPick()
  }

  /** What is picked may be gone. */
  function clearPick(): void {
    const { value: now } = picked
    if (now.what === 'machine' || !line.value) return
    const list = { part: line.value.parts, support: line.value.supports, section: line.value.sections }[now.what]
    if (now.index >= list.length) picked.value = { what: 'machine' }
  }

  const replaced = <T>(list: readonly T[], index: number, changes: Partial<T>): T[] =>
    list.map((one, at) => (at === index ? { ...one, ...changes } : one))

  function changePart(index: number, changes: object, stroke = true): void {
    if (line.value)
      put({ ...line.value, parts: replaced(line.value.parts, index, changes as Partial<ShaftPart>) }, stroke)
  }
  function changeSupport(index: number, changes: Partial<ShaftSupport>, stroke = true): void {
    if (line.value) put({ ...line.value, supports: replaced(line.value.supports, index, changes) }, stroke)
  }
  function changeSection(index: number, changes: Partial<ShaftSection>): void {
    if (line.value) put({ ...line.value, sections: replaced(line.value.sections, index, changes) })
  }
  function changeLine(changes: Partial<ShaftLine>): void {
    if (line.value) put({ ...line.value, ...changes })
  }

  const lengthMm = computed(() => line.value?.sections.reduce((sum, one) => sum + one.lengthMm, 0) ?? 0)

  function addPart(kind: PartKind): void {
    if (!line.value) return
    const ids = new Set(line.value.parts.map((part) => part.id))
    let name: string = kind
    for (let count = 2; ids.has(name); count++) name = `${kind} ${count}`
    const part = ShaftPart.parse({ kind, id: name, xMm: Math.round(lengthMm.value / 2) })
    put({ ...line.value, parts: [...line.value.parts, part] })
    picked.value = { what: 'part', index: line.value.parts.length - 1 }
  }

  /** Names of positions that no support stands for yet. */
  const freePositions = computed(() => {
    const taken = new Set(line.value?.supports.map(({ position }) => position))
    return detail.value?.positions.map(({ name }) => name).filter((name) => !taken.has(name)) ?? []
  })

  function addSupport(): void {
    const [position] = freePositions.value
    if (!line.value || !position) return
    const support = {
      position,
      xMm: Math.round(lengthMm.value / 2),
      holds: 'none',
      floatsIn: 'housing',
      roomLeftMm: null,
      roomRightMm: null,
    } as const
    put({ ...line.value, supports: [...line.value.supports, support] })
    picked.value = { what: 'support', index: line.value.supports.length - 1 }
  }

  function remove({ what, index }: Exclude<Picked, { what: 'machine' }>): void {
    if (!line.value) return
    const without = <T>(list: readonly T[]) => list.filter((_, at) => at !== index)
    const { parts, supports, sections } = line.value
    if (what === 'part') put({ ...line.value, parts: without(parts) })
    else if (what === 'support' && supports.length > 1) put({ ...line.value, supports: without(supports) })
    else if (what === 'section' && sections.length > 1) put({ ...line.value, sections: without(sections) })
    picked.value = { what: 'machine' }
  }

  async function save(): Promise<void> {
    if (!detail.value || !line.value || busy.value) return
    if (!session.maySave) {
      trouble.value = { message: 'A viewer can look and try, not save', fix: 'Ask a technician or planner to save it.' }
      return
    }
    if (unreadable.size > 0) {
      const [first] = unreadable.values()
      trouble.value = { message: 'One field cannot be read', fix: `Correct it first: ${first}` }
      return
    }
    busy.value = true
    try {
      detail.value = await api.saveShaft(id, { version: detail.value.version, shaft: line.value, feed: feed.value })
      localStorage.removeItem(draftKey(id))
      trouble.value = null
      conflict.value = null
    } catch (error) {
      if (error instanceof ShaftSaveConflict) conflict.value = error.theirs
      else if (error instanceof ApiFailure) {
        trouble.value = { message: error.message, fix: error.fix }
        if (error.status === 401) session.expire()
      } else throw error
    } finally {
      busy.value = false
    }
  }

  /** Settles a conflict: mine on top of theirs, or theirs in place of mine. */
  async function settle(keep: 'mine' | 'theirs'): Promise<void> {
    const theirs = conflict.value
    if (!theirs) return
    detail.value = theirs
    conflict.value = null
    if (keep === 'theirs') line.value = theirs.shaft && copyOf(theirs.shaft)
    else await save()
  }

  function discard(): void {
    if (!detail.value) return
    line.value = detail.value.shaft && copyOf(detail.value.shaft)
    unreadable.clear()
    picked.value = { what: 'machine' }
  }

  return {
    id, detail, line, picked, trouble, conflict, busy, feed, unreadable, bearings, assessment, lives, dirty, lengthMm,
    freePositions, canUndo: computed(() => done.value.length > 0), canRedo: computed(() => undone.value.length > 0),
    load, put, remember, undo, redo, changePart, changeSupport, changeSection, changeLine, addPart, addSupport, remove,
    save, settle, discard,
  } // prettier-ignore
}

export type Shaft = ReturnType<typeof createShaft>
const shaftKey: InjectionKey<Shaft> = Symbol('shaft')

/** Takes a machine’s shaft in hand; forms below take it from `useShaft`. */
export function openShaft(id: string): Shaft {
  const shaft = createShaft(id)
  provide(shaftKey, shaft)
  return shaft
}

export function useShaft(): Shaft {
  const shaft = inject(shaftKey)
  if (!shaft) throw new Error('no shaft in hand')
  return shaft
}
