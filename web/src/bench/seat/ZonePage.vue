<script setup lang="ts">
import {
  applicationOf,
  applicationWords,
  emptyPosition,
  housingWords,
  loadClassWords,
  slidingWords,
} from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import { choices, notStated } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'
import LoadCasePicker from './LoadCasePicker.vue'
import SeatAlternatives from './SeatAlternatives.vue'
import SeatBlock from './SeatBlock.vue'

/** How load and rings turn, what the housing is; then both zones with their fits. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.seat.figures)

const housings = choices(housingWords)
const bare = computed(() => bench.assessment.value.outcomes.seat.shaft.bare)
const onSleeve = computed(() => bare.value?.kind === 'adapter-sleeve' || bare.value?.kind === 'withdrawal-sleeve')
const sleeveNote = computed(() => {
  const { nominalMm = null, kind } = bare.value ?? {}
  return kind === 'adapter-sleeve' && nominalMm !== null && bench.inputs.value.seat.sleeveShaftMm === null
    ? format.inline({ kind: 'number', number: nominalMm }, 'length', { decimals: 0 })
    : ''
})
const sliding = choices(slidingWords)
const known = computed(() => {
  const figure = bench.assessment.value.lenses.carry.figures['loadRatio']
  return figure ? format.figure(figure) : null
})
const ratio = computed(() => (known.value ? `P/C ${known.value.digits}` : ''))
const loads = [notStated, ...choices(loadClassWords)]
/** Whatever it is taken for while nobody says so stands there to be seen. */
const machines = computed(() => {
  const assumed = applicationWords[applicationOf(emptyPosition(), bench.machine.value)]
  return [{ value: null, label: `${assumed}, by its kind` }, ...choices(applicationWords)]
})
</script>

<template>
  <LoadCasePicker />
  <div class="fields three">
    <ChoiceField path="seat.housing" :options="housings" />
    <ChoiceField path="seat.slides" :options="sliding" />
    <QuantityField path="seat.ringRiseC" />
    <QuantityField v-if="onSleeve" path="seat.sleeveShaftMm" :note="sleeveNote" />
    <QuantityField v-if="bare?.kind === 'raceway'" path="seat.racewayHrc" />
    <QuantityField v-if="bare?.kind === 'raceway'" path="seat.racewayRaUm" />
    <div v-if="known">
      <span class="label">From Carry</span>
      <p class="ratio">{{ ratio }}</p>
    </div>
    <ChoiceField v-else path="seat.loadClass" :options="loads" />
    <ChoiceField path="seat.application" :options="machines" />
  </div>
  <div class="seats">
    <SeatBlock seat="shaft" @working="emit('working', $event)" />
    <SeatBlock seat="housing" @working="emit('working', $event)" />
    <FigureLine
      v-if="figures['shaftRemaining']"
      name="shaftRemaining"
      :figure="figures['shaftRemaining']"
      @working="emit('working', $event)"
    />
    <SeatAlternatives />
  </div>
</template>

<style scoped>
.three {
  grid-template-columns: repeat(3, minmax(0, 1fr));
}

.ratio {
  padding: 4px 0;
  font-size: 17px;
}

.seats {
  border-top: 1px solid var(--hair);
}

@media (max-width: 620px) {
  .three {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
