<script setup lang="ts">
import { computed } from 'vue'
import { titleOf } from './use-entry.ts'

/** A field of a machine's entry: its name above, what is wrong with it below. */
const { field, refusal } = defineProps<{ field: string; refusal: string | null }>()
const fieldId = computed(() => `entry-${field.replace(/\./g, '-')}`)
</script>

<template>
  <div class="field">
    <label class="label" :for="fieldId">{{ titleOf(field) }}</label>
    <slot :field-id="fieldId" />
    <p v-if="refusal" class="error" role="alert" :data-test="`entry.${field}-error`">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}

.field :deep(input),
.field :deep(.p-select) {
  width: 100%;
  font-size: 17px;
}

.error {
  margin-top: 4px;
  color: var(--stop);
  font-size: 14px;
}
</style>
