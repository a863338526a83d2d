<script setup lang="ts">
import type { FilmPressure } from '@yardfrost/core'
import { computed, useId } from 'vue'
import ArrowHead from '../kit/ArrowHead.vue'
import HatchPattern from '../kit/HatchPattern.vue'
import { layOutSleeve, roundPoint, sheet, type DrawnSleeve, type SleeveCallout } from './frame.ts'
import SleeveAcross from './SleeveAcross.vue'
import SleeveAlong from './SleeveAlong.vue'

/** A plain bearing on the sheet: along and across, to one scale, with what a lens has to say laid over it. */
const {
  sleeve,
  pressure = null,
  callouts = [],
  dimensions = null,
} = defineProps<{
  sleeve: DrawnSleeve
  pressure?: FilmPressure | null
  callouts?: readonly SleeveCallout[]
  /** Sizes in words, where they are drawn. */
  dimensions?: { journal: string; length: string; outside: string } | null
}>()
const id = useId()
const frame = computed(() => layOutSleeve(sleeve))

/** Where each callout points, and where its words stand: over and under the views, never on each other. */
const placed = computed(() => {
  const { along, across, axisY, bore, journal, outside, housing } = frame.value
  const narrowest = sleeve.loadDeg + sleeve.attitudeDeg
  const points: Record<SleeveCallout['at'], { x: number; y: number }> = {
    bore: { x: along.middle - along.half * 0.5, y: axisY - bore },
    gap: { x: along.middle + along.half * 0.55, y: axisY - (bore + journal) / 2 },
    journal: { x: along.middle, y: axisY + journal * 0.45 },
    outside: { x: along.middle + along.half * 0.4, y: axisY - outside },
    feed: roundPoint(across.x, axisY, (outside + housing) / 2, sleeve.feedDeg ?? 0),
    oil: { x: across.x + housing * 0.7, y: sheet.height - 62 },
    film: roundPoint(across.x, axisY, bore, narrowest),
    pressure: roundPoint(across.x, axisY, bore + 0.5 * (housing - bore), narrowest - 28),
  }
  const left = callouts
    .filter(({ at }) => ['bore', 'gap', 'journal', 'outside'].includes(at))
    .sort((a, b) => points[a.at].x - points[b.at].x)
  const right = callouts.filter(({ at }) => !left.some((one) => one.at === at))
  const top = left.map((one, index) => ({ ...one, point: points[one.at], x: along.shaftFrom + 4 + index * 190, y: 26, anchor: 'start' as const })) // prettier-ignore
  const bottom = right.map((one, index) => ({
    ...one,
    point: points[one.at],
    x: index === 0 ? sheet.width - 8 : 300,
    y: sheet.height - 26,
    anchor: index === 0 ? ('end' as const) : ('start' as const),
  }))
  return [...top, ...bottom].map((one) => {
    const under = one.y > sheet.height / 2
    const startX = one.anchor === 'end' ? one.x - 30 : one.x + 30
    return { ...one, leader: `M${one.point.x.toFixed(1)} ${one.point.y.toFixed(1)}L${startX} ${under ? one.y - 20 : one.y + (one.note ? 24 : 8)}` }
  })
}) // prettier-ignore
</script>

<template>
  <svg
    :viewBox="`0 0 ${sheet.width} ${sheet.height}`"
    role="img"
    aria-label="The plain bearing, along and across"
    data-test="sleeve-sheet"
  >
    <defs>
      <HatchPattern :id="`${id}-bush`" :size="7" leans="left" />
      <HatchPattern :id="`${id}-housing`" :size="11" wide />
      <ArrowHead :id="`${id}-load`" tone="ember" />
      <ArrowHead :id="`${id}-turn`" tone="ink-2" :length="11" :breadth="8" />
      <ArrowHead :id="`${id}-dim`" tone="ink-2" :length="11" :breadth="6" both />
    </defs>
    <SleeveAlong :id="id" :sleeve="sleeve" :frame="frame" />
    <SleeveAcross :id="id" :sleeve="sleeve" :frame="frame" :pressure="pressure" />
    <g v-if="dimensions" class="dimension">
      <line
        :x1="frame.along.middle - frame.along.half"
        :x2="frame.along.middle + frame.along.half"
        :y1="frame.axisY + frame.housing + 24"
        :y2="frame.axisY + frame.housing + 24"
        :marker-start="`url(#${id}-dim)`"
        :marker-end="`url(#${id}-dim)`"
      />
      <path
        class="extension"
        :d="`M${frame.along.middle - frame.along.half} ${frame.axisY + frame.outside + 4}V${frame.axisY + frame.housing + 30}M${frame.along.middle + frame.along.half} ${frame.axisY + frame.outside + 4}V${frame.axisY + frame.housing + 30}`"
      />
      <text :x="frame.along.middle" :y="frame.axisY + frame.housing + 46" text-anchor="middle">
        {{ dimensions.length }}
      </text>
      <line
        :x1="frame.along.shaftFrom + 30"
        :x2="frame.along.shaftFrom + 30"
        :y1="frame.axisY - frame.journal"
        :y2="frame.axisY + frame.journal"
        :marker-start="`url(#${id}-dim)`"
        :marker-end="`url(#${id}-dim)`"
      />
      <text :transform="`translate(${frame.along.shaftFrom + 24} ${frame.axisY}) rotate(-90)`" text-anchor="middle">
        {{ dimensions.journal }}
      </text>
      <line
        :x1="frame.across.x + frame.housing + 30"
        :x2="frame.across.x + frame.housing + 30"
        :y1="frame.axisY - frame.outside"
        :y2="frame.axisY + frame.outside"
        :marker-start="`url(#${id}-dim)`"
        :marker-end="`url(#${id}-dim)`"
      />
      <path
        class="extension"
        :d="`M${frame.across.x} ${frame.axisY - frame.outside}H${frame.across.x + frame.housing + 36}M${frame.across.x} ${frame.axisY + frame.outside}H${frame.across.x + frame.housing + 36}`"
      />
      <text
        :transform="`translate(${frame.across.x + frame.housing + 48} ${frame.axisY}) rotate(90)`"
        text-anchor="middle"
      >
        {{ dimensions.outside }}
      </text>
    </g>
    <g v-for="one in placed" :key="one.at" class="callout" :class="one.tone ?? 'ink'" :data-callout="one.at">
      <path :d="one.leader" />
      <circle :cx="one.point.x" :cy="one.point.y" r="3.2" />
      <text :x="one.x" :y="one.y" :text-anchor="one.anchor">{{ one.text }}</text>
      <text v-if="one.note" class="note" :x="one.x" :y="one.y + 18" :text-anchor="one.anchor">{{ one.note }}</text>
    </g>
  </svg>
</template>

<style src="../kit/lines.css"></style>
<style scoped>
svg {
  display: block;
  width: 100%;
  height: 100%;
}

.callout path {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.2;
}

.callout circle {
  fill: var(--ink-2);
}

.callout text {
  fill: var(--ink);
  font: 700 19px var(--text);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 5px;
}

.callout .note {
  fill: var(--ink-2);
  font: 500 15px var(--label);
}

.ember path {
  stroke: var(--ember);
}

.ember circle {
  fill: var(--ember);
}

.ember text:not(.note) {
  fill: var(--ember-text);
}

.frost path {
  stroke: var(--frost);
}

.frost circle {
  fill: var(--frost);
}

.frost text:not(.note) {
  fill: var(--frost-text, var(--frost));
}
</style>
