<script setup lang="ts">
import { inputErrorOf, unitSymbol, type FieldMeta } from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import { computed, onBeforeUnmount } from 'vue'
import { z } from 'zod'
import { useQuantityText } from '../figures/use-quantity-text.ts'
import { useSettings } from '../shell/settings.ts'
import { useShaft } from './use-shaft.ts'

/** A number of the shaft line with its unit; label, range and quantity come from its schema. */
const { path, schema, value } = defineProps<{ path: string; schema: z.ZodType; value: number | null }>()
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
  check: (parsed) => {
    const checked = whole.safeParse({ [title]: parsed }, { reportInput: true })
    if (!checked.success) throw inputErrorOf(whole, checked.error.issues, 'path')
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
  <div class="field">
    <label class="label" :for="inputId">{{ title }}</label>
    <div class="entry">
      <InputText
        :id="inputId"
        v-model="text"
        inputmode="decimal"
        autocomplete="off"
        :invalid="Boolean(refusal)"
        :aria-describedby="refusal ? `${inputId}-error` : undefined"
        :data-test="path"
        @focus="begin"
        @update:model-value="take(false)"
        @blur="leave"
        @keydown.enter="leave"
      />
      <span class="unit">{{ meta?.unit === 'mm/s' ? 'mm/s' : unitSymbol(quantity, settings.units) }}</span>
    </div>
    <p v-if="refusal" :id="`${inputId}-error`" class="error" role="alert">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}

.entry {
  position: relative;
}

.entry :deep(input) {
  width: 100%;
  padding-right: 44px;
  font-size: 17px;
}

.unit {
  position: absolute;
  right: 0;
  bottom: 6px;
  color: var(--ink-2);
  font-size: 14px;
  pointer-events: none;
}

.error {
  margin-top: 4px;
  color: var(--stop);
  font-size: 14px;
}
</style>
