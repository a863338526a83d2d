<script setup lang="ts">
import type { z } from 'zod'
import { provideForm } from './form-port.ts'

/** Lays a form over one thing of several on a page: the fields in it enter into that thing. */
const { schema, value, path, unreadable } = defineProps<{
  schema: z.ZodType
  value: object
  /** Names the thing among the unreadable fields. */
  path: string
  unreadable: Map<string, string>
}>()
const emit = defineEmits<{ change: [changes: Record<string, unknown>] }>()
provideForm({
  schema,
  prefix: path,
  unreadable,
  valueAt: (key) => (value as Record<string, unknown>)[key],
  setAt: (key, next) => emit('change', { [key]: next }),
  conflict: (key, parsed) => {
    const judged = schema.safeParse({ ...value, [key]: parsed })
    return judged.success ? null : (judged.error.issues.find(({ code }) => code === 'custom')?.message ?? null)
  },
})
</script>

<template>
  <slot />
</template>
