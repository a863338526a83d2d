<script setup lang="ts">
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import ChoiceField from '../ChoiceField.vue'
import LensSheet from '../LensSheet.vue'
import QuantityField from '../QuantityField.vue'
import { useBench } from '../use-bench.ts'
import ClearanceFall from './ClearanceFall.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.float)
const figures = computed(() => lens.value.figures)

const ends = [
  { value: null, label: 'not stated' },
  { value: 1, label: 'one, the other floats' },
  { value: 2, label: 'both' },
  { value: 0, label: 'neither' },
]
const shafts = [
  { value: 'carbon-steel', label: 'carbon steel' },
  { value: 'stainless-austenitic', label: 'stainless' },
]
const housings = [
  { value: 'cast-iron', label: 'cast iron' },
  { value: 'steel', label: 'steel' },
  { value: 'aluminium', label: 'aluminium' },
]
const steps = computed(() =>
  (['initial', 'mounted', 'operating'] as const).flatMap((name) => {
    const figure = figures.value[name]
    return figure?.value?.kind === 'range'
      ? [{ name, label: figure.label, from: figure.value.from, to: figure.value.to }]
      : []
  }),
)
</script>

<template>
  <LensSheet
    :lens="lens"
    question="Is clearance left when it runs, and has the shaft room to grow?"
    @field="emit('field', $event)"
  >
    <template #inputs>
      <div class="fields">
        <QuantityField path="float.innerC" />
        <QuantityField path="float.outerC" />
        <QuantityField path="float.measuredUm" />
        <ChoiceField path="float.housingMaterial" :options="housings" />
      </div>
    </template>
    <template #figures>
      <FigureLine answer name="operating" :figure="figures['operating']!" @working="emit('working', $event)" />
      <ClearanceFall v-if="steps.length > 1" :steps="steps" />
      <FigureLine
        v-if="figures['mounted']"
        name="mounted"
        :figure="figures['mounted']!"
        @working="emit('working', $event)"
      />
      <FigureLine
        v-if="figures['growth']!.value || figures['growth']!.missing"
        name="growth"
        :figure="figures['growth']!"
        @working="emit('working', $event)"
      />
    </template>
    <template #after>
      <h2>Where does the growth go?</h2>
      <div class="fields">
        <ChoiceField path="float.locatedEnds" :options="ends" />
        <ChoiceField path="float.shaftMaterial" :options="shafts" />
        <QuantityField path="float.spanMm" />
        <QuantityField path="float.assemblyC" />
        <QuantityField path="float.hottestC" />
        <QuantityField path="float.roomTowardMm" />
        <QuantityField path="float.roomAwayMm" />
      </div>
    </template>
  </LensSheet>
</template>
