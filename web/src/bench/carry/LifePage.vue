<script setup lang="ts">
import { lifeExponent, toShown, wantedLife } from '@yardfrost/core'
import Slider from 'primevue/slider'
import { computed, defineAsyncComponent, ref } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import LoadSource from '../LoadSource.vue'
import { cleanlinessOptions } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import ReachedHere from '../../log/ReachedHere.vue'
import { useBench } from '../use-bench.ts'

// The chart library weighs more than the rest of the page; the figures do not wait for it.
const LifeCurve = defineAsyncComponent(() => import('./LifeCurve.vue'))

/** Load, speed and lubricant in; life out, with the curve that falls as one drags. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.carry.figures)
const outcome = computed(() => bench.assessment.value.outcomes.carry)
/** Its own grease is done before the raceways are. */
const byGrease = computed(() => bench.assessment.value.lenses.carry.headline === 'ends')

const { onShaft, fed } = bench
const stepped = computed(() => !fed.value && bench.inputs.value.load.steps.length > 0)
const fedWords = computed(() => {
  const [first] = outcome.value.carrying?.acting ?? []
  const told = (newton: number) => format.inline({ kind: 'number', number: newton }, 'force')
  return first ? `${told(first.radialN)} radial, ${told(first.axialN)} axial` : 'none'
})
const dutyNote = computed(() => {
  const machine = bench.detail.value?.machine
  return bench.inputs.value.load.wantedLifeH === null && machine
    ? `${format.inline({ kind: 'number', number: wantedLife(machine.duty).wantedH }, 'duration')} by duty`
    : ''
})

/** The slider runs on a square root, so that light loads are not crowded into its first tenth. */
const sliderSteps = 1000
const largestN = computed(() => {
  const rating = outcome.value.ratings?.dynamicN
  return rating === undefined ? null : rating * 0.5
})
const slider = computed({
  get: () => {
    const load = bench.inputs.value.load.radialN ?? 0
    return largestN.value ? Math.round(Math.sqrt(Math.min(load / largestN.value, 1)) * sliderSteps) : 0
  },
  set: (step: number) => {
    if (!largestN.value) return
    const load = (step / sliderSteps) ** 2 * largestN.value
    const coarse = load < 1000 ? 10 : load < 20_000 ? 50 : 500
    bench.unreadable.delete('load.radialN')
    bench.setAt('load.radialN', Math.round(load / coarse) * coarse)
  },
})
const atStart = ref<number | null>(null)
const lifeNow = computed(() => outcome.value.life?.hoursH ?? null)
const change = computed(() => {
  if (atStart.value === null || lifeNow.value === null || atStart.value === lifeNow.value) return ''
  return `was ${format.inline({ kind: 'number', number: atStart.value }, 'duration', { figures: 2 })} when you took the slider`
})

const shown = computed(() => [
  ...(byGrease.value ? [] : ['ends']),
  'modified',
  'system',
  'equivalent',
  'loadRatio',
  'staticSafety',
  'axialCapacity',
  'liftOff',
  'speed',
  'dynamicRating',
  'staticRating',
  'minimum',
])
const reliabilityNote = computed(() => (bench.inputs.value.load.reliabilityPercent === null ? '90 %' : ''))
const ratings = ref(false)
const lifeChart = computed(() => {
  const load = outcome.value.carrying?.equivalentN ?? null
  const life = lifeNow.value
  const bearing = bench.bearing.value
  if (load === null || life === null || !bearing) return null
  return {
    loadN: load,
    lifeH: life,
    wantedH: outcome.value.wantedH,
    exponent: lifeExponent(bearing.row.type),
    toLoad: (newton: number) => toShown(newton, 'force', format.unit('force') === 'N' ? 'metric' : 'inch'),
    unit: format.unit('force'),
  }
})
</script>

<template>
  <LoadSource v-if="onShaft">{{ fedWords }}</LoadSource>
  <div class="fields">
    <template v-if="!stepped && !fed">
      <QuantityField path="load.radialN" />
      <QuantityField path="load.axialN" />
      <QuantityField path="load.speedRpm" />
    </template>
    <p v-else-if="stepped" class="stepped">
      Loaded in {{ bench.inputs.value.load.steps.length }} steps,
      <button type="button" class="more link" @click="bench.turnTo('carry', 'duty')">see Duty</button>
    </p>
    <QuantityField path="load.wantedLifeH" :note="dutyNote" />
  </div>
  <div v-if="largestN !== null && !stepped && !fed" class="drag">
    <Slider
      v-model="slider"
      :min="0"
      :max="sliderSteps"
      aria-label="Radial load"
      data-test="load-slider"
      @pointerdown="atStart = lifeNow"
    />
    <p class="label">Drag the radial load, up to half of the rating. {{ change }}</p>
  </div>
  <div class="results">
    <FigureLine
      v-if="byGrease && figures['ends']"
      answer
      name="ends"
      :figure="figures['ends']"
      @working="emit('working', $event)"
    />
    <FigureLine :answer="!byGrease" name="life" :figure="figures['life']!" @working="emit('working', $event)" />
    <ReachedHere :position-id="bench.id" />
    <p v-if="figures['doubled']" class="doubled">
      Twice the load:
      <strong class="ember" data-figure="doubled">{{ format.figure(figures['doubled'])?.digits }}</strong> h,
      {{ lifeChart && lifeChart.exponent === 3 ? 'an eighth' : 'about a tenth' }}. Required:
      <strong>{{ format.figure(figures['wanted']!)?.digits }}</strong> h.
    </p>
    <LifeCurve v-if="lifeChart" v-bind="lifeChart" />
    <template v-for="name in shown" :key="name">
      <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]!" @working="emit('working', $event)" />
    </template>
  </div>
  <div class="fields">
    <QuantityField path="grease.nu40Cst" />
    <QuantityField path="grease.runningC" />
    <ChoiceField path="grease.cleanliness" :options="cleanlinessOptions" />
    <QuantityField path="load.reliabilityPercent" :note="reliabilityNote" />
    <button type="button" class="more link" data-test="ratings" :aria-expanded="ratings" @click="ratings = !ratings">
      {{ ratings ? 'Hide the maker’s ratings' : 'Enter the maker’s ratings' }}
    </button>
    <template v-if="ratings">
      <QuantityField path="bearing.makerDynamicN" />
      <QuantityField path="bearing.makerStaticN" />
    </template>
  </div>
</template>

<style scoped>
.drag {
  display: grid;
  gap: 14px;
  padding: 12px 12px 0;
}

.results {
  padding-top: 4px;
  border-top: 1px solid var(--hair);
}

.stepped {
  align-self: end;
  padding-bottom: 6px;
}

.stepped .more {
  padding: 0;
}

.doubled {
  padding-bottom: 6px;
}

.more {
  align-self: end;
  padding: 8px 0;
  color: var(--ink-2);
  text-align: left;
}
</style>
