import { bearingTypeNames, lookUpBearing } from '@yardfrost/core'
import { computed } from 'vue'
import { halfSection } from '../../drawing/half-section.ts'
import { useFormat } from '../../figures/use-format.ts'
import { catalogue } from '../../references.ts'
import type { Bench } from '../use-bench.ts'

/** How many stand side by side. */
const most = 4

/** The nearest bearings by the readings, drawn: those that fit as well as the best, of types the eye can tell apart. */
export function useCandidates(bench: Bench) {
  const format = useFormat()
  return computed(() => {
    const ranked = bench.assessment.value.outcomes.identify.measured.matched?.candidates ?? []
    return ranked.slice(0, most).flatMap(({ designation, misfitUm, tell }) => {
      const found = lookUpBearing(designation, catalogue)
      if (found.kind !== 'found') return []
      const { row } = found.bearing
      const misfit = format.inline({ kind: 'number', number: misfitUm }, 'deviation')
      return [
        {
          name: designation,
          section: halfSection(found.bearing),
          note: `${bearingTypeNames[row.type]}, ${misfit} off`,
          tell,
        },
      ]
    })
  })
}
