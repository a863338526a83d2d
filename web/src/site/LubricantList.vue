<script setup lang="ts">
import { Lubricant, nlgiGrades, thickenerWords } from '@yardfrost/core'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import ChoiceField from '../form/ChoiceField.vue'
import QuantityField from '../form/QuantityField.vue'
import TextField from '../form/TextField.vue'
import ThingForm from '../form/ThingForm.vue'
import { baseOilWords, optionsOf } from './words.ts'

/** Greases and oils of the shop, from their data sheets. */
defineProps<{ lubricants: Lubricant[]; unreadable: Map<string, string> }>()
defineEmits<{ add: []; remove: [index: number] }>()
const unset = { value: null, label: 'not stated' }
const kinds = [
  { value: 'grease', label: 'a grease' },
  { value: 'oil', label: 'an oil' },
]
const thickeners = [unset, ...optionsOf(thickenerWords)]
const grades = [unset, ...nlgiGrades.map((grade) => ({ value: grade, label: grade }))]
const baseOils = optionsOf(baseOilWords)
</script>

<template>
  <p v-if="lubricants.length === 0" class="quiet">From their data sheets, once; then a position names one.</p>
  <ThingForm
    v-for="(one, index) in lubricants"
    :key="one.id"
    :schema="Lubricant"
    :value="one"
    :path="`lubricants.${index}`"
    :unreadable="unreadable"
    @change="Object.assign(one, $event)"
  >
    <div class="rows-of many" :data-lubricant="index">
      <TextField path="name" />
      <ChoiceField path="kind" :options="kinds" />
      <ChoiceField v-if="one.kind === 'grease'" path="thickener" :options="thickeners" />
      <ChoiceField path="baseOil" :options="baseOils" />
      <QuantityField path="nu40Cst" />
      <QuantityField path="viscosityIndex" />
      <ChoiceField v-if="one.kind === 'grease'" path="nlgi" :options="grades" />
      <QuantityField path="lowC" />
      <QuantityField path="highC" />
      <TextField path="stands" placeholder="Shelf 2, oil store" />
      <label class="check"
        ><Checkbox :model-value="one.ep" binary @update:model-value="Object.assign(one, { ep: $event })" /> with EP
        additives</label
      >
      <button
        type="button"
        class="link"
        :aria-label="`Remove ${one.name || 'this one'}`"
        @click="$emit('remove', index)"
      >
        Remove
      </button>
    </div>
  </ThingForm>
  <p>
    <Button
      label="Add a grease or oil"
      size="small"
      severity="secondary"
      variant="outlined"
      data-test="add-lubricant"
      @click="$emit('add')"
    />
  </p>
</template>

<style src="./rows.css"></style>

<style scoped>
.many {
  padding-bottom: 14px;
  border-bottom: 1px solid var(--hair);
}
</style>
