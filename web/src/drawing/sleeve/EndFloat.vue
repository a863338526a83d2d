<script setup lang="ts">
import type { EndRoom } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'

/** The end float on one line, to scale: both stops, where the shaft runs, and what it may move by. */
const { ends } = defineProps<{ ends: EndRoom }>()
const format = useFormat()
const [left, right, y] = [70, 350, 58]
const at = computed(() => {
  const scale = (right - left) / Math.max(ends.floatMm, 1e-6)
  const runs = left + (ends.centreMm ?? ends.floatMm / 2) * scale
  return { runs: Math.min(right, Math.max(left, runs)), needs: ends.needsMm * scale }
})
const short = computed(() => ends.needsMm > ends.marginMm)
const mm = (value: number) => format.inline({ kind: 'number', number: value }, 'length', { decimals: 2 })
</script>

<template>
  <svg viewBox="0 0 420 118" role="img" aria-label="End float" data-test="end-float">
    <rect class="stop" :x="left - 14" :y="y - 26" width="14" height="52" />
    <rect class="stop" :x="right" :y="y - 26" width="14" height="52" />
    <rect
      class="moves"
      :class="{ short }"
      :x="at.runs - at.needs"
      :y="y - 12"
      :width="Math.max(2, 2 * at.needs)"
      height="24"
    />
    <path class="runs" :d="`M${at.runs} ${y - 22}V${y + 22}`" />
    <text :x="at.runs" :y="y - 30" text-anchor="middle">
      {{ ends.centreMm === null ? 'middle' : 'magnetic centre' }}
    </text>
    <text :x="left - 18" :y="y - 30" text-anchor="end">coupling</text>
    <path class="dim" :d="`M${left} ${y + 34}H${right}M${left} ${y + 29}v10M${right} ${y + 29}v10`" />
    <text :x="(left + right) / 2" :y="y + 53" text-anchor="middle">{{ mm(ends.floatMm) }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 130px;
}

.stop {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
}

.moves {
  fill: var(--frost-soft);
  stroke: var(--frost);
  stroke-width: 1.6;
}

.moves.short {
  fill: var(--ember-soft);
  stroke: var(--ember);
}

.runs {
  stroke: var(--ink);
  stroke-width: 2.4;
}

.dim {
  fill: none;
  stroke: var(--ink-2);
}

text {
  fill: var(--ink);
  font: 15px var(--label);
}
</style>
