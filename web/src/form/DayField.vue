<script setup lang="ts">
import { fieldOf, namesOf, useForm } from './form-port.ts'
import TextInput from './TextInput.vue'

/** A day, or none; the label comes from the schema of the form. */
const { path } = defineProps<{ path: string }>()
const form = useForm()
const title = fieldOf(form.schema, path).meta?.title ?? path
const { name, inputId } = namesOf(form, path)
</script>

<template>
  <TextInput
    :id="inputId"
    :title="title"
    :test="name"
    type="date"
    :model-value="String(form.valueAt(path) ?? '')"
    @update:model-value="form.setAt(path, $event || null)"
  />
</template>
