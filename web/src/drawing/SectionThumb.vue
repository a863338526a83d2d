<script setup lang="ts">
import { computed } from 'vue'
import type { HalfSection } from './half-section.ts'
import type { Scale } from './outline.ts'
import SectionShapes from './SectionShapes.vue'

/** A small half-section, all at one height so that shapes can be compared; a dashed outline when nothing is known. */
const { section, small = false } = defineProps<{ section: HalfSection | null; small?: boolean }>()

const size = computed(() => (small ? { width: 72, height: 56, margin: 6 } : { width: 150, height: 110, margin: 15 }))

const scale = computed((): Scale | null => {
  if (!section) return null
  const ringMm = (section.odMm - section.boreMm) / 2
  const widthMm = Math.max(section.inner.to, section.outer.to) * 2
  const { width, height, margin } = size.value
  const pxPerMm = Math.min((height - 2 * margin) / ringMm, (width - 2 * margin) / widthMm)
  return { pxPerMm, x0: width / 2, y0: margin + (section.odMm / 2) * pxPerMm }
})
</script>

<template>
  <svg :width="size.width" :height="size.height" aria-hidden="true">
    <SectionShapes v-if="section && scale" :section="section" :scale="scale" :hatch-px="small ? 4 : 6" />
    <rect
      v-else
      class="unknown"
      :x="size.width / 2 - (size.height / 2 - size.margin)"
      :y="size.margin"
      :width="size.height - 2 * size.margin"
      :height="size.height - 2 * size.margin"
    />
  </svg>
</template>

<style scoped>
.unknown {
  fill: none;
  stroke: var(--ink-2);
  stroke-dasharray: 6 5;
}
</style>
