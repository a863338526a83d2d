<script setup lang="ts" generic="T extends string | number | null">
import { fieldSchema, RollingPosition, type FieldMeta } from '@yardfrost/core'
import Select from 'primevue/select'
import { useBench, type FieldPath } from './use-bench.ts'

const { path, options } = defineProps<{ path: FieldPath; options: { value: T; label: string }[] }>()

const bench = useBench()
const title = (fieldSchema(RollingPosition, path.split('.'))?.meta() as FieldMeta | undefined)?.title ?? path
const inputId = `field-${path.replace('.', '-')}`
</script>

<template>
  <div class="field">
    <label class="label" :for="inputId">{{ title }}</label>
    <Select
      :label-id="inputId"
      :model-value="bench.valueAt(path)"
      :options="options"
      option-label="label"
      option-value="value"
      placeholder="not stated"
      :data-test="path"
      :aria-label="title"
      @update:model-value="bench.setAt(path, $event)"
    />
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}

.field :deep(.p-select) {
  width: 100%;
  font-size: 17px;
}
</style>
