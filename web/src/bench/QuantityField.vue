<script setup lang="ts">
import { fieldSchema, inputErrorOf, Position, unitSymbol, type FieldMeta } from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { useQuantityText } from '../figures/use-quantity-text.ts'
import { useSettings } from '../shell/settings.ts'
import { useBench, type FieldPath } from './use-bench.ts'

/** A number with its unit. Takes either system as typed; label, range and unit come from the position's schema. */
const { path, note = '' } = defineProps<{ path: FieldPath; note?: string }>()

const bench = useBench()
const settings = useSettings()
const schema = fieldSchema(Position, path.split('.'))
const meta = schema?.meta() as FieldMeta | undefined
const title = meta?.title ?? path
const quantity = meta?.quantity ?? 'ratio'

const refusal = computed(() => bench.unreadable.get(path) ?? null)
const { text, begin, take, leave } = useQuantityText({
  title,
  quantity,
  value: () => bench.valueAt(path) as number | null,
  check: (parsed) => {
    const checked = schema?.safeParse(parsed, { reportInput: true })
    if (checked?.success !== false) return
    const issues = checked.error.issues.map((issue) => ({ ...issue, path: path.split('.') }))
    throw inputErrorOf(Position, issues, 'path')
  },
  take: (parsed) => bench.setAt(path, parsed),
  refusal: () => refusal.value,
  complain: (message) => (message === null ? bench.unreadable.delete(path) : bench.unreadable.set(path, message)),
})

const inputId = `field-${path.replace('.', '-')}`
</script>

<template>
  <div class="field" :class="{ refused: refusal }">
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
      <span class="unit">{{ note || unitSymbol(quantity, settings.units) }}</span>
    </div>
    <p v-if="refusal" :id="`${inputId}-error`" class="error" role="alert" :data-test="`${path}-error`">{{ refusal }}</p>
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
  padding-right: 64px;
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
