<script setup lang="ts">
import type { Figure, FigureValue } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from './use-format.ts'

/** A thing by every practice there is, side by side on one scale; the one the verdict goes by is filled. */
const { figure, choosable = false } = defineProps<{
  figure: Figure
  /** The reader may say which of them the site goes by. */
  choosable?: boolean
}>()
defineEmits<{ choose: [key: string] }>()
const format = useFormat()

const amount = (value: NonNullable<Figure['practices']>[number]['value']) =>
  value?.kind === 'number' ? value.number : 0
/** Beyond what the figure tells apart, it says more than. */
const told = (value: FigureValue) =>
  figure.most !== undefined && amount(value) > figure.most
    ? `> ${format.inline({ kind: 'number', number: figure.most }, figure.quantity)}`
    : format.inline(value, figure.quantity, figure.precision)
const rows = computed(() => {
  const all = figure.practices ?? []
  const longest = Math.max(...all.map(({ value }) => amount(value)), Number.MIN_VALUE)
  return all.map((one) => ({ ...one, share: `${(100 * amount(one.value)) / longest}%` }))
})
</script>

<template>
  <ul v-if="rows.length > 1" data-test="practices">
    <li v-for="one in rows" :key="one.key" :class="{ leads: one.leads }" :data-practice="one.key">
      <span class="label">{{ one.name }}</span>
      <span class="track"><span v-if="one.value" class="bar" :style="{ width: one.share }" /></span>
      <strong>{{ one.value ? told(one.value) : 'does not apply' }}</strong>
      <button
        v-if="choosable && !one.leads && one.value"
        type="button"
        class="link"
        :aria-label="`Go by ${one.name} on this site`"
        @click="$emit('choose', one.key)"
      >
        go by this
      </button>
      <span v-else-if="choosable" class="quiet">{{ one.leads ? 'leads' : '' }}</span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 4px;
  margin: 0 0 6px;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(118px, auto) 1fr minmax(84px, auto) auto;
  align-items: center;
  gap: 10px;
}

strong {
  text-align: right;
}

.bar {
  display: block;
  height: 10px;
  border: 1.4px solid var(--ink-2);
  background: none;
}

.leads .bar {
  border-color: var(--frost);
  background: var(--frost-soft);
}
</style>
