<script setup lang="ts">
import { fieldSchema, RollingPosition, type FieldMeta } from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import { useBench, type FieldPath } from './use-bench.ts'

/** A few words; the label comes from the position's schema. */
const { path, placeholder = '' } = defineProps<{ path: FieldPath; placeholder?: string }>()
const bench = useBench()
const title = (fieldSchema(RollingPosition, path.split('.'))?.meta() as FieldMeta | undefined)?.title ?? path
const inputId = `field-${path.replace('.', '-')}`
/** The longest that the schema takes. */
const longest = 60
</script>

<template>
  <div class="field">
    <label class="label" :for="inputId">{{ title }}</label>
    <InputText
      :id="inputId"
      :model-value="String(bench.valueAt(path) ?? '')"
      :maxlength="longest"
      :placeholder="placeholder"
      autocomplete="off"
      spellcheck="false"
      :data-test="path"
      @update:model-value="bench.setAt(path, $event ?? '')"
    />
  </div>
</template>

<style scoped>
.field :deep(input) {
  width: 100%;
  font-size: 17px;
}
</style>
