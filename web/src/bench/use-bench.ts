import type { PositionDetail } from '@yardfrost/contract'
import { assess, lenses, lookUpBearing, Position, withShaftLine, type Lens, type Machine } from '@yardfrost/core'
import { computed, inject, provide, reactive, ref, type InjectionKey } from 'vue'
import { api } from '../api/client.ts'
import { copyOf, useDocument } from '../shell/use-document.ts'
import { lensPages } from './lens-pages.ts'
import { catalogue, damage } from './references.ts'

/** Groups and fields of a position. */
export type FieldPath = {
  [G in keyof Position]: `${G}.${Extract<keyof Position[G], string>}`
}[keyof Position]

/** One position on the bench: its inputs, what core makes of them, and how they are kept. */
function createBench(id: string) {
  const inputs = ref<Position>(Position.parse({}))
  const document = useDocument<Position, PositionDetail>({
    key: `yardfrost.draft.${id}`,
    schema: Position,
    value: inputs,
    valueOf: (stored) => stored.inputs,
    save: (value, version) => api.savePosition(id, { version, inputs: value }),
  })
  const { stored: detail } = document
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

  async function load(): Promise<void> {
    document.take(await api.position(id))
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
    ...document,
    id, detail, inputs, assessment, lookup, bearing, lit, load, pageOf, turnTo, undoable, change, putOn, undo,
    machine, onShaft, fed, effective, valueAt, setAt,
  } // prettier-ignore
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
