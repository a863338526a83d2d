<script setup lang="ts">
import InputText from 'primevue/inputtext'
import FieldFrame from './FieldFrame.vue'
import { fieldOf, namesOf, useForm } from './form-port.ts'

/** A day, or none; the label comes from the schema of the form. */
const { path } = defineProps<{ path: string }>()
const form = useForm()
const title = fieldOf(form.schema, path).meta?.title ?? path
const { name, inputId } = namesOf(form, path)
</script>

<template>
  <FieldFrame :title="title" :input-id="inputId">
    <InputText
      :id="inputId"
      type="date"
      :model-value="String(form.valueAt(path) ?? '')"
      :data-test="name"
      @update:model-value="form.setAt(path, $event || null)"
    />
  </FieldFrame>
</template>
