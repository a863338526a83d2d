<script setup lang="ts" generic="T extends string | number | null">
import ChoiceInput from './ChoiceInput.vue'
import { fieldOf, namesOf, useForm } from './form-port.ts'
import SiteNote from './SiteNote.vue'

/** One of a few; the label comes from the schema of the form. */
const { path, options } = defineProps<{ path: string; options: { value: T; label: string }[] }>()

const form = useForm()
const title = fieldOf(form.schema, path).meta?.title ?? path
const { name, inputId } = namesOf(form, path)
</script>

<template>
  <ChoiceInput
    :id="inputId"
    :title="title"
    :test="name"
    :model-value="form.valueAt(path) as T"
    :options="options"
    @update:model-value="form.setAt(path, $event)"
  >
    <SiteNote :path="path" :options="options" />
  </ChoiceInput>
</template>
