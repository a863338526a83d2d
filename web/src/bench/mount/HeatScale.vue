<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { computed, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'

/** Shaft, ring and limit on one temperature scale. */
const { roomC, ringC, limitC } = defineProps<{ roomC: number; ringC: number; limitC: number }>()

const format = useFormat()
const box = useTemplateRef('box')
const { width } = useElementSize(box)
const degrees = (celsius: number) => format.digits(celsius, 'temperature')
const x = computed(() =>
  scaleLinear()
    .domain([Math.min(roomC, 0) - 5, Math.max(ringC, limitC) + 15])
    .range([6, Math.max(width.value - 6, 60)]),
)
</script>

<template>
  <div ref="box" class="box">
    <svg
      v-if="width > 0"
      :width="width"
      height="62"
      role="img"
      :aria-label="`From ${degrees(roomC)} to ${degrees(ringC)}, limit ${degrees(limitC)}`"
    >
      <line class="base" :x1="x.range()[0]" :x2="x.range()[1]" y1="32" y2="32" />
      <rect class="over" :x="x(limitC)" y="26" :width="Math.max((x.range()[1] ?? 0) - x(limitC), 0)" height="12" />
      <line v-if="ringC > roomC" class="rise" :x1="x(roomC)" :x2="x(ringC)" y1="32" y2="32" />
      <line class="limit" :x1="x(limitC)" :x2="x(limitC)" y1="20" y2="44" />
      <text :x="x(roomC)" y="58" text-anchor="middle">shaft {{ degrees(roomC) }}</text>
      <text class="ring" :x="x(ringC)" y="15" text-anchor="middle">{{ degrees(ringC) }}</text>
      <circle class="shaft-dot" :cx="x(roomC)" cy="32" r="5" />
      <circle class="ring-dot" :cx="x(ringC)" cy="32" r="7" />
      <text :x="x(limitC)" y="58" text-anchor="middle">limit {{ degrees(limitC) }}</text>
    </svg>
  </div>
</template>

<style scoped>
.box {
  min-height: 62px;
}

text {
  fill: var(--ink-2);
  font: 15px var(--label);
}

text.ring {
  fill: var(--ember-text);
  font-weight: 700;
}

.base {
  stroke: var(--hair);
  stroke-width: 3;
}

.rise {
  stroke: var(--ember);
  stroke-width: 5;
}

.over {
  fill: color-mix(in srgb, var(--stop) 26%, transparent);
}

.limit {
  stroke: var(--stop);
  stroke-width: 2.5;
}

.shaft-dot {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}

.ring-dot {
  fill: var(--ember);
}
</style>
