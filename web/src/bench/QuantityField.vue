<script setup lang="ts">
import { fieldSchema, inputErrorOf, RollingPosition, unitSymbol, type FieldMeta } from '@yardfrost/core'
import { computed } from 'vue'
import QuantityInput from '../figures/QuantityInput.vue'
import { useQuantityText } from '../figures/use-quantity-text.ts'
import { useSettings } from '../shell/settings.ts'
import { useBench, type FieldPath } from './use-bench.ts'

/** A number with its unit. Takes either system as typed; label, range and unit come from the position's schema. */
const { path, note = '' } = defineProps<{ path: FieldPath; note?: string }>()

const bench = useBench()
const settings = useSettings()
const schema = fieldSchema(RollingPosition, path.split('.'))
const meta = schema?.meta() as FieldMeta | undefined
const title = meta?.title ?? path
const quantity = meta?.quantity ?? 'ratio'

const refusal = computed(() => bench.unreadable.get(path) ?? null)
const { text, begin, take, leave } = useQuantityText({
  title,
  quantity,
  value: () => bench.valueAt(path) as number | null,
  check: (parsed, inUnit) => {
    const checked = schema?.safeParse(parsed, { reportInput: true })
    if (checked?.success !== false) return
    const issues = checked.error.issues.map((issue) => ({ ...issue, path: path.split('.') }))
    throw inputErrorOf(RollingPosition, issues, 'path', inUnit)
  },
  take: (parsed) => bench.setAt(path, parsed),
  refusal: () => refusal.value,
  complain: (message) => (message === null ? bench.unreadable.delete(path) : bench.unreadable.set(path, message)),
})

const inputId = `field-${path.replace('.', '-')}`
</script>

<template>
  <QuantityInput
    :id="inputId"
    v-model="text"
    :title="title"
    :unit="note || unitSymbol(quantity, settings.units)"
    :refusal="refusal"
    :test="path"
    @begin="begin"
    @take="take(false)"
    @leave="leave"
  />
</template>
