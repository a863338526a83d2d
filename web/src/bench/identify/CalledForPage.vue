<script setup lang="ts">
import { cageWords, closureWords } from '@yardfrost/core'
import { computed } from 'vue'
import ChoiceField from '../../form/ChoiceField.vue'
import { choices, clearanceOptions, notStated } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'
import WhichEndHolds from '../WhichEndHolds.vue'

/** What the machine’s papers call for; each difference from what is on the bench is judged below. */
const bench = useBench()
const closureOptions = [notStated, ...choices(closureWords)]
const bores = [notStated, { value: 'cylindrical', label: 'cylindrical' }, { value: 'tapered', label: 'tapered, K' }]
const cages = [notStated, ...choices(cageWords)]
const classes = [notStated, ...['normal', 'P6', 'P5', 'P4'].map((value) => ({ value, label: value }))]
const order = computed(() => bench.assessment.value.outcomes.identify.toOrder)
</script>

<template>
  <div class="fields">
    <ChoiceField path="bearing.requiredClearance" :options="clearanceOptions" />
    <ChoiceField path="bearing.requiredClosure" :options="closureOptions" />
    <ChoiceField path="bearing.requiredBore" :options="bores" />
    <ChoiceField path="bearing.requiredCage" :options="cages" />
    <ChoiceField path="bearing.requiredPrecision" :options="classes" />
    <QuantityField path="bearing.hottestRingC" />
  </div>
  <p v-if="order" class="order">
    <span class="label">To order for this</span>
    <strong data-test="to-order">{{ order }}</strong>
  </p>
  <p v-else class="quiet">
    Read it from the machine’s manual or the old bearing’s suffixes. The same base number is not the same bearing.
  </p>
  <WhichEndHolds />
</template>

<style scoped>
.order {
  display: grid;
  padding-top: 6px;
  border-top: 1px solid var(--hair);
}

.order strong {
  font-size: 34px;
  line-height: 1.2;
}
</style>
