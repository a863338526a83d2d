<script setup lang="ts">
import type { Figure } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from './use-format.ts'

/** One figure: label, digits, unit, and the way to its working. `answer` makes it the loudest thing on the screen. */
const { figure, name, answer = false } = defineProps<{ figure: Figure; name: string; answer?: boolean }>()
const emit = defineEmits<{ working: [name: string] }>()

const format = useFormat()
const shown = computed(() => format.figure(figure))
const absent = computed(() =>
  figure.missing?.length
    ? `needs ${figure.missing.map(({ label }) => label).join(', ')}`
    : figure.refusal
      ? 'none, and the reason is below'
      : 'not asked for yet',
)
</script>

<template>
  <div class="figure" :class="{ answer }" :data-figure="name">
    <span class="label">{{ figure.label }}<template v-if="figure.estimate">, estimate</template></span>
    <span class="value">
      <template v-if="shown">
        <span class="digits" data-test="digits">{{ shown.digits }}</span>
        <span v-if="shown.unit" class="unit">{{ shown.unit }}</span>
      </template>
      <span v-else class="absent" data-test="absent">{{ absent }}</span>
    </span>
    <button class="how" type="button" :aria-label="`Working of ${figure.label}`" @click="emit('working', name)">
      working
    </button>
  </div>
</template>

<style scoped>
.figure {
  display: grid;
  grid-template-columns: 150px 1fr auto;
  align-items: baseline;
  gap: 4px 12px;
  padding: 5px 0;
}

.digits {
  font-size: 19px;
  font-weight: 600;
}

.unit {
  margin-left: 5px;
  font-size: 14px;
  color: var(--ink-2);
}

.answer {
  grid-template-columns: 1fr auto;
  padding: 8px 0;
}

.answer .label {
  grid-column: 1 / -1;
}

.answer .digits {
  font-size: 44px;
  font-weight: 700;
  line-height: 1.1;
}

.answer .unit {
  font-size: 20px;
}

.absent {
  color: var(--ink-2);
}

.answer .absent {
  font-size: 19px;
}

.how {
  padding: 3px 8px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  font: 14px var(--label);
  cursor: pointer;
}

.how:hover {
  border-color: var(--ink-2);
}
</style>
