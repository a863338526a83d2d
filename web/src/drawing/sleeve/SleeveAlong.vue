<script setup lang="ts">
import { computed } from 'vue'
import { breakLine } from '../sheet.ts'
import type { DrawnSleeve, SleeveFrame } from './frame.ts'

/** The bearing cut along its axis: housing, bush, journal, the gap, where oil comes in. */
const { sleeve, frame, id } = defineProps<{ sleeve: DrawnSleeve; frame: SleeveFrame; id: string }>()

const at = computed(() => {
  const { along, axisY, journal, bore, outside, housing } = frame
  // The journal lies toward its load; seen from the side that is up or down only.
  const drop = Math.cos((sleeve.loadDeg * Math.PI) / 180) * -(bore - journal) * Math.max(sleeve.eccentricity, 0.15)
  return { ...along, axisY, journal, bore, outside, housing, drop }
})
/** Above and below the axis: the same, mirrored. */
const sides = [-1, 1] as const
const rect = (from: number, to: number, inner: number, outer: number, side: 1 | -1) => ({
  x: from,
  width: to - from,
  y: at.value.axisY + (side < 0 ? -outer : inner),
  height: outer - inner,
})
const housing = (side: 1 | -1) => rect(at.value.middle - at.value.housingHalf, at.value.middle + at.value.housingHalf, at.value.outside, at.value.housing, side) // prettier-ignore
const bush = (side: 1 | -1) => rect(at.value.middle - at.value.half, at.value.middle + at.value.half, at.value.bore, at.value.outside, side) // prettier-ignore
/** The flange stands on the left, outside the housing. */
const flange = (side: 1 | -1) => {
  const thick = Math.max(5, sleeve.sizes.wallMm * frame.pxPerMm)
  const outer = ((sleeve.flangeMm ?? 0) / 2) * frame.pxPerMm
  const left = at.value.middle - at.value.housingHalf
  return { ...rect(left - thick, left, at.value.bore, outer, side), thick }
}
/** Bush from housing face to housing face where it has a flange. */
const neck = (side: 1 | -1) => rect(at.value.middle - at.value.housingHalf, at.value.middle - at.value.half, at.value.bore, at.value.outside, side) // prettier-ignore
/** Oil comes in on the side that the feed is on; a feed at the side is seen from behind. */
const feedSide = computed(() => (sleeve.feedDeg === null ? null : Math.cos((sleeve.feedDeg * Math.PI) / 180)))
const hole = computed(() => Math.max(6, frame.pxPerMm * 0.06 * sleeve.sizes.journalMm))
const grooveDeep = computed(() => Math.max(4, (at.value.outside - at.value.bore) * 0.35))
const groove = computed(() => {
  const { middle, half, axisY, bore } = at.value
  const side = (feedSide.value ?? 1) >= 0 ? -1 : 1
  const y = axisY + side * bore
  switch (sleeve.groove) {
    case 'axial':
      return `M${middle - half * 0.78} ${y}v${side * grooveDeep.value}H${middle + half * 0.78}v${-side * grooveDeep.value}`
    case 'circumferential':
      return sides.map((one) => `M${middle - 7} ${axisY + one * bore}v${one * grooveDeep.value}h14v${-one * grooveDeep.value}`).join('') // prettier-ignore
    case 'figure-eight':
      return `M${middle - half * 0.8} ${axisY - bore}C${middle - half * 0.2} ${axisY - bore} ${middle + half * 0.2} ${axisY + bore} ${middle + half * 0.8} ${axisY + bore}M${middle - half * 0.8} ${axisY + bore}C${middle - half * 0.2} ${axisY + bore} ${middle + half * 0.2} ${axisY - bore} ${middle + half * 0.8} ${axisY - bore}`
    default:
      return ''
  }
})
</script>

<template>
  <g>
    <rect
      class="solid edge"
      :x="at.shaftFrom"
      :width="at.shaftTo - at.shaftFrom"
      :y="at.axisY - at.journal + at.drop"
      :height="2 * at.journal"
      data-part="journal"
    />
    <path class="edge" :d="breakLine(at.shaftFrom, at.axisY - at.journal + at.drop, at.axisY + at.journal + at.drop)" />
    <path class="edge" :d="breakLine(at.shaftTo, at.axisY - at.journal + at.drop, at.axisY + at.journal + at.drop)" />
    <template v-for="side in sides" :key="side">
      <rect class="solid edge" v-bind="housing(side)" />
      <rect class="edge" v-bind="housing(side)" :fill="`url(#${id}-housing)`" />
      <rect class="solid edge" v-bind="bush(side)" />
      <rect class="edge" v-bind="bush(side)" :fill="`url(#${id}-bush)`" :data-part="side < 0 ? 'bush' : undefined" />
      <template v-if="sleeve.flangeMm !== null">
        <rect class="edge" v-bind="neck(side)" :fill="`url(#${id}-bush)`" />
        <rect class="solid edge" v-bind="flange(side)" />
        <rect class="edge" v-bind="flange(side)" :fill="`url(#${id}-bush)`" />
      </template>
    </template>
    <path v-if="groove" class="groove" :class="{ hidden: sleeve.groove === 'figure-eight' }" :d="groove" />
    <rect
      v-if="feedSide !== null && Math.abs(feedSide) > 0.3"
      class="hole"
      :x="at.middle - hole / 2"
      :width="hole"
      :y="feedSide > 0 ? at.axisY - at.housing : at.axisY + at.bore"
      :height="at.housing - at.bore"
    />
    <circle v-else-if="feedSide !== null" class="hidden" :cx="at.middle" :cy="at.axisY" :r="hole / 2 + 2" />
    <rect
      v-if="sleeve.ring"
      class="hole"
      :x="at.middle - 9"
      width="18"
      :y="at.axisY - at.outside - 1"
      :height="at.outside - at.bore + 2"
    />
    <rect
      v-if="sleeve.ring"
      class="solid edge"
      :x="at.middle - 6"
      width="12"
      :y="at.axisY - at.journal + at.drop - 9"
      height="9"
    />
    <path
      v-if="sleeve.split"
      class="axis joint"
      :d="`M${at.middle - at.housingHalf - 12} ${at.axisY}H${at.middle + at.housingHalf + 12}`"
    />
    <!-- prettier-ignore -->
    <path class="axis" :d="`M${at.shaftFrom - 14} ${at.axisY + at.drop}H${at.shaftTo + 14}`" />
  </g>
</template>

<style src="../kit/lines.css"></style>
<style scoped>
.groove {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.groove.hidden {
  fill: none;
  stroke-dasharray: 6 4;
}

.hole {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.joint {
  stroke-dasharray: none;
}
</style>
