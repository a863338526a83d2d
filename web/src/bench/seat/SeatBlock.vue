<script setup lang="ts">
import type { Given } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useBench } from '../use-bench.ts'
import FitScale from './FitScale.vue'

/** One seat: its zone large, what to work it to, how tight that gets, and the fit drawn on a scale. */
const { seat } = defineProps<{ seat: 'shaft' | 'housing' }>()
const emit = defineEmits<{ working: [figure: string] }>()

const bench = useBench()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.seat.figures)
const zone = computed(() => figures.value[`${seat}Zone`]!)
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
  const { missing, refusal } = zone.value
  return missing?.length
    ? `needs ${missing.map(({ label }) => label).join(', ')}`
    : refusal
      ? 'no zone fits, see below'
      : ''
})

const band = (symbol: string) => {
  const value = fit.value?.givens.find((given: Given) => given.symbol === symbol)?.value
  return value?.kind === 'range' ? value : null
}
const scale = computed(() => {
  const ring = band('l \\dots u')
  const worked = band('L \\dots U')
  return ring && worked && inWords.value ? { ring, worked, tone: inWords.value.tone } : null
})
</script>

<template>
  <div
    class="block"
    :data-figure="`${seat}Zone`"
    @mouseenter="bench.lit.value = `${seat}Fit`"
    @mouseleave="bench.lit.value = null"
  >
    <div class="zone">
      <span class="label">{{ zone.label }}</span>
      <strong v-if="zone.value?.kind === 'text'" data-test="zone">{{ zone.value.text }}</strong>
      <span v-else class="absent">{{ absent }}</span>
    </div>
    <div v-if="worked && inWords" class="numbers">
      <p>
        <strong :data-figure="`${seat}Limits`">{{ worked.digits }}</strong> <span class="quiet">{{ worked.unit }}</span>
      </p>
      <p :class="inWords.tone">
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
    <FitScale v-if="scale" class="scale" :seat="seat" v-bind="scale" />
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
</style>
