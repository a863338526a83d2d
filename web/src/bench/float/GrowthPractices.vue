<script setup lang="ts">
import type { Growth } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'

/** Growth by every practice, side by side on one scale; the room to leave below them. */
const { growth } = defineProps<{ growth: Growth }>()
const format = useFormat()
const bars = computed(() => {
  const all = [
    { label: 'physics', mm: Math.abs(growth.growthMm), leave: false },
    { label: 'inches per foot', mm: growth.perFootMm, leave: false },
    { label: 'whole temperature', mm: growth.absoluteMm, leave: false },
    { label: 'room to leave', mm: growth.recommendedMm, leave: true },
  ]
  const longest = Math.max(...all.map(({ mm }) => mm), 0.001)
  return all.map((one) => ({ ...one, share: `${(one.mm / longest) * 100}%` }))
})
</script>

<template>
  <ul data-test="practices">
    <li v-for="one in bars" :key="one.label" :class="{ leave: one.leave }">
      <span class="label">{{ one.label }}</span>
      <span class="track"><span class="bar" :style="{ width: one.share }" /></span>
      <strong>{{ format.inline({ kind: 'number', number: one.mm }, 'length', { decimals: 2 }) }}</strong>
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
  grid-template-columns: 118px 1fr 84px;
  align-items: center;
  gap: 10px;
}

strong {
  text-align: right;
}

.bar {
  display: block;
  height: 10px;
  border: 1.4px solid var(--ember);
  background: var(--ember-soft);
}

.leave .bar {
  border-color: var(--frost);
  background: var(--frost-soft);
}
</style>
