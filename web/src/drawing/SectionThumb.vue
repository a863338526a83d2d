<script setup lang="ts">
import { computed } from 'vue'
import type { HalfSection } from './half-section.ts'
import type { Scale } from './outline.ts'
import SectionShapes from './SectionShapes.vue'

/** A small half-section, all at one height so that shapes can be compared; a dashed outline when nothing is known. */
const { section } = defineProps<{ section: HalfSection | null }>()

const size = { width: 150, height: 110 }

const scale = computed((): Scale | null => {
  if (!section) return null
  const ringMm = (section.odMm - section.boreMm) / 2
  const widthMm = Math.max(section.inner.to, section.outer.to) * 2
  const pxPerMm = Math.min((size.height - 30) / ringMm, (size.width - 30) / widthMm)
  return { pxPerMm, x0: size.width / 2, y0: 15 + (section.odMm / 2) * pxPerMm }
})
</script>

<template>
  <svg :width="size.width" :height="size.height" aria-hidden="true">
    <SectionShapes v-if="section && scale" :section="section" :scale="scale" :hatch-px="6" />
    <rect v-else class="unknown" x="35" y="15" width="80" height="80" />
  </svg>
</template>

<style scoped>
.unknown {
  fill: none;
  stroke: var(--ink-2);
  stroke-dasharray: 6 5;
}
</style>
