<script setup lang="ts">
/** Hatching of a cut surface: lines at 45°, leaning one way or the other; castings are hatched wider. */
const {
  size = 7,
  leans = 'right',
  wide = false,
} = defineProps<{
  id: string
  /** Distance of the lines, px. */
  size?: number
  leans?: 'left' | 'right'
  wide?: boolean
}>()
</script>

<template>
  <pattern
    :id="id"
    :width="size"
    :height="size"
    patternUnits="userSpaceOnUse"
    :patternTransform="`rotate(${leans === 'right' ? 45 : -45})`"
  >
    <line :class="{ wide }" :y2="size" />
  </pattern>
</template>

<style scoped>
line {
  stroke: var(--ink-2);
  stroke-width: 0.9;
}

.wide {
  stroke: color-mix(in srgb, var(--ink-2) 60%, transparent);
  stroke-width: 1;
}
</style>
