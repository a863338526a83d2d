<script setup lang="ts">
import type { WayToLook } from '@yardfrost/core'
import { computed } from 'vue'

/** How to look for a sign, as a small drawing: what is held to what. */
const { way, size = 44 } = defineProps<{ way: WayToLook; size?: number }>()

/** In ink what is looked at, in frost what it is looked at with. */
const drawings: Record<WayToLook, [ink: string, frost: string]> = {
  lamp: ['M4 44H60V54H4Z', 'M8 10l12 6l-6 10l-12 -6ZM22 20L52 40M18 26L40 42M25 15L60 34'],
  magnifier: ['M4 44H60V54H4Z', 'M12 22a14 14 0 1 0 28 0a14 14 0 1 0 -28 0ZM37 32L54 44'],
  finger: ['M4 46H60V54H4Z', 'M26 44V16a5 5 0 0 1 10 0V30h12a6 6 0 0 1 6 6v8M26 30l-8 6v8'],
  hand: ['M18 32a14 14 0 1 0 28 0a14 14 0 1 0 -28 0ZM26 32a6 6 0 1 0 12 0a6 6 0 1 0 -12 0Z', 'M8 32A24 24 0 0 1 32 8m-5 -4l5 4l-5 5M56 32A24 24 0 0 1 32 56m5 4l-5 -4l5 -5'],
  file: ['M4 40H34V54H4Z', 'M30 40L54 8l6 5L36 45ZM40 28l6 4M44 23l6 4M48 18l6 4'],
  foil: ['M10 30H54M10 30l-4 -4M54 30l4 -4', 'M32 38q8 8 5 14q-2 6 -5 6q-3 0 -5 -6q-3 -6 5 -14ZM32 26q3 -5 0 -10q-3 5 0 10'],
  dial: ['M4 26H30V44H4Z', 'M38 35a11 11 0 1 0 22 0a11 11 0 1 0 -22 0ZM49 35l5 -6M38 35H30M49 46V58H40'],
  ask: ['M8 54q0 -14 12 -14t12 14M12 28a8 8 0 1 0 16 0a8 8 0 1 0 -16 0Z', 'M34 6H60V26H48l-6 8v-8h-8ZM43 14a4 4 0 1 1 5 4v2M48 22.5v.5'],
  instrument: ['M8 50V14M8 50H58', 'M16 50V36M24 50V18M32 50V30M40 50V40M48 50V34'],
} // prettier-ignore
const drawing = computed(() => drawings[way])
</script>

<template>
  <svg viewBox="0 0 64 64" :width="size" :height="size" aria-hidden="true">
    <path class="ink" :d="drawing[0]" />
    <path class="frost" :d="drawing[1]" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}

path {
  fill: none;
  stroke-width: 2;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.ink {
  stroke: var(--ink);
}

.frost {
  stroke: var(--frost);
}
</style>
