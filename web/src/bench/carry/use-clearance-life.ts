import { insideInput } from '@yardfrost/core'
import { watchDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { useBenchWork } from '../../workers/use-bench-work.ts'
import { useInside } from './use-inside.ts'

/** Life against running clearance, a moment later, from beside the page; what the bearing runs with, by its class and by the others. */
export function useClearanceLife() {
  const { bench, span, load, seen, slopeArcmin, best, figures } = useInside()
  const { work } = useBenchWork()
  let asked = 0
  const curveInput = computed(() => {
    const bearing = bench.bearing.value
    if (!bearing || !load.value || !seen.value?.value?.setsClearance) return null
    return insideInput(bearing, { ...load.value, clearanceUm: 0 })
  })
  watchDebounced(
    () => JSON.stringify(curveInput.value),
    async () => {
      const input = curveInput.value
      const mine = ++asked
      const found = input && (await work().clearanceLife(input))
      if (mine === asked) best.value = found
    },
    { debounce: 40, immediate: true },
  )
  /** What every clearance class would let it run with, µm, the tightest first. */
  const classes = computed(
    () =>
      bench.assessment.value.outcomes.float.steps?.classes.map(({ name, judged }) => ({
        name,
        from: judged.least,
        to: judged.most,
        isHere: name === bench.bearing.value?.decoded.clearanceClass,
      })) ?? [],
  )
  /** Clearances that are shown, µm: what runs, what is best, and some room. */
  const domain = computed((): [number, number] => {
    const [least, most] = [span.value?.least ?? 0, span.value?.most ?? 0]
    const low = Math.min(least, best.value?.rangeMinUm ?? least)
    const high = Math.max(most, best.value?.rangeMaxUm ?? most, 0)
    const room = Math.max(15, 0.35 * (high - low))
    return [Math.floor(low - room), Math.ceil(high + room)]
  })
  return { bench, span, load, seen, slopeArcmin, best, classes, domain, figures }
}
