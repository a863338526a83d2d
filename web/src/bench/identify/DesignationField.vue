<script setup lang="ts">
import { fieldSchema, RollingPosition, type FieldMeta } from '@yardfrost/core'
import { computed } from 'vue'
import NumberInput from '../../form/NumberInput.vue'
import { useBench } from '../use-bench.ts'

/** The number as it stands on the box. */
const bench = useBench()
const title = (fieldSchema(RollingPosition, ['bearing', 'designation'])?.meta() as FieldMeta).title
const designation = computed({
  get: () => bench.inputs.value.bearing.designation,
  set: (next) => bench.setAt('bearing.designation', next),
})
</script>

<template>
  <NumberInput
    id="field-designation"
    v-model="designation"
    :title="title"
    test="bearing.designation"
    placeholder="6214-C3, NU 210, 22220 EK/C3"
  />
</template>
