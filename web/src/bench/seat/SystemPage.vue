<script setup lang="ts">
import { factsOf, finishWords, inchDutyWords, isInchSeat } from '@yardfrost/core'
import { computed } from 'vue'
import ChoiceField from '../../form/ChoiceField.vue'
import { choices, notStated } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'
import SeatBlock from './SeatBlock.vue'

/** Fineness of the bearing, finish and hollow of the shaft, and inch seats of tapered roller bearings. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const tapered = computed(() => bench.bearing.value !== null && factsOf(bench.bearing.value.row.type).inchSystem)
const inchNumber = computed(() => (bench.bearing.value?.row.inch ?? null) !== null)
const inch = computed(
  () => bench.bearing.value !== null && isInchSeat(bench.inputs.value.seat, bench.bearing.value.row),
)
const systems = [
  { value: 'metric', label: 'metric' },
  { value: 'inch-tapered', label: 'inch, cone and cup' },
]
const toleranceClasses = [
  { value: null, label: 'as the designation says' },
  { value: 'normal', label: 'normal' },
  ...['P6', 'P5', 'P4'].map((value) => ({ value, label: value })),
]
const inchClasses = ['4', '2', '3', '0', '00'].map((value) => ({ value, label: value }))
const adjusts = [
  notStated,
  { value: 'adjustable', label: 'adjustable: it is moved to set the play' },
  { value: 'non-adjustable', label: 'non-adjustable: it stays where it is pressed' },
  { value: 'floating', label: 'floating: it moves along its seat in service' },
]
</script>

<template>
  <div class="fields">
    <ChoiceField v-if="!inch" path="seat.toleranceClass" :options="toleranceClasses" />
    <ChoiceField path="seat.finish" :options="choices(finishWords)" />
    <QuantityField path="seat.shaftBoreMm" />
    <ChoiceField v-if="tapered && !inchNumber" path="seat.system" :options="systems" />
    <template v-if="inch">
      <ChoiceField path="seat.inchClass" :options="inchClasses" />
      <ChoiceField path="seat.inchDuty" :options="choices(inchDutyWords)" />
      <ChoiceField path="seat.coneAdjust" :options="adjusts" />
      <ChoiceField path="seat.cupAdjust" :options="adjusts" />
    </template>
  </div>
  <p v-if="!tapered" class="quiet">
    A machine tool of kind spindle takes the finer rows by itself; classes P5 and P4 cap the grade of the seat. Inch
    seats are asked for once a tapered roller bearing is on the bench.
  </p>
  <div class="seats">
    <SeatBlock seat="shaft" @working="emit('working', $event)" />
    <SeatBlock seat="housing" @working="emit('working', $event)" />
  </div>
</template>

<style scoped>
.seats {
  border-top: 1px solid var(--hair);
}

.quiet {
  font-size: 14px;
}
</style>
