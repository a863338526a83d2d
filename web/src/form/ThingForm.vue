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
  // What another field still lacks is no fault of this one.
  conflict: (key, parsed) => {
    const before = clashesOf(value)
    return clashesOf({ ...value, [key]: parsed }).find((clash) => !before.includes(clash)) ?? null
  },
})
const clashesOf = (thing: object) =>
  schema.safeParse(thing).error?.issues.flatMap(({ code, message }) => (code === 'custom' ? [message] : [])) ?? []
</script>

<template>
  <slot />
</template>
