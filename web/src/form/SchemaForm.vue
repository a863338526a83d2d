<script setup lang="ts">
import { computed } from 'vue'
import { z } from 'zod'
import ChoiceField from './ChoiceField.vue'
import { fieldOf } from './form-port.ts'
import QuantityField from './QuantityField.vue'
import ThingForm from './ThingForm.vue'

/** The fields of one thing, in the order of its schema: numbers with units, words as choices. */
const {
  schema,
  value,
  path,
  unreadable,
  wordFor,
  only = null,
} = defineProps<{
  schema: z.ZodObject
  value: object
  /** Names the thing among the unreadable fields. */
  path: string
  unreadable: Map<string, string>
  /** Word for an option of a field. */
  wordFor: (key: string, option: string) => string
  /** Fields to show; all where absent. */
  only?: readonly string[] | null
}>()
const emit = defineEmits<{ change: [changes: Record<string, unknown>] }>()

const fields = computed(() =>
  Object.keys(schema.shape).flatMap((key) => {
    const { inner, meta } = fieldOf(schema, key)
    if (!meta?.title || (only && !only.includes(key))) return []
    const options = inner instanceof z.ZodEnum ? inner.options.map(String) : null
    return [{ key, options: options?.map((option) => ({ value: option, label: wordFor(key, option) })) ?? null }]
  }),
)
</script>

<template>
  <ThingForm :schema="schema" :value="value" :path="path" :unreadable="unreadable" @change="emit('change', $event)">
    <div class="fields">
      <template v-for="field in fields" :key="field.key">
        <ChoiceField v-if="field.options" :path="field.key" :options="field.options" />
        <QuantityField v-else :path="field.key" />
      </template>
    </div>
  </ThingForm>
</template>

<style src="./fields.css"></style>
