import type { Figure, Lens } from '@yardfrost/core'
import { useContacts } from './carry/use-contacts.ts'
import { useInside } from './carry/use-inside.ts'
import type { Bench } from './use-bench.ts'

/** Pages that work out figures besides those of their lens, by the key of the page. */
const besides: Partial<Record<Lens, Record<string, (bench: Bench) => Record<string, Figure>>>> = {
  carry: {
    inside: (bench) => useInside(bench).figures.value,
    contact: (bench) => useContacts(bench).figures.value,
  },
}

/** Figures whose working the page that is open can show: its own first, then those of its lens. */
export const pageFigures = (bench: Bench, lens: Lens): Record<string, Figure> => ({
  ...besides[lens]?.[bench.pageOf(lens)]?.(bench),
  ...bench.assessment.value.lenses[lens].figures,
})
