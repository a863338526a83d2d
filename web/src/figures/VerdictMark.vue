<script setup lang="ts">
import type { LensState } from '@yardfrost/core'

/** Ringed tick, open triangle, solid octagon; a dashed ring while inputs are missing. The word goes with it. */
const { state, word = false, size = 18 } = defineProps<{ state: LensState; word?: boolean; size?: number }>()

const words: Record<LensState, string> = {
  go: 'go',
  watch: 'watch',
  stop: 'stop',
  open: 'not complete',
  idle: 'not begun',
}
</script>

<template>
  <span class="verdict" :class="state">
    <svg :width="size" :height="size" viewBox="0 0 20 20" aria-hidden="true">
      <template v-if="state === 'go'">
        <circle cx="10" cy="10" r="8" class="line" />
        <path d="M6.2 10.2 l2.7 2.8 l5 -5.8" class="line" />
      </template>
      <path v-else-if="state === 'watch'" d="M10 2.4 L18.6 17.4 H1.4 Z" class="line" />
      <path v-else-if="state === 'stop'" d="M6.5 1.5 h7 l5 5 v7 l-5 5 h-7 l-5 -5 v-7 z" class="solid" />
      <circle v-else-if="state === 'open'" cx="10" cy="10" r="8" class="line dashed" />
    </svg>
    <span :class="{ 'visually-hidden': !word }">{{ words[state] }}</span>
  </span>
</template>

<style scoped>
/* What only a reader hears stays within the mark, or it would lengthen the page behind a list that scrolls. */
.verdict {
  position: relative;
  display: inline-flex;
  align-items: center;
  gap: 8px;
  font-weight: 700;
}

.line {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
}

.dashed {
  stroke-dasharray: 3 3;
  stroke-width: 1.6;
}

.solid {
  fill: currentColor;
}

.go {
  color: var(--go);
}

.watch {
  color: var(--watch);
}

.stop {
  color: var(--stop);
}

.open,
.idle {
  color: var(--ink-2);
  font-weight: 400;
}
</style>
