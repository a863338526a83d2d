<script setup lang="ts">
/** A field: its name above, what is wrong with it below. */
defineProps<{ title: string; inputId: string; refusal?: string | null; test?: string }>()
</script>

<template>
  <div class="field">
    <label class="label" :for="inputId">{{ title }}</label>
    <slot />
    <p v-if="refusal" class="error" role="alert" :data-test="test && `${test}-error`">{{ refusal }}</p>
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
</style>
