<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import type { FitHistogram } from '@yardfrost/core'
import { computed, shallowRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useBenchWork } from '../../workers/use-bench-work.ts'
import { useBench } from '../use-bench.ts'
import FitScale from './FitScale.vue'

/** One seat: its zone large, what to work it to, how tight that gets, and the fit drawn on a scale. */
const { seat } = defineProps<{ seat: 'shaft' | 'housing' }>()
const emit = defineEmits<{ working: [figure: string] }>()

const bench = useBench()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.seat.figures)
const zone = computed(() => figures.value[`${seat}Zone`])
const limits = computed(() => figures.value[`${seat}Limits`])
const fit = computed(() => figures.value[`${seat}Fit`])
const probable = computed(() => figures.value[`${seat}Probable`])

const inWords = computed(() =>
  fit.value?.value?.kind === 'range' ? format.fit(fit.value.value.from, fit.value.value.to) : null,
)
const likely = computed(() =>
  probable.value?.value?.kind === 'range' ? format.fit(probable.value.value.from, probable.value.value.to) : null,
)
const worked = computed(() => (limits.value ? format.figure(limits.value) : null))
const absent = computed(() => {
  const { missing, refusal } = zone.value ?? {}
  return missing?.length
    ? `needs ${missing.map(({ label }) => label).join(', ')}`
    : refusal
      ? 'no zone fits, see below'
      : ''
})

const choice = computed(() => bench.assessment.value.outcomes.seat[seat])
const others = computed(() => figures.value[`${seat}Others`])
const inFit = (from: number, to: number) => {
  const { digits, word } = format.fit(from, to)
  return `${digits} ${word}`
}
/** Mean of the gauged seat, off nominal, µm; null while it is not gauged. */
const gauged = computed(() => {
  const { gauged: found, nominalMm } = choice.value
  return found.gauging && nominalMm !== null ? 1000 * (found.gauging.meanMm - nominalMm) : null
})

const scale = computed(() => {
  const { chosen } = choice.value
  const span = ({ lowerUm, upperUm }: { lowerUm: number; upperUm: number }) => ({ from: lowerUm, to: upperUm })
  return chosen && inWords.value
    ? { ring: span(chosen.ring), worked: span(chosen.seat), tone: inWords.value.tone }
    : null
})
const { work } = useBenchWork()
const histogram = shallowRef<FitHistogram | null>(null)
const simulated = 200_000
watchDebounced(
  () => (scale.value ? JSON.stringify([scale.value.ring, scale.value.worked]) : ''),
  async () => {
    const shown = scale.value
    if (!shown) return (histogram.value = null)
    const deviations = ({ from, to }: { from: number; to: number }) => ({ lowerUm: from, upperUm: to })
    const found = await work().fits(seat, deviations(shown.worked), deviations(shown.ring), simulated)
    // A fit that has changed meanwhile brings its own answer.
    if (scale.value && JSON.stringify(scale.value) === JSON.stringify(shown)) histogram.value = found
  },
  { debounce: 120, immediate: true },
)
</script>

<template>
  <div
    class="block"
    :data-figure="`${seat}Zone`"
    @mouseenter="bench.lit.value = `${seat}Fit`"
    @mouseleave="bench.lit.value = null"
  >
    <div class="zone">
      <span class="label">{{ zone?.label }}</span>
      <strong v-if="zone?.value?.kind === 'text'" data-test="zone">{{ zone.value.text }}</strong>
      <span v-else class="absent">{{ absent }}</span>
    </div>
    <div v-if="worked" class="numbers">
      <p>
        <strong :data-figure="`${seat}Limits`">{{ worked.digits }}</strong> <span class="quiet">{{ worked.unit }}</span>
      </p>
      <p v-if="inWords" :class="inWords.tone">
        <strong :data-figure="`${seat}Fit`">{{ inWords.digits }}</strong> {{ inWords.word }}
      </p>
      <p v-if="likely" class="likely">
        probably <span :data-figure="`${seat}Probable`">{{ likely.digits }}</span> {{ likely.word }}
      </p>
    </div>
    <button
      class="how"
      type="button"
      :aria-label="`Working of the ${seat} fit`"
      @click="emit('working', fit ? `${seat}Fit` : `${seat}Zone`)"
    >
      working
    </button>
    <FitScale v-if="scale" class="scale" :seat="seat" v-bind="scale" :gauged="gauged" :histogram="histogram" />
    <ul v-if="others" class="others scale" :aria-label="others.label">
      <li v-for="one in others.givens" :key="one.label">
        <strong>{{ one.label }}</strong>
        <span>{{ one.value.kind === 'range' ? inFit(one.value.from, one.value.to) : '' }}</span>
        <span class="quiet">{{ format.sentence(one.from) }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.block {
  display: grid;
  grid-template-columns: 104px 1fr auto;
  gap: 2px 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--hair);
}

.zone {
  display: grid;
  align-content: start;
}

/* What is missing takes the room of the numbers that are not there. */
.zone:has(.absent) {
  grid-column: 1 / 3;
}

.zone strong {
  font-size: 44px;
  line-height: 1.1;
}

.numbers strong {
  font-size: 19px;
}

.absent {
  color: var(--ink-2);
}

.how {
  grid-column: 3;
  align-self: start;
  padding: 3px 8px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  font: 14px var(--label);
  cursor: pointer;
}

.scale {
  grid-column: 1 / -1;
}

.others {
  display: grid;
  gap: 3px;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
  font-size: 14px;
}

.others li {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 0 8px;
}

.others .quiet {
  grid-column: 2;
}
</style>
