<script setup lang="ts">
import { computed } from 'vue'
import { ballPx, endFrame, halfRing, heights, type EndPlace } from './end-frame.ts'

/** The bearing of one end on its shaft, the same whatever keeps it. */
const { x, axis, outward, offset = 0 } = defineProps<EndPlace & { offset?: number }>()
const frame = computed(() => endFrame({ x, axis, outward }))
const ring = (low: number, high: number) => frame.value.box(offset - halfRing, offset + halfRing, low, high)
</script>

<template>
  <g>
    <rect v-bind="ring(heights.shaft, heights.inner)" />
    <rect v-bind="ring(heights.outerLow, heights.outer)" />
    <circle :cx="frame.at(offset)" :cy="axis - heights.ball" :r="ballPx" />
  </g>
</template>

<style scoped>
rect,
circle {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
}
</style>
