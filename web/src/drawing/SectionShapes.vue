<script setup lang="ts">
import { computed, useId } from 'vue'
import type { HalfSection } from './half-section.ts'
import HatchPattern from './kit/HatchPattern.vue'
import { pathData, type Scale } from './outline.ts'

/** A bearing in half-section at a scale and no more: rings hatched apart, elements and closures. It stands in an SVG. */
const {
  section,
  scale,
  hatchPx = 7,
} = defineProps<{ section: Pick<HalfSection, 'shapes'>; scale: Scale; hatchPx?: number }>()

const id = useId()
const drawn = computed(() => section.shapes.map(({ part, outline }) => ({ part, d: pathData(outline, scale) })))
const hatch = { 'inner-ring': 'a', 'outer-ring': 'b' } as Record<string, string>
const fill = (part: string) => (hatch[part] ? `url(#${id}-${hatch[part]})` : undefined)
</script>

<template>
  <g>
    <defs>
      <HatchPattern :id="`${id}-a`" :size="hatchPx" />
      <HatchPattern :id="`${id}-b`" :size="hatchPx" leans="left" />
    </defs>
    <path v-for="({ part, d }, index) in drawn" :key="index" :d="d" :class="part" :fill="fill(part)" />
  </g>
</template>

<style scoped>
path {
  stroke: var(--ink);
  stroke-width: 1.6;
}

.element {
  fill: var(--sheet);
}

.cage {
  fill: none;
  stroke-width: 1;
}

.closure {
  fill: var(--ink);
}
</style>
