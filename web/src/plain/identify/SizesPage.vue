<script setup lang="ts">
import { formWords, grooveWords, materialWords } from '@yardfrost/core'
import { choices, notStated } from '../../form/choices.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import PlainFigures from '../PlainFigures.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** Form, sizes and material of the bearing, and where its oil comes in. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const forms = choices(formWords)
const materials = [notStated, ...choices(materialWords)]
const grooves = [notStated, ...choices(grooveWords)]
</script>

<template>
  <div class="fields">
    <ChoiceField path="bearing.form" :options="forms" />
    <ChoiceField path="bearing.material" :options="materials" />
    <QuantityField path="bearing.journalMm" />
    <QuantityField path="bearing.lengthMm" />
    <QuantityField path="bearing.wallMm" :note="bench.inputs.value.bearing.wallMm === null ? 'as usual' : ''" />
    <QuantityField v-if="bench.inputs.value.bearing.form === 'flanged'" path="bearing.flangeMm" />
    <ChoiceField path="bearing.groove" :options="grooves" />
    <QuantityField path="bearing.feedDeg" />
  </div>
  <PlainFigures
    :figures="bench.assessment.value.lenses.identify.figures"
    answer="designation"
    :names="['wall', 'outside', 'ratio', 'material']"
    @working="$emit('working', $event)"
  />
</template>

<style src="../../form/fields.css"></style>
