<script setup lang="ts">
import type { ForceOutcome } from '@yardfrost/core'
import { computed, useId } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import type { HalfSection } from './half-section.ts'
import ArrowHead from './kit/ArrowHead.vue'
import HatchPattern from './kit/HatchPattern.vue'
import SectionShapes from './SectionShapes.vue'

/** The ring pressed on, to scale: the tube on the inner ring alone, its diameters, the force, what stands under the shaft. */
const { section, force } = defineProps<{ section: HalfSection; force: ForceOutcome }>()
const format = useFormat()
const id = useId()
const sheet = { width: 780, height: 470 }
const axis = 424
const middle = 300
/** Ends of the shaft, of its support and of the tube, px. */
const ends = { support: 40, shaft: 76, tube: 640 }

const drawn = computed(() => {
  const widthMm = Math.max(section.inner.to, section.outer.to) * 2
  const pxPerMm = Math.min(340 / (section.odMm / 2), 190 / widthMm)
  const over = (diameterMm: number) => axis - (diameterMm / 2) * pxPerMm
  return {
    over,
    face: middle + section.inner.to * pxPerMm,
    back: middle - section.inner.to * pxPerMm,
    scale: { pxPerMm, x0: middle, y0: axis },
  }
})
const mm = (value: number) => format.inline({ kind: 'number', number: value }, 'length', { decimals: 1 })
const newtons = computed(() =>
  force.pressN
    ? format.inline({ kind: 'range', from: force.pressN.low, to: force.pressN.high }, 'force', { figures: 2 })
    : '',
)
/** Middle of the wall of the tube, over the axis, px. */
const wall = computed(() => (drawn.value.over(force.sleeve.insideMm) + drawn.value.over(force.sleeve.outsideMm)) / 2)
</script>

<template>
  <svg
    :viewBox="`0 0 ${sheet.width} ${sheet.height}`"
    role="img"
    aria-label="The ring pressed on"
    data-test="press-sheet"
  >
    <defs>
      <HatchPattern :id="`${id}-b`" :size="7" leans="left" />
      <HatchPattern :id="`${id}-c`" :size="10" wide />
      <ArrowHead :id="`${id}-push`" tone="ember" />
    </defs>
    <rect
      class="block"
      :x="ends.support"
      :y="drawn.over(section.boreMm) - 24"
      width="36"
      :height="axis - drawn.over(section.boreMm) + 24"
    />
    <rect
      :x="ends.support"
      :y="drawn.over(section.boreMm) - 24"
      width="36"
      :height="axis - drawn.over(section.boreMm) + 24"
      :style="{ fill: `url(#${id}-c)` }"
    />
    <path
      class="shaft"
      :d="`M${ends.shaft} ${axis} V${drawn.over(section.boreMm * 1.12)} H${drawn.back} V${drawn.over(section.boreMm)} H${drawn.face + 60} V${axis}`"
    />
    <SectionShapes :section="section" :scale="drawn.scale" />
    <rect
      class="tube"
      :x="drawn.face"
      :y="drawn.over(force.sleeve.outsideMm)"
      :width="ends.tube - drawn.face"
      :height="drawn.over(force.sleeve.insideMm) - drawn.over(force.sleeve.outsideMm)"
      :style="{ fill: `url(#${id}-b)` }"
    />
    <path class="push" :d="`M${sheet.width - 24} ${wall} H${ends.tube + 6}`" :marker-end="`url(#${id}-push)`" />
    <text class="force" :x="sheet.width - 12" :y="wall - 44" text-anchor="end">{{ newtons }}</text>
    <text class="note" :x="sheet.width - 12" :y="wall - 22" text-anchor="end">oiled … dry</text>
    <g class="leader">
      <circle :cx="ends.tube - 110" :cy="wall" r="3" />
      <path :d="`M${ends.tube - 110} ${wall} V${drawn.over(section.odMm) + 66}`" />
      <text :x="ends.tube - 110" :y="drawn.over(section.odMm) + 30" text-anchor="middle">
        tube {{ mm(force.sleeve.insideMm) }} inside
      </text>
      <text :x="ends.tube - 110" :y="drawn.over(section.odMm) + 56" text-anchor="middle">
        at most {{ mm(force.sleeve.outsideMm) }} outside
      </text>
    </g>
    <text class="note" x="12" :y="drawn.over(section.boreMm) - 34">support in line</text>
    <path class="axis" :d="`M10 ${axis} H${sheet.width - 10}`" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: 100%;
}

.shaft,
rect {
  stroke: var(--ink);
  stroke-width: 1.8;
}

.block,
.shaft {
  fill: var(--sheet);
}

.tube {
  stroke: var(--ember);
  stroke-width: 2.2;
}

.push {
  fill: none;
  stroke: var(--ember);
  stroke-width: 4;
}

.axis {
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 22 5 5 5;
}

.leader path {
  fill: none;
  stroke: var(--ember);
  stroke-width: 1.2;
}

.leader circle {
  fill: var(--ember);
}

.leader text {
  fill: var(--ink);
  font: 700 19px var(--text);
}

.force {
  fill: var(--ember-text);
  font: 700 24px var(--text);
}

.note {
  fill: var(--ink-2);
  font: 16px var(--label);
}
</style>
