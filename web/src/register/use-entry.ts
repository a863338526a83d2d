import { MachineEntry, PositionKind, type MachineDetail } from '@yardfrost/contract'
import { inputErrorOf, type MachineKind } from '@yardfrost/core'
import { computed, ref } from 'vue'
import { z } from 'zod'
import { api } from '../api/client.ts'
import { useDocument } from '../shell/use-document.ts'
import { usualPositions } from './words.ts'

/** A machine's entry as it stands on the server; version 0 while it is not there yet. */
interface Stored {
  version: number
  machine: MachineDetail | null
  entry: MachineEntry
}

/** An entry half filled in, as this device keeps it: the fields of the register, with whatever has been typed so far. */
const { kind, duty, criticality, hoursSource } = MachineEntry.shape
const EntryDraft: z.ZodType<MachineEntry> = z.object({
  ...{ area: z.string(), tag: z.string(), name: z.string(), kind, duty, criticality, hoursSource },
  hoursPerWeek: z.number().nullable(),
  positions: z.array(
    z.object({ id: z.uuid().optional(), name: z.string(), kind: PositionKind.optional(), designation: z.string() }),
  ),
})

const emptyEntry = (): MachineEntry => ({
  area: '',
  tag: '',
  name: '',
  kind: 'pump',
  duty: 'round-the-clock',
  criticality: 'important',
  hoursSource: 'clock',
  hoursPerWeek: null,
  positions: usualPositions.pump.map((name) => ({ name, designation: '' })),
})

function entryOf(machine: MachineDetail): MachineEntry {
  const { area, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek } = machine
  const positions = machine.positions.map(({ id, name: position, kind: lies, designation }) => ({
    id,
    name: position,
    kind: lies,
    // What a plain bearing is called follows from its sizes; nobody types it here.
    designation: lies === 'plain' ? '' : (designation ?? ''),
  }))
  return { area, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek, positions }
}

/**
 * The entry of a machine in hand: a new one, a copy, or one that is there.
 *
 * @param id - the machine to change; null for a new one
 * @param copyOf - the machine to begin from; null for an empty entry
 */
export function useEntry(id: string | null, copyOf: string | null) {
  const entry = ref<MachineEntry>(emptyEntry())
  const areas = ref<string[]>([])
  const document = useDocument<MachineEntry, Stored>({
    key: `yardfrost.machine.${id ?? `new.${copyOf ?? ''}`}`,
    schema: EntryDraft,
    value: entry,
    valueOf: (stored) => stored.entry,
    save: async (value, version) => {
      const machine =
        id === null
          ? await api.addMachine({ entry: value, copyOf })
          : await api.saveMachine(id, { version, entry: value })
      return stored(machine)
    },
  })
  const stored = (machine: MachineDetail): Stored => ({ version: machine.version, machine, entry: entryOf(machine) })

  async function load(): Promise<void> {
    areas.value = await api.areas()
    if (id !== null) {
      document.take(stored(await api.machine(id)))
      return
    }
    if (copyOf === null) {
      document.take({ version: 0, machine: null, entry: emptyEntry() })
      return
    }
    const { positions, ...rest } = entryOf(await api.machine(copyOf))
    const copied = positions.map(({ name, kind = 'rolling', designation }) => ({ name, kind, designation }))
    document.take({ version: 0, machine: null, entry: { ...rest, tag: '', positions: copied } })
  }

  /** What is wrong, by field; empty when the entry can be saved. */
  const refusals = computed(() => {
    const checked = MachineEntry.safeParse(entry.value, { reportInput: true })
    const wrong = new Map<string, string>()
    for (const issue of checked.error?.issues ?? []) {
      const { field, message, fix } = inputErrorOf(MachineEntry, [issue], 'path')
      const title = titleOf(field)
      if (!wrong.has(field)) wrong.set(field, `${message.replace(field, title)}. ${fix.replace(field, title)}`)
    }
    return wrong
  })

  /** Puts the usual positions of a kind in place of untouched ones of another. */
  function chooseKind(kind: MachineKind): void {
    const untouched = entry.value.positions.every(
      ({ id: known, designation }) => known === undefined && designation === '',
    )
    const usual = entry.value.positions.map(({ name }) => name).join() === usualPositions[entry.value.kind].join()
    entry.value.kind = kind
    if (untouched && usual) entry.value.positions = usualPositions[kind].map((name) => ({ name, designation: '' }))
  }

  function addPosition(): void {
    const names = new Set(entry.value.positions.map(({ name }) => name))
    const name = usualPositions[entry.value.kind].find((usual) => !names.has(usual)) ?? ''
    entry.value.positions.push({ name, designation: '' })
  }

  function removePosition(index: number): void {
    entry.value.positions.splice(index, 1)
  }

  function movePosition(index: number, by: 1 | -1): void {
    const [moved] = entry.value.positions.splice(index, 1)
    if (moved) entry.value.positions.splice(index + by, 0, moved)
  }

  return { ...document, entry, areas, refusals, load, chooseKind, addPosition, removePosition, movePosition }
}

/** What a field of the entry is called on the page. */
export function titleOf(field: string): string {
  const [first = '', index, inner = ''] = field.split('.')
  const schema =
    index === undefined
      ? MachineEntry.shape[first as keyof typeof MachineEntry.shape]
      : MachineEntry.shape.positions.unwrap().element.shape[inner as 'name' | 'kind' | 'designation']
  const title = schema.meta()?.['title']
  return typeof title === 'string' ? title : field
}
