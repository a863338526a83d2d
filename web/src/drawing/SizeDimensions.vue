<script setup lang="ts">
import { computed } from 'vue'
import type { HalfSection } from './half-section.ts'
import { toX, toY } from './outline.ts'
import type { Sheet } from './sheet.ts'

/** Bore, outside diameter and width over all, as a drawing dimensions them. */
const { section, sheet } = defineProps<{
  section: HalfSection
  sheet: Sheet
  words: { width: string; bore: string; outside: string }
  /** Name of the arrow head. */
  head: string
}>()
const x = (mm: number) => toX(sheet.scale, mm)
const y = (mm: number) => toY(sheet.scale, mm)
const from = computed(() => Math.min(section.inner.from, section.outer.from))
const to = computed(() => Math.max(section.inner.to, section.outer.to))
</script>

<template>
  <g class="dimension">
    <path class="extension" :d="`M${sheet.housingFrom} ${y(section.odMm / 2)} H46`" />
    <path class="extension" :d="`M${x(section.inner.from)} ${y(section.boreMm / 2)} H86`" />
    <line x1="52" x2="52" :y1="y(0)" :y2="y(section.odMm / 2)" :marker-end="`url(#${head})`" />
    <line x1="92" x2="92" :y1="y(0)" :y2="y(section.boreMm / 2)" :marker-end="`url(#${head})`" />
    <text
      :transform="`translate(46 ${y((section.odMm / 2 + section.innerShoulderY) / 2)}) rotate(-90)`"
      text-anchor="middle"
    >
      ⌀{{ words.outside }}
    </text>
    <text :transform="`translate(86 ${y(section.boreMm / 4)}) rotate(-90)`" text-anchor="middle">
      ⌀{{ words.bore }}
    </text>
    <path class="extension" :d="`M${x(from)} ${sheet.housingTop - 6} v-28 M${x(to)} ${sheet.housingTop - 6} v-28`" />
    <line
      :x1="x(from)"
      :x2="x(to)"
      :y1="sheet.housingTop - 26"
      :y2="sheet.housingTop - 26"
      :marker-start="`url(#${head})`"
      :marker-end="`url(#${head})`"
    />
    <text :x="x((from + to) / 2)" :y="sheet.housingTop - 33" text-anchor="middle">
      {{ words.width }}
    </text>
  </g>
</template>

<style scoped src="./kit/lines.css"></style>
<style scoped>
.dimension .extension {
  stroke: var(--hair);
}

.dimension text {
  font-size: 17px;
  letter-spacing: 0.03em;
}
</style>
