<script setup lang="ts" generic="T extends string | number | null">
import Select from 'primevue/select'
import FieldFrame from './FieldFrame.vue'

/** How one of a few is chosen. */
const value = defineModel<T>({ required: true })
defineProps<{
  id: string
  title: string
  test: string
  options: readonly { value: T; label: string }[]
  placeholder?: string
  refusal?: string | null
}>()
</script>

<template>
  <FieldFrame :title="title" :input-id="id" :refusal="refusal ?? null" :test="test">
    <Select
      v-model="value"
      :label-id="id"
      :options="[...options]"
      option-label="label"
      option-value="value"
      :placeholder="placeholder ?? 'not stated'"
      :data-test="test"
      :aria-label="title"
    />
    <slot />
  </FieldFrame>
</template>
