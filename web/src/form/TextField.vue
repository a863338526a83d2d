<script setup lang="ts">
import { z } from 'zod'
import { fieldOf, namesOf, useForm } from './form-port.ts'
import TextInput from './TextInput.vue'

/** A few words; label and length come from the schema of the form. */
const { path, placeholder = '' } = defineProps<{ path: string; placeholder?: string }>()
const form = useForm()
const { inner, meta } = fieldOf(form.schema, path)
const title = meta?.title ?? path
const longest = inner instanceof z.ZodString ? (inner.maxLength ?? undefined) : undefined
const { name, inputId } = namesOf(form, path)
</script>

<template>
  <TextInput
    :id="inputId"
    :title="title"
    :test="name"
    :model-value="String(form.valueAt(path) ?? '')"
    :maxlength="longest"
    :placeholder="placeholder"
    spellcheck="false"
    @update:model-value="form.setAt(path, $event)"
  />
</template>
