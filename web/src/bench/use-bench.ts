import { useEventListener } from '@vueuse/core'
import type { PositionDetail } from '@yardfrost/contract'
import { assess, lenses, lookUpBearing, Position, withShaftLine, type Lens, type Machine } from '@yardfrost/core'
import { computed, inject, provide, reactive, ref, watch, type InjectionKey } from 'vue'
import { z } from 'zod'
import { api, ApiFailure, SaveConflict } from '../api/client.ts'
import { useSession } from '../shell/session.ts'
import { lensPages } from './lens-pages.ts'
import { catalogue, damage } from './references.ts'

/** Unsaved inputs as this device keeps them until they are saved or thrown away. */
const Draft = z.object({ version: z.int(), inputs: Position, at: z.iso.datetime() })
const draftKey = (id: string) => `yardfrost.draft.${id}`

/** Groups and fields of a position. */
export type FieldPath = {
  [G in keyof Position]: `${G}.${Extract<keyof Position[G], string>}`
}[keyof Position]

export interface Trouble {
  message: string
  fix: string
  signedOut: boolean
}

const sameInputs = (a: Position, b: Position) => JSON.stringify(a) === JSON.stringify(b)

/** One position on the bench: its inputs, what core makes of them, and how they are kept. */
function createBench(id: string) {
  const session = useSession()
  const detail = ref<PositionDetail | null>(null)
  const inputs = ref<Position>(Position.parse({}))
  /** When the draft that was found on this device was last changed; null when there was none. */
  const restoredFrom = ref<string | null>(null)
  const conflict = ref<PositionDetail | null>(null)
  const trouble = ref<Trouble | null>(null)
  const busy = ref(false)
  /** Fields whose text cannot be read, with what is wrong. They keep the last good value. */
  const unreadable = reactive(new Map<string, string>())
  /** Page that each lens is open at. */
  const pages = reactive<Partial<Record<Lens, string>>>({})
  /** A change made at one stroke, and what stood there before it. */
  const undoable = ref<{ what: string; before: Position } | null>(null)
  /** Figure that is pointed at, on the drawing or beside it. */
  const lit = ref<string | null>(null)

  const machine = computed((): Machine => detail.value?.machine ?? { kind: 'other', duty: 'round-the-clock' })
  const assessment = computed(() => assess(inputs.value, machine.value, catalogue, damage))
  const lookup = computed(() => lookUpBearing(inputs.value.bearing.designation, catalogue))
  const bearing = computed(() => {
    const found = lookup.value
    return found.kind === 'found' ? found.bearing : null
  })
  /** Whether this machine has a shaft that this position stands on, and whether the bench works with its loads. */
  const onShaft = computed(() =>
    Boolean(machine.value.shaft?.supports.some(({ position }) => position === machine.value.position)),
  )
  const fed = computed(() => onShaft.value && inputs.value.load.from === 'shaft-line')
  /** The inputs as core works with them: what the shaft line says in place of what was typed. */
  const effective = computed(() => withShaftLine(inputs.value, machine.value))
  const dirty = computed(() => detail.value !== null && !sameInputs(inputs.value, detail.value.inputs))

  function copyOf(source: Position): Position {
    return JSON.parse(JSON.stringify(source)) as Position
  }

  async function load(): Promise<void> {
    const fresh = await api.position(id)
    detail.value = fresh
    const draft = readDraft()
    if (draft && !sameInputs(draft.inputs, fresh.inputs)) {
      inputs.value = draft.inputs
      restoredFrom.value = draft.at
      // Saved by somebody else since the draft was begun: choose now rather than at the save.
      if (draft.version !== fresh.version) conflict.value = fresh
    } else inputs.value = copyOf(fresh.inputs)
  }

  function readDraft(): z.infer<typeof Draft> | null {
    const text = localStorage.getItem(draftKey(id))
    if (!text) return null
    const draft = Draft.safeParse(JSON.parse(text))
    return draft.success ? draft.data : null
  }

  watch(
    inputs,
    () => {
      if (!detail.value) return
      if (!dirty.value) return localStorage.removeItem(draftKey(id))
      const draft = { version: detail.value.version, inputs: inputs.value, at: new Date().toISOString() }
      localStorage.setItem(draftKey(id), JSON.stringify(draft))
    },
    { deep: true, flush: 'sync' },
  )

  // The draft is on this device, but a person who closes the tab should know that it is not saved.
  useEventListener(window, 'beforeunload', (event) => {
    if (dirty.value) event.preventDefault()
  })

  async function save(): Promise<boolean> {
    if (!detail.value || busy.value || !dirty.value) return false
    if (!session.maySave) return fail('A viewer can look and try, not save', 'Ask a technician or planner to save it.')
    if (unreadable.size > 0) {
      const [first] = unreadable.values()
      return fail('One field cannot be read', `Correct it first: ${first}`)
    }
    busy.value = true
    try {
      detail.value = await api.savePosition(id, { version: detail.value.version, inputs: inputs.value })
      localStorage.removeItem(draftKey(id))
      restoredFrom.value = null
      trouble.value = null
      conflict.value = null
      return true
    } catch (error) {
      if (error instanceof SaveConflict) conflict.value = error.theirs
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

  /** Settles a conflict: keep mine on top of theirs, or take theirs and drop mine. */
  async function settle(keep: 'mine' | 'theirs'): Promise<void> {
    const theirs = conflict.value
    if (!theirs) return
    const mine = copyOf(inputs.value)
    detail.value = theirs
    conflict.value = null
    restoredFrom.value = null
    if (keep === 'theirs') {
      inputs.value = copyOf(theirs.inputs)
      unreadable.clear()
    } else {
      inputs.value = mine
      await save()
    }
  }

  /** Goes back to what is saved. */
  function discard(): void {
    if (!detail.value) return
    inputs.value = copyOf(detail.value.inputs)
    unreadable.clear()
    restoredFrom.value = null
    trouble.value = null
  }

  const pageOf = (lens: Lens): string => pages[lens] ?? lensPages[lens]?.[0]?.key ?? ''
  function turnTo(lens: Lens, page: string): void {
    pages[lens] = page
  }

  /** Changes several inputs at once, so that one press takes it back. */
  function change(what: string, next: Position): void {
    undoable.value = { what, before: copyOf(inputs.value) }
    inputs.value = copyOf(next)
  }

  /** Puts another number on the bench, to be taken back with one press. */
  function putOn(designation: string): void {
    const { bearing: there } = inputs.value
    change(`${designation} is on the bench.`, { ...inputs.value, bearing: { ...there, designation } })
  }

  function undo(): void {
    if (!undoable.value) return
    inputs.value = undoable.value.before
    undoable.value = null
  }

  function valueAt(path: FieldPath): unknown {
    const [group = '', field = ''] = path.split('.')
    return (inputs.value as Record<string, Record<string, unknown>>)[group]?.[field]
  }

  function setAt(path: FieldPath, value: unknown): void {
    const [group = '', field = ''] = path.split('.')
    const fields = (inputs.value as Record<string, Record<string, unknown>>)[group]
    if (fields) fields[field] = value
  }

  return {
    id,
    detail,
    inputs,
    assessment,
    lookup,
    bearing,
    dirty,
    busy,
    conflict,
    trouble,
    restoredFrom,
    unreadable,
    lit,
    load,
    save,
    settle,
    discard,
    pageOf,
    turnTo,
    undoable,
    change,
    putOn,
    undo,
    machine,
    onShaft,
    fed,
    effective,
    valueAt,
    setAt,
  }
}

export type Bench = ReturnType<typeof createBench>
const benchKey: InjectionKey<Bench> = Symbol('bench')

/** Opens a position on the bench; fields and lenses below take it from `useBench`. */
export function openBench(id: string): Bench {
  const bench = createBench(id)
  provide(benchKey, bench)
  return bench
}

/** The bench this component lies on. */
export function useBench(): Bench {
  const bench = inject(benchKey)
  if (!bench) throw new Error('not on a bench')
  return bench
}

/** Lens that a field is entered in. */
export function lensOfField(path: string): Lens {
  const group = path.split('.')[0]
  if (group === 'load') return 'carry'
  return lenses.find((lens) => lens === group) ?? 'identify'
}
