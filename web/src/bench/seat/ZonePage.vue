<script setup lang="ts">
import { housingWords, slidingWords } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import { choices } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'
import LoadCasePicker from './LoadCasePicker.vue'
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
const ratio = computed(() => {
  const figure = bench.assessment.value.lenses.carry.figures['loadRatio']
  const shown = figure ? format.figure(figure) : null
  return shown ? `P/C ${shown.digits}` : 'not known yet'
})
</script>

<template>
  <LoadCasePicker />
  <div class="fields four">
    <ChoiceField path="seat.housing" :options="housings" />
    <ChoiceField path="seat.slides" :options="sliding" />
    <QuantityField path="seat.ringRiseC" />
    <QuantityField v-if="onSleeve" path="seat.sleeveShaftMm" :note="sleeveNote" />
    <QuantityField v-if="bare?.kind === 'raceway'" path="seat.racewayHrc" />
    <QuantityField v-if="bare?.kind === 'raceway'" path="seat.racewayRaUm" />
    <div>
      <span class="label">From Carry</span>
      <p class="ratio">{{ ratio }}</p>
    </div>
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
  </div>
</template>

<style scoped>
.four {
  grid-template-columns: repeat(4, minmax(0, 1fr));
}

.ratio {
  padding: 4px 0;
  font-size: 17px;
}

.seats {
  border-top: 1px solid var(--hair);
}

@media (max-width: 620px) {
  .four {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
