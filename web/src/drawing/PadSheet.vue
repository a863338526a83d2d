<script setup lang="ts">
import type { PadOutcome } from '@yardfrost/core'
import { computed, useId } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import type { HalfSection } from './half-section.ts'
import ArrowHead from './kit/ArrowHead.vue'
import SectionShapes from './SectionShapes.vue'

/** The bearing lying on a pad or plate, to scale: where the probe stands, what lies under it, when it is turned over. */
const { section, pad } = defineProps<{ section: HalfSection | null; pad: PadOutcome | null }>()
const format = useFormat()
const id = useId()
const sheet = { width: 780, height: 470 }
const centre = sheet.width / 2
const plate = { top: 360, thick: 34 }
/** Steel ring under the inner ring of one that lies on a plate, px. */
const underPx = 14

const drawn = computed(() => {
  if (!section) return null
  const widthMm = Math.max(section.inner.to, section.outer.to) * 2
  const pxPerMm = Math.min(500 / section.odMm, 170 / widthMm)
  const under = pad?.heater === 'hot-plate' ? underPx : 0
  const middle = plate.top - under - (widthMm / 2) * pxPerMm
  return {
    pxPerMm,
    under,
    middle,
    top: middle - (widthMm / 2) * pxPerMm,
    bore: (section.boreMm / 2) * pxPerMm,
    outside: (section.odMm / 2) * pxPerMm,
    land: (section.boreMm / 2 + (section.odMm - section.boreMm) * 0.12) * pxPerMm,
    scale: { pxPerMm, x0: 0, y0: 0 },
  }
})
const degrees = (celsius: number) => `${format.digits(celsius, 'temperature')} ${format.unit('temperature')}`
/** One half stands as it is, the other mirrored; the axis of the bearing is upright. */
const halves = computed(() => {
  const at = drawn.value?.middle ?? 0
  return [`translate(${centre} ${at}) rotate(90)`, `translate(${centre} ${at}) scale(-1 1) rotate(90)`]
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${sheet.width} ${sheet.height}`"
    role="img"
    aria-label="The bearing on its heater"
    data-test="pad-sheet"
  >
    <defs>
      <ArrowHead :id="`${id}-turn`" tone="ember" />
    </defs>
    <rect class="plate" :x="centre - 300" :y="plate.top" width="600" :height="plate.thick" />
    <path
      class="heat"
      :d="`M${centre - 270} ${plate.top + 12} H${centre + 270} M${centre - 270} ${plate.top + 22} H${centre + 270}`"
    />
    <template v-if="drawn">
      <g v-for="transform in halves" :key="transform" :transform="transform">
        <SectionShapes :section="section!" :scale="drawn.scale" />
      </g>
      <path class="axis" :d="`M${centre} ${drawn.top - 26} V${plate.top + plate.thick + 12}`" />
      <template v-if="drawn.under">
        <rect
          v-for="side in [-1, 1]"
          :key="side"
          class="under"
          :x="side > 0 ? centre + drawn.bore : centre - drawn.land"
          :y="plate.top - drawn.under"
          :width="drawn.land - drawn.bore"
          :height="drawn.under"
        />
        <text class="note" :x="centre + drawn.bore - 8" :y="plate.top - 4" text-anchor="end">spacer ring</text>
      </template>
      <g v-if="pad" class="probe">
        <path :d="`M${centre + drawn.bore + 5} ${drawn.top - 3} V${drawn.top - 52} H${centre + 60}`" />
        <circle :cx="centre + drawn.bore + 5" :cy="drawn.top - 4" r="5" />
        <text class="big" :x="centre + 50" :y="drawn.top - 56" text-anchor="end">
          probe on the inner ring, to {{ degrees(pad.aimC) }}
        </text>
      </g>
      <g v-if="pad?.time.turnS" class="turn">
        <path
          :d="`M${centre + drawn.outside + 18} ${drawn.middle + 34} C${centre + drawn.outside + 64} ${drawn.middle + 20} ${centre + drawn.outside + 64} ${drawn.middle - 46} ${centre + drawn.outside + 14} ${drawn.middle - 40}`"
          :marker-end="`url(#${id}-turn)`"
        />
        <text :x="Math.min(sheet.width - 8, centre + drawn.outside + 78)" :y="drawn.top - 20" text-anchor="end">
          turn it over half way
        </text>
      </g>
    </template>
    <text class="note" :x="centre" :y="plate.top + plate.thick + 34" text-anchor="middle">
      {{ pad?.heater === 'hot-plate' ? 'hot plate, thermostat at the aim' : 'flat induction pad' }}
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: 100%;
}

.plate,
.under {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
}

.heat {
  stroke: var(--ember);
  stroke-width: 4;
  stroke-dasharray: 10 8;
}

.axis {
  stroke: var(--ink-2);
  stroke-dasharray: 22 5 5 5;
}

text {
  fill: var(--ink-2);
  font: 16px var(--label);
}

.big {
  fill: var(--ember-text);
  font: 700 20px var(--text);
}

.probe path,
.turn path {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2;
}

.probe circle {
  fill: var(--ember);
}
</style>
