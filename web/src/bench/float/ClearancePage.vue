<script setup lang="ts">
import { housingMaterialWords } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import { choices } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'
import ClearanceLife from '../carry/ClearanceLife.vue'
import { useClearanceLife } from '../carry/use-clearance-life.ts'
import ClearanceFall from './ClearanceFall.vue'

/** The clearance from the box through both fits to running, and the class that would keep some. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const format = useFormat()
const { best, domain, span, classes: byClass } = useClearanceLife()
const figures = computed(() => bench.assessment.value.lenses.float.figures)

const housings = choices(housingMaterialWords)
/** One place, one temperature: what Grease has is taken here too. */
const outerNote = computed(() => {
  const { float, grease } = bench.inputs.value
  return float.outerC === null && grease.runningC !== null
    ? `${format.inline({ kind: 'number', number: grease.runningC }, 'temperature')} of the housing, from Grease`
    : ''
})
const steps = computed(() =>
  (['initial', 'onShaft', 'mounted', 'operating'] as const).flatMap((name) => {
    const figure = figures.value[name]
    return figure?.value?.kind === 'range'
      ? [{ name, label: figure.label, from: figure.value.from, to: figure.value.to }]
      : []
  }),
)
const classes = computed(() => figures.value['rightClass'])
const judged = computed(() => bench.assessment.value.outcomes.float.steps?.classes.map(({ judged: one }) => one) ?? [])
const inDigits = (value: { kind: string; from?: number; to?: number }) =>
  value.kind === 'range'
    ? `${format.digits(value.from ?? 0, 'deviation')} … ${format.digits(value.to ?? 0, 'deviation')}`
    : ''
</script>

<template>
  <div class="fields">
    <QuantityField path="float.innerC" />
    <QuantityField path="float.outerC" :note="outerNote" />
    <QuantityField path="float.measuredUm" />
    <ChoiceField path="float.housingMaterial" :options="housings" />
    <QuantityField path="float.housingWallMm" note="a thick block if empty" />
  </div>
  <div class="results">
    <FigureLine answer name="operating" :figure="figures['operating']!" @working="emit('working', $event)" />
    <ClearanceFall v-if="steps.length > 1" :steps="steps" />
    <template v-if="best">
      <h3 class="label">Life against running clearance, {{ format.unit('deviation') }}, class by class</h3>
      <ClearanceLife :best="best" :domain="domain" :runs="span" :classes="byClass" />
    </template>
    <FigureLine v-if="classes" name="rightClass" :figure="classes" @working="emit('working', $event)" />
    <ul v-if="classes" class="classes" data-test="classes">
      <li v-for="(one, index) in classes.givens" :key="one.label" :class="{ bad: (judged[index]?.probable ?? 0) < 0 }">
        <span>{{ one.label }}</span>
        <strong>{{ inDigits(one.value) }}</strong>
        <span class="quiet">{{ one.from }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.results {
  border-top: 1px solid var(--hair);
}

.classes {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

.classes li {
  display: grid;
  grid-template-columns: 104px 96px 1fr;
  gap: 10px;
  padding: 2px 0;
  font-size: 14px;
}

.classes strong {
  text-align: right;
}

.bad strong {
  color: var(--ember-text);
}
</style>
