<script setup lang="ts">
import type { Person } from '@yardfrost/contract'
import { computed } from 'vue'
import ChoiceInput from '../form/ChoiceInput.vue'

/** Whom a round is for: one person, or whoever takes it. */
const { id, people } = defineProps<{ id: string; people: readonly Person[] }>()
const walker = defineModel<string | null>({ required: true })
const whoever = 'whoever takes it'
const options = computed(() => [
  { value: null as string | null, label: whoever },
  ...people.map((one) => ({ value: one.id as string | null, label: one.name })),
])
</script>

<template>
  <ChoiceInput
    v-if="people.length"
    :id="id"
    v-model="walker"
    title="For"
    :test="id"
    :placeholder="whoever"
    :options="options"
  />
</template>
