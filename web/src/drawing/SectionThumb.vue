<script setup lang="ts">
import { computed, useId } from 'vue'
import HatchPattern from './kit/HatchPattern.vue'
import type { HalfSection } from './half-section.ts'
import { pathData, type Scale } from './outline.ts'

/** A small half-section, all at one height so that shapes can be compared; a dashed outline when nothing is known. */
const { section } = defineProps<{ section: HalfSection | null }>()

const id = useId()
const size = { width: 150, height: 110 }

const drawn = computed(() => {
  if (!section) return null
  const ringMm = (section.odMm - section.boreMm) / 2
  const widthMm = Math.max(section.inner.to, section.outer.to) * 2
  const pxPerMm = Math.min((size.height - 30) / ringMm, (size.width - 30) / widthMm)
  const scale: Scale = { pxPerMm, x0: size.width / 2, y0: 15 + (section.odMm / 2) * pxPerMm }
  return section.shapes.map(({ part, outline }) => ({ part, d: pathData(outline, scale) }))
})
</script>

<template>
  <svg :width="size.width" :height="size.height" aria-hidden="true">
    <defs>
      <HatchPattern :id="`${id}-a`" :size="6" />
      <HatchPattern :id="`${id}-b`" :size="6" leans="left" />
    </defs>
    <template v-if="drawn">
      <path
        v-for="({ part, d }, index) in drawn"
        :key="index"
        :d="d"
        :class="part"
        :fill="part === 'inner-ring' ? `url(#${id}-a)` : part === 'outer-ring' ? `url(#${id}-b)` : undefined"
      />
    </template>
    <rect v-else class="unknown" x="35" y="15" width="80" height="80" />
  </svg>
</template>

<style scoped>
line {
  stroke: var(--ink-2);
  stroke-width: 0.9;
}

path {
  stroke: var(--ink);
  stroke-width: 1.4;
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

.unknown {
  fill: none;
  stroke: var(--ink-2);
  stroke-dasharray: 6 5;
}
</style>
