import type { PositionDetail } from '@yardfrost/contract'
import { SitePractices, type Position } from '@yardfrost/core'
import { ref, type Ref } from 'vue'
import type { z } from 'zod'
import { api } from '../api/client.ts'
import { draftKeys } from '../shell/use-drafts.ts'
import { copyOf, useDocument } from '../shell/use-document.ts'

/**
 * A position in hand, of whichever kind: its document, changes that are taken back with one press, and fields by their path.
 *
 * @param one.narrow - the detail as one of this kind; throws ApiFailure for another
 */
export function usePositionDocument<P extends Position, D extends PositionDetail & { inputs: P }>(one: {
  id: string
  empty: P
  schema: z.ZodType<P>
  narrow: (detail: PositionDetail) => D
}) {
  const { id, narrow } = one
  const inputs = ref(one.empty) as Ref<P>
  const document = useDocument<P, D>({
    key: `${draftKeys.position}${id}`,
    schema: one.schema,
    value: inputs,
    valueOf: (stored) => stored.inputs,
    save: async (value, version) => narrow(await api.savePosition(id, { version, inputs: value })),
  })
  const { stored: detail } = document
  /** A change made at one stroke, and what stood there before it. */
  const undoable = ref(null) as Ref<{ what: string; before: P } | null>

  async function load(): Promise<void> {
    document.take(narrow(await api.position(id)))
  }

  /** The site goes by another practice from now on; what is on the bench is judged by it at once. */
  async function goBy(chosen: Partial<SitePractices>): Promise<void> {
    const now = detail.value
    if (!now) return
    const practices = await api.savePractices({ ...SitePractices.parse(now.machine.practices ?? {}), ...chosen })
    detail.value = { ...now, machine: { ...now.machine, practices } }
  }

  /** Changes several inputs at once, so that one press takes it back. */
  function change(what: string, next: P): void {
    undoable.value = { what, before: copyOf(inputs.value) }
    inputs.value = copyOf(next)
  }

  function undo(): void {
    if (!undoable.value) return
    inputs.value = undoable.value.before
    undoable.value = null
  }

  /** The change stands; it is not taken back any more. */
  function keepChange(): void {
    undoable.value = null
  }

  const groups = () => inputs.value as unknown as Record<string, Record<string, unknown>>
  function valueAt(path: string): unknown {
    const [group = '', field = ''] = path.split('.')
    return groups()[group]?.[field]
  }

  function setAt(path: string, value: unknown): void {
    const [group = '', field = ''] = path.split('.')
    const fields = groups()[group]
    if (fields) fields[field] = value
  }

  return { ...document, id, detail, inputs, load, goBy, undoable, change, undo, keepChange, valueAt, setAt }
}
