<script setup lang="ts">
import { collarWords } from '@yardfrost/core'
import { computed } from 'vue'
import EndFloatSheet from '../../drawing/sleeve/EndFloat.vue'
import { choices } from '../../form/choices.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import PlainFigures from '../PlainFigures.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** The shaft between its stops: where it runs, and what coupling and growth may move it by. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const ends = computed(() => bench.assessment.value.outcomes.float.ends)
const collars = choices(collarWords)
</script>

<template>
  <div class="fields">
    <ChoiceField path="float.collars" :options="collars" />
    <QuantityField path="float.endFloatMm" />
    <QuantityField path="float.centreMm" />
    <QuantityField path="float.couplingFloatMm" />
    <QuantityField path="float.growthMm" />
  </div>
  <EndFloatSheet v-if="ends" :ends="ends" />
  <p v-else class="quiet">
    Push the shaft from stop to stop with the coupling apart, and measure. A motor runs where its rotor pulls to: mark
    that place while it turns uncoupled, by whoever may start it.
  </p>
  <PlainFigures
    :figures="bench.assessment.value.lenses.float.figures"
    :names="['room', 'needs']"
    @working="$emit('working', $event)"
  />
</template>

<style src="../../form/fields.css"></style>
