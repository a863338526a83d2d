import { computed } from 'vue'
import { useBench } from '../use-bench.ts'

/** What was answered at this bench, sign by sign. */
export function useSigns() {
  const bench = useBench()
  const seen = computed(() => bench.inputs.value.diagnose.seen)
  const notSeen = computed(() => bench.inputs.value.diagnose.notSeen)
  const entered = computed(() => [...seen.value, ...notSeen.value])

  /** Seen, looked for and not found, or neither (null). */
  function answer(sign: string, found: boolean | null): void {
    const { diagnose } = bench.inputs.value
    const without = (signs: readonly string[]) => signs.filter((one) => one !== sign)
    diagnose.seen = found === true ? [...without(diagnose.seen), sign] : without(diagnose.seen)
    diagnose.notSeen = found === false ? [...without(diagnose.notSeen), sign] : without(diagnose.notSeen)
  }

  return { seen, notSeen, entered, answer }
}
