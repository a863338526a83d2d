<script setup lang="ts">
import { arrangementWords, axialWayWords, runningWords, type DutyStep } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import StepTable from '../../form/StepTable.vue'
import ChoiceField from '../../form/ChoiceField.vue'
import LoadSource from '../LoadSource.vue'
import { choices } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'

/** How the load comes: steady or in steps, with shock, leaning over, one of an opposed pair, out of line. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const figures = computed(() => bench.assessment.value.lenses.carry.figures)
const load = computed(() => bench.inputs.value.load)

const runningOptions = choices(runningWords)
/** Usual factors on working loads, not on weight. */
const shockNote = computed(() => (load.value.shockFactor === null ? 'as typed' : ''))
const paired = computed(() => load.value.arrangement !== 'single')
const steps = computed({
  get: () => load.value.steps,
  set: (next: DutyStep[]) => bench.setAt('load.steps', next),
})

const stepColumns = [
  { field: 'radialN', label: 'Radial', quantity: 'force', most: 1e8, times: 1 },
  { field: 'axialN', label: 'Axial', quantity: 'force', most: 1e8, times: 1 },
  { field: 'speedRpm', label: 'Speed', quantity: 'speed', most: 100_000, times: 1 },
  { field: 'share', label: 'Share', quantity: 'percent', most: 100, times: 100 },
] as const satisfies unknown[]

/** The steady load as one step, and a second one to go on from. */
function begin() {
  const { radialN, axialN, speedRpm } = load.value
  const first = { radialN: radialN ?? 0, axialN: axialN ?? 0, speedRpm: speedRpm ?? 0 }
  steps.value = [
    { ...first, share: 0.7 },
    { ...first, share: 0.3 },
  ]
}
</script>

<template>
  <LoadSource v-if="bench.onShaft.value">Load and speed</LoadSource>
  <div v-if="!bench.fed.value && steps.length === 0" class="steady">
    <div class="fields">
      <QuantityField path="load.radialN" />
      <QuantityField path="load.axialN" />
      <QuantityField path="load.speedRpm" />
      <div class="begin">
        <button type="button" class="press" data-test="begin-steps" @click="begin">It runs in steps</button>
      </div>
    </div>
  </div>
  <StepTable
    v-else-if="!bench.fed.value"
    v-model="steps"
    path="load.steps"
    :columns="stepColumns"
    :unreadable="bench.unreadable"
  />
  <div class="fields more">
    <ChoiceField path="load.running" :options="runningOptions" />
    <template v-if="!bench.fed.value">
      <QuantityField path="load.shockFactor" :note="shockNote" />
      <ChoiceField path="load.axialWay" :options="choices(axialWayWords)" />
    </template>
    <QuantityField path="load.misalignDeg" />
    <template v-if="!bench.fed.value">
      <QuantityField path="load.tiltDeg" />
      <QuantityField path="load.rotorKg" />
    </template>
    <ChoiceField path="load.arrangement" :options="choices(arrangementWords)" />
    <QuantityField v-if="paired" path="load.partnerRadialN" />
  </div>
  <p class="quiet">
    Shock on working loads, not on weight: pumps, fans and motors 1.0 to 1.2; gearboxes, conveyors and mixers 1.2 to
    1.5; crushers and presses 1.5 to 3.
  </p>
  <div class="results">
    <FigureLine answer name="equivalent" :figure="figures['equivalent']!" @working="emit('working', $event)" />
    <FigureLine name="life" :figure="figures['life']!" @working="emit('working', $event)" />
    <FigureLine
      v-if="figures['staticSafety']"
      name="staticSafety"
      :figure="figures['staticSafety']"
      @working="emit('working', $event)"
    />
  </div>
</template>

<style scoped>
.more {
  padding-top: 10px;
  border-top: 1px solid var(--hair);
}

.begin {
  display: flex;
  align-items: end;
}

.press {
  padding: 6px 12px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  background: var(--sheet);
  cursor: pointer;
}

.results {
  border-top: 1px solid var(--hair);
}

.quiet {
  font-size: 14px;
}
</style>
