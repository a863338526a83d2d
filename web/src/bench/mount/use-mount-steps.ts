import { composeJob } from '@yardfrost/core'
import { computed } from 'vue'
import { catalogue } from '../references.ts'
import type { Bench } from '../use-bench.ts'

/** The steps that a job of this position would take, as it stands on the bench now. */
export function useMountSteps(bench: Bench) {
  const steps = computed(() => {
    const { inputs, machine, detail, id } = bench
    const name = detail.value?.name ?? 'This position'
    return composeJob([{ id, name, inputs: inputs.value, machine: machine.value }], catalogue)
  })
  const stepOf = (key: string) => steps.value.find((step) => step.key.split(':')[0] === key) ?? null
  return { steps, stepOf }
}
