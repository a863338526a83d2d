<script setup lang="ts">
/** Head of an arrow or a dimension, for `marker-end`; `both` turns it round where it stands at a start. */
const {
  length = 16,
  breadth = 12,
  both = false,
} = defineProps<{
  id: string
  tone: 'ink' | 'ink-2' | 'ember' | 'frost' | 'stop'
  /** Along the line and across it, px. */
  length?: number
  breadth?: number
  both?: boolean
}>()
</script>

<template>
  <marker
    :id="id"
    :viewBox="`0 0 ${length} ${breadth}`"
    :refX="length"
    :refY="breadth / 2"
    :markerWidth="length"
    :markerHeight="breadth"
    markerUnits="userSpaceOnUse"
    :orient="both ? 'auto-start-reverse' : 'auto'"
  >
    <path :d="`M0 0 L${length} ${breadth / 2} L0 ${breadth} Z`" :style="{ fill: `var(--${tone})` }" />
  </marker>
</template>
