<script setup lang="ts">
import { InputError, inputErrorOf, unitSymbol, type FieldMeta } from '@yardfrost/core'
import { computed, onBeforeUnmount } from 'vue'
import { z } from 'zod'
import QuantityInput from '../figures/QuantityInput.vue'
import { useQuantityText } from '../figures/use-quantity-text.ts'
import { useSettings } from '../shell/settings.ts'
import { useShaft } from './use-shaft.ts'

/** A number of the shaft line with its unit; label, range and quantity come from its schema. */
const { path, schema, value, conflict } = defineProps<{
  path: string
  schema: z.ZodType
  value: number | null
  /** What a number would break beside other fields; null where nothing. */
  conflict: (parsed: number | null) => string | null
}>()
const emit = defineEmits<{ change: [value: number | null] }>()

const shaft = useShaft()
const settings = useSettings()
const meta = schema.meta() as FieldMeta | undefined
const title = meta?.title ?? path
const quantity = meta?.quantity ?? 'ratio'
const refusal = computed(() => shaft.unreadable.get(path) ?? null)
const whole = z.object({ [title]: schema })

const { text, begin, take, leave } = useQuantityText({
  title,
  quantity,
  value: () => value,
  check: (parsed, inUnit) => {
    const checked = whole.safeParse({ [title]: parsed }, { reportInput: true })
    if (!checked.success) throw inputErrorOf(whole, checked.error.issues, 'path', inUnit)
    const allowed = conflict(parsed)
    if (allowed === null) return
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: title,
      value: parsed,
      allowed,
      fix: 'Correct one of the two.',
    })
  },
  take: (parsed) => {
    if (parsed !== value) emit('change', parsed)
  },
  refusal: () => refusal.value,
  complain: (message) => (message === null ? shaft.unreadable.delete(path) : shaft.unreadable.set(path, message)),
})
// A field that goes away takes its complaint with it.
onBeforeUnmount(() => shaft.unreadable.delete(path))
const inputId = `line-${path.replace(/\W/g, '-')}`
</script>

<template>
  <QuantityInput
    :id="inputId"
    v-model="text"
    :title="title"
    :unit="meta?.unit === 'mm/s' ? 'mm/s' : unitSymbol(quantity, settings.units)"
    :refusal="refusal"
    :test="path"
    @begin="begin"
    @take="take(false)"
    @leave="leave"
  />
</template>
