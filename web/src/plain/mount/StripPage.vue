<script setup lang="ts">
import { computed } from 'vue'
import { choices } from '../../form/choices.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import PlainFigures from '../PlainFigures.vue'
import { usePlainBench } from '../use-plain-bench.ts'
import StripReading from './StripReading.vue'

/** What strip, blue and feeler told of the bearing as it is closed, judged. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const strips = choices({ plastic: 'plastic strip', lead: 'lead wire', feeler: 'feeler' })
const places = ['Drive side', 'Other side', 'Third place', 'Fourth place']
/** One more place than is read. */
const shown = computed(() => places.slice(0, Math.max(2, bench.inputs.value.mount.stripMm.length + 1)))
const split = computed(() => bench.inputs.value.bearing.form === 'split')
</script>

<template>
  <PlainFigures
    :figures="bench.assessment.value.lenses.mount.figures"
    answer="strip"
    :names="['wanted', 'torque']"
    @working="$emit('working', $event)"
  />
  <div class="fields" data-test="mount.stripMm">
    <ChoiceField path="mount.strip" :options="strips" />
    <StripReading v-for="(title, place) in shown" :key="place" :place="place" :title="title" />
    <QuantityField path="mount.bluePercent" />
    <QuantityField path="mount.contactDeg" />
    <template v-if="split">
      <QuantityField path="mount.jointMm" />
      <QuantityField path="mount.boltMm" />
    </template>
  </div>
</template>

<style src="../../form/fields.css"></style>
