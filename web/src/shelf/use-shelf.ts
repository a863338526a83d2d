import type { Shelf, StockLine, Wanted } from '@yardfrost/contract'
import { judgeShelf, sayingTheSame, type ShelfSays } from '@yardfrost/core'
import { computed, shallowRef } from 'vue'
import { api } from '../api/client.ts'
import { newId } from '../field/new-id.ts'
import { catalogue } from '../references.ts'
import { useAsking } from '../shell/use-asking.ts'
import { useLoading } from '../shell/use-loading.ts'
import { today } from '../shell/today.ts'

/** The shelf as a page has it: its lines, what it comes to, and what is done with it. */
export function useShelf() {
  const shelf = shallowRef<Shelf | null>(null)
  const { failure, load } = useLoading(async () => {
    shelf.value = await api.shelf()
  })
  const says = computed((): ShelfSays<StockLine, Wanted> | null => shelf.value && judgeShelf(shelf.value, today(), catalogue)) // prettier-ignore
  const { busy, trouble, asking } = useAsking()

  const saying = computed(() => sayingTheSame(shelf.value?.lines ?? [], catalogue))
  /** Lines that hold what is called for. */
  const linesOf = (calledFor: string): StockLine[] => saying.value(calledFor)

  /** Takes some out, puts some in, or says how many were counted. */
  const move = (line: StockLine, kind: 'in' | 'out' | 'counted', count: number, jobId: string | null = null) =>
    asking(async () => {
      await api.moveStock(line.id, { id: newId(), kind, count, jobId })
      await load()
    })

  return { shelf, says, failure, load, busy, trouble, linesOf, move }
}
