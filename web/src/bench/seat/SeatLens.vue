<script setup lang="ts">
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../ChoiceField.vue'
import LensSheet from '../LensSheet.vue'
import QuantityField from '../QuantityField.vue'
import { useBench } from '../use-bench.ts'
import LoadCasePicker from './LoadCasePicker.vue'
import SeatBlock from './SeatBlock.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.seat)

const housings = [
  { value: 'solid', label: 'solid' },
  { value: 'split', label: 'split' },
  { value: 'thin-wall', label: 'thin wall' },
  { value: 'light-alloy', label: 'light alloy' },
]
const sliding = [
  { value: 'none', label: 'none' },
  { value: 'outer', label: 'outer' },
  { value: 'inner', label: 'inner' },
]
const classes = ['normal', 'P6', 'P5', 'P4'].map((name) => ({ value: name, label: name }))
const ratio = computed(() => {
  const figure = bench.assessment.value.lenses.carry.figures['loadRatio']
  const shown = figure ? format.figure(figure) : null
  return shown ? `P/C ${shown.digits}` : 'not known yet'
})
</script>

<template>
  <LensSheet :lens="lens" question="Does the load turn with the ring?" @field="emit('field', $event)">
    <template #inputs>
      <LoadCasePicker />
      <div class="fields three">
        <ChoiceField path="seat.housing" :options="housings" />
        <ChoiceField path="seat.slides" :options="sliding" />
        <ChoiceField path="seat.toleranceClass" :options="classes" />
        <QuantityField path="seat.shaftBoreMm" />
        <QuantityField path="seat.ringRiseC" />
        <div>
          <span class="label">Load ratio, from Carry</span>
          <p class="ratio">{{ ratio }}</p>
        </div>
      </div>
    </template>
    <template #figures>
      <SeatBlock seat="shaft" @working="emit('working', $event)" />
      <SeatBlock seat="housing" @working="emit('working', $event)" />
      <FigureLine
        v-if="lens.figures['shaftRemaining']"
        name="shaftRemaining"
        :figure="lens.figures['shaftRemaining']!"
        @working="emit('working', $event)"
      />
    </template>
  </LensSheet>
</template>

<style scoped>
.three {
  grid-template-columns: repeat(3, minmax(0, 1fr));
}

.ratio {
  padding: 4px 0;
  font-size: 17px;
}
</style>
