<script setup lang="ts">
import type { Shape } from './shape.ts'

/** Shapes on a square of 64: the part in ink, what is wrong with it, or what is done to it, in ember. */
const { shapes, size = 64 } = defineProps<{ shapes: readonly Shape[]; size?: number }>()
</script>

<template>
  <svg class="sign" viewBox="0 0 64 64" :width="size" :height="size" aria-hidden="true">
    <path v-for="(one, index) in shapes" :key="index" :class="one.look" :d="one.d" />
  </svg>
</template>

<style scoped>
.sign {
  flex: none;
}

path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.body {
  fill: var(--sheet);
  fill-rule: evenodd;
}

.fine {
  stroke: var(--ink-2);
  stroke-width: 1;
}

.axis {
  stroke: var(--ink-2);
  stroke-width: 0.9;
  stroke-dasharray: 7 2 2 2;
}

.mark {
  stroke: var(--ember);
  stroke-width: 2;
}

.fill {
  fill: var(--ember);
  stroke: none;
}

.shade {
  fill: color-mix(in srgb, var(--ember) 38%, transparent);
  stroke: var(--ember);
  stroke-width: 0.8;
}

.dark {
  fill: var(--ink);
  stroke: none;
}
</style>
