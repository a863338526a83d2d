<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { z } from 'zod'
import FieldFrame from './FieldFrame.vue'
import { fieldOf, namesOf, useForm } from './form-port.ts'

/** A few words; label and length come from the schema of the form. */
const { path, placeholder = '' } = defineProps<{ path: string; placeholder?: string }>()
const form = useForm()
const { inner, meta } = fieldOf(form.schema, path)
const title = meta?.title ?? path
const longest = inner instanceof z.ZodString ? (inner.maxLength ?? undefined) : undefined
const { name, inputId } = namesOf(form, path)
</script>

<template>
  <FieldFrame :title="title" :input-id="inputId">
    <InputText
      :id="inputId"
      :model-value="String(form.valueAt(path) ?? '')"
      :maxlength="longest"
      :placeholder="placeholder"
      autocomplete="off"
      spellcheck="false"
      :data-test="name"
      @update:model-value="form.setAt(path, $event ?? '')"
    />
  </FieldFrame>
</template>
