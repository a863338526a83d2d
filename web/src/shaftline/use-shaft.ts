import type { ShaftDetail } from '@yardfrost/contract'
import { useManualRefHistory } from '@vueuse/core'
import {
  arrivalChecks,
  assessLine,
  bySeverity,
  holdsPlain,
  holdsRolling,
  journalSupport,
  lifeChecksOf,
  shaftLife,
  ShaftLine,
  ShaftPart,
  wantedLife,
  type PartKind,
  type ShaftSection,
  type ShaftSupport,
} from '@yardfrost/core'
import { computed, inject, provide, ref, shallowRef, type InjectionKey } from 'vue'
import { api } from '../api/client.ts'
import { catalogue } from '../references.ts'
import { draftKeys } from '../shell/use-drafts.ts'
import { useDocument } from '../shell/use-document.ts'

/** What is picked on the drawing: the machine as a whole, or one thing on it. */
export type Picked = { what: 'machine' } | { what: 'part' | 'support' | 'section'; index: number }

/** Steps that can be taken back. */
const mostUndo = 100

/** One machine’s shaft in hand: the line, what core makes of it, undo and redo, the draft on this device, saving. */
function createShaft(id: string) {
  const line = shallowRef<ShaftLine | null>(null)
  /** Whether the benches take their loads from here once it is saved. */
  const feed = ref(true)
  const document = useDocument<ShaftLine | null, ShaftDetail>({
    key: `${draftKeys.shaft}${id}`,
    schema: ShaftLine,
    value: line,
    valueOf: (stored) => stored.shaft,
    save: (shaft, version) => api.saveShaft(id, { version, shaft, feed: feed.value }),
  })
  const { stored: detail } = document
  const history = useManualRefHistory(line, { capacity: mostUndo })
  const picked = ref<Picked>({ what: 'machine' })

  /** Positions whose bearings roll: the line knows their sizes. */
  const rolling = computed(() => detail.value?.positions.filter(holdsRolling) ?? [])
  const bearings = computed(() => new Map(rolling.value.map(({ name, inputs }) => [name, inputs.bearing.designation])))
  /** Plain bearings hold the shaft on their films. */
  const journals = computed(() => {
    const { machine, positions = [] } = detail.value ?? {}
    return new Map(
      machine ? positions.filter(holdsPlain).map(({ name, inputs }) => [name, journalSupport(inputs, machine)]) : [],
    )
  })
  const assessment = computed(() =>
    line.value
      ? assessLine(line.value, bearings.value, catalogue, detail.value?.machine.practices, journals.value)
      : null,
  )

  const whole = computed(() => {
    const now = detail.value
    return now && line.value ? { line: line.value, positions: rolling.value, machine: now.machine } : null
  })
  /** How long the bearings last under the loads of this line, each and together. */
  const life = computed(() => (whole.value ? shaftLife(whole.value, catalogue) : null))
  const wantedH = computed(() => (detail.value ? wantedLife(detail.value.machine.duty).wantedH : null))
  /** What was found on arrival and is not as it should be. */
  const arrived = computed(() => (whole.value ? arrivalChecks(whole.value.line, whole.value.positions) : []))
  /** Whether it is held and carried, whether its bearings live long enough, and what was found on arrival; the worst first. */
  const checks = computed(() => {
    const lives = life.value && wantedH.value !== null ? lifeChecksOf(life.value, wantedH.value) : []
    return [...(assessment.value?.checks ?? []), ...lives, ...arrived.value].sort(bySeverity)
  })

  async function load(): Promise<void> {
    document.take(await api.shaft(id))
    begin()
  }

  /** Whether the line has changed since it was last remembered, by whatever. */
  const changed = computed(() => line.value !== history.last.value.snapshot)
  const canUndo = computed(() => changed.value || history.canUndo.value)
  const canRedo = computed(() => !changed.value && history.canRedo.value)

  /** There is nothing to take back. */
  function begin(): void {
    history.commit()
    history.clear()
  }

  /**
   * Puts a changed line in place of the one in hand.
   *
   * @param stroke - false while a drag is under way: the whole drag is one step to take back
   */
  function put(next: ShaftLine, stroke = true): void {
    const first = line.value === null
    if (stroke) remember()
    line.value = next
    if (first) begin()
  }

  /** Marks where an undo goes back to. */
  function remember(): void {
    if (changed.value) history.commit()
  }

  function undo(): void {
    if (!line.value || !canUndo.value) return
    remember()
    history.undo()
    clearPick()
  }

  function redo(): void {
    if (!line.value || !canRedo.value) return
    history.redo()
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

  function discard(): void {
    document.discard()
    picked.value = { what: 'machine' }
  }

  return {
    ...document,
    id, detail, line, picked, feed, bearings, assessment, whole, life, wantedH, arrived, checks, lengthMm, freePositions,
    canUndo, canRedo,
    load, put, remember, undo, redo, changePart, changeSupport, changeSection, changeLine, addPart, addSupport, remove,
    discard,
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
