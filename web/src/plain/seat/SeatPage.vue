<script setup lang="ts">
import { housingMaterialWords } from '@yardfrost/core'
import { computed } from 'vue'
import { choices } from '../../form/choices.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import PlainFigures from '../PlainFigures.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** Press fit and what it leaves of the bore; crush of half shells; the journal that runs in it. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const split = computed(() => bench.inputs.value.bearing.form === 'split')
const housings = choices(housingMaterialWords)
</script>

<template>
  <PlainFigures
    :figures="bench.assessment.value.lenses.seat.figures"
    answer="bore"
    :names="['interference', 'closing', 'before', 'crush', 'groove', 'journal']"
    @working="$emit('working', $event)"
  />
  <div class="fields">
    <ChoiceField path="seat.housingMaterial" :options="housings" />
    <QuantityField path="seat.housingOdMm" note="thick block" />
    <template v-if="!split">
      <QuantityField path="seat.housingBoreMm" />
      <QuantityField path="seat.bushOdMm" />
      <QuantityField path="seat.freeBoreMm" />
    </template>
    <QuantityField v-else path="seat.crushMm" />
    <QuantityField path="seat.fittedBoreMm" />
    <QuantityField path="seat.journalRaUm" />
    <QuantityField path="seat.journalHb" />
  </div>
</template>

<style src="../../form/fields.css"></style>
