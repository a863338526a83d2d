import { jobKinds } from '@yardfrost/core'
import { computed } from 'vue'
import { catalogue } from '../../references.ts'
import type { Bench } from '../use-bench.ts'

/** The steps that a job of this position would take, as it stands on the bench now. */
export function useMountSteps(bench: Bench) {
  const steps = computed(() => {
    const { inputs, machine, detail, id } = bench
    const name = detail.value?.name ?? 'This position'
    return jobKinds['bearing-change'].compose([{ id, name, inputs: inputs.value, machine: machine.value }], catalogue)
  })
  const stepOf = (stage: string) => steps.value.find((step) => step.stage === stage) ?? null
  return { steps, stepOf }
}
