<script setup lang="ts">
import { plainClearancePractices } from '@yardfrost/core'
import { computed } from 'vue'
import PracticeList from '../../figures/PracticeList.vue'
import QuantityField from '../../form/QuantityField.vue'
import { useSession } from '../../shell/session.ts'
import PlainFigures from '../PlainFigures.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** Clearance cold by every practice, and what is left of it when journal, bush and housing have grown. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const session = useSession()
const figures = computed(() => bench.assessment.value.lenses.float.figures)
function goBy(key: string) {
  const practice = plainClearancePractices.find((one) => one === key)
  if (practice) void bench.goBy({ plainClearance: practice })
}
</script>

<template>
  <PlainFigures :figures="figures" answer="hot" :names="['cold', 'worn']" @working="$emit('working', $event)" />
  <section v-if="figures['cold']" aria-label="Practices">
    <h3 class="label">New, by every practice</h3>
    <PracticeList :figure="figures['cold']" :choosable="session.mayPlan" @choose="goBy" />
  </section>
  <div class="fields">
    <QuantityField path="float.measuredMm" />
    <QuantityField path="float.newMm" />
    <QuantityField path="float.assemblyC" />
    <QuantityField path="oil.roomC" />
    <QuantityField path="float.shaftC" note="as worked out" />
    <QuantityField path="float.housingC" note="as worked out" />
  </div>
</template>

<style src="../../form/fields.css"></style>
