import { computed } from 'vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** What was seen and looked for on a plain bearing, to be answered sign by sign. */
export function usePlainSigns() {
  const bench = usePlainBench()
  const seen = computed(() => bench.inputs.value.diagnose.seen)
  const notSeen = computed(() => bench.inputs.value.diagnose.notSeen)
  const stateOf = (sign: string): 'seen' | 'not-seen' | null =>
    seen.value.includes(sign) ? 'seen' : notSeen.value.includes(sign) ? 'not-seen' : null

  /** @param found - whether it is there; null takes the answer back */
  function answer(sign: string, found: boolean | null): void {
    const { diagnose } = bench.inputs.value
    diagnose.seen = [...diagnose.seen.filter((one) => one !== sign), ...(found === true ? [sign] : [])]
    diagnose.notSeen = [...diagnose.notSeen.filter((one) => one !== sign), ...(found === false ? [sign] : [])]
  }

  /** One press on: seen, then not there, then nobody looked. */
  function step(sign: string): void {
    const now = stateOf(sign)
    answer(sign, now === null ? true : now === 'seen' ? false : null)
  }
  return { bench, seen, notSeen, stateOf, answer, step }
}
