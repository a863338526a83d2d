<script setup lang="ts" generic="T extends string | number | null">
import Select from 'primevue/select'
import FieldFrame from './FieldFrame.vue'
import { fieldOf, namesOf, useForm } from './form-port.ts'
import SiteNote from './SiteNote.vue'

/** One of a few; the label comes from the schema of the form. */
const { path, options } = defineProps<{ path: string; options: { value: T; label: string }[] }>()

const form = useForm()
const title = fieldOf(form.schema, path).meta?.title ?? path
const { name, inputId } = namesOf(form, path)
</script>

<template>
  <FieldFrame :title="title" :input-id="inputId">
    <Select
      :label-id="inputId"
      :model-value="form.valueAt(path)"
      :options="options"
      option-label="label"
      option-value="value"
      placeholder="not stated"
      :data-test="name"
      :aria-label="title"
      @update:model-value="form.setAt(path, $event)"
    />
    <SiteNote :path="path" :options="options" />
  </FieldFrame>
</template>
