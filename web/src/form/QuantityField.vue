<script setup lang="ts">
import { InputError, inputErrorOf, unitSymbol } from '@yardfrost/core'
import { computed, onBeforeUnmount } from 'vue'
import { z } from 'zod'
import { useSettings } from '../shell/settings.ts'
import { fieldOf, namesOf, useForm } from './form-port.ts'
import QuantityInput from './QuantityInput.vue'
import SiteNote from './SiteNote.vue'
import { useQuantityText } from './use-quantity-text.ts'

/** A number with its unit. Takes either system as typed; label, range and unit come from the schema of the form. */
const { path, note = '' } = defineProps<{ path: string; note?: string }>()

const form = useForm()
const settings = useSettings()
const { schema, meta } = fieldOf(form.schema, path)
const title = meta?.title ?? path
const quantity = meta?.quantity ?? 'ratio'
const { name, inputId } = namesOf(form, path)
const whole = z.object({ [title]: (schema ?? z.number().nullable()).meta({ ...meta }) })

const refusal = computed(() => form.unreadable.get(name) ?? null)
const value = () => (form.valueAt(path) as number | null | undefined) ?? null
const { text, begin, take, leave } = useQuantityText({
  title,
  quantity,
  value,
  check: (parsed, inUnit) => {
    const checked = whole.safeParse({ [title]: parsed }, { reportInput: true })
    if (!checked.success) throw inputErrorOf(whole, checked.error.issues, 'path', inUnit)
    const allowed = form.conflict?.(path, parsed) ?? null
    if (allowed === null) return
    throw new InputError({ code: 'FIELDS_DISAGREE', field: title, value: parsed, allowed, fix: 'Correct one of the two.' }) // prettier-ignore
  },
  take: (parsed) => {
    if (parsed !== value()) form.setAt(path, parsed)
  },
  refusal: () => refusal.value,
  complain: (message) => (message === null ? form.unreadable.delete(name) : form.unreadable.set(name, message)),
})
// A field of a thing that goes away takes its complaint with it; a page that is turned does not.
onBeforeUnmount(() => {
  if (form.prefix !== undefined) form.unreadable.delete(name)
})
</script>

<template>
  <div class="with-site">
    <QuantityInput
      :id="inputId"
      v-model="text"
      :title="title"
      :unit="note || (quantity === 'ratio' ? (meta?.unit ?? '') : unitSymbol(quantity, settings.units))"
      :refusal="refusal"
      :test="name"
      @begin="begin"
      @take="take(false)"
      @leave="leave"
    />
    <SiteNote :path="path" :quantity="quantity" />
  </div>
</template>

<style scoped>
.with-site {
  min-width: 0;
}
</style>
