<script setup lang="ts">
import { computed } from 'vue'
import EndBearing from './EndBearing.vue'
import { endFrame, halfRing, heights, type EndPlace } from './end-frame.ts'
import type { PlacedEnd } from './place-end.ts'

/** One end in half-section: bearing, shoulder, cap with its spigot, what is machined off it. */
const { x, axis, outward, placed } = defineProps<
  EndPlace & { placed: PlacedEnd; cutWords: string; hatch: { housing: string; cap: string; cut: string } }
>()

const spigotPx = 54
const flangePx = 20
const lipPx = 26

const frame = computed(() => endFrame({ x, axis, outward }))
const face = computed(() => placed.tip + placed.capSide * spigotPx)
const housing = computed(() => {
  const lip = placed.shoulder - placed.capSide * lipPx
  return frame.value.outline([
    [lip, heights.housing],
    [face.value, heights.housing],
    [face.value, heights.outer],
    [placed.shoulder, heights.outer],
    [placed.shoulder, heights.spigotLow],
    [lip, heights.spigotLow],
  ])
})
const cap = computed(() => {
  const back = face.value + placed.capSide * flangePx
  return frame.value.outline([
    [placed.tip, heights.outer - 1],
    [face.value, heights.outer - 1],
    [face.value, heights.housing],
    [back, heights.housing],
    [back, heights.shaft + 10],
    [face.value, heights.shaft + 10],
    [face.value, heights.spigotLow],
    [placed.tip, heights.spigotLow],
  ])
})
const spacerEnd = computed(() => placed.shoulder + placed.capSide * placed.spacer)
/** Between spigot and ring, where what is done is seen. */
const middle = computed(() =>
  Math.abs(placed.tip - placed.tipBefore) > 0.5
    ? (placed.tip + placed.tipBefore) / 2
    : placed.capSide * (halfRing + placed.capGap / 2),
)
const seat = (from: number, to: number) => frame.value.box(from, to, heights.spigotLow, heights.outer)
</script>

<template>
  <g>
    <path class="solid" :d="housing" />
    <path :d="housing" :style="{ fill: `url(#${hatch.housing})` }" />
    <path class="solid" :d="cap" />
    <path :d="cap" :style="{ fill: `url(#${hatch.cap})` }" />
    <rect v-if="placed.spacer" class="spacer" v-bind="seat(placed.shoulder, spacerEnd)" />
    <EndBearing :x="x" :axis="axis" :outward="outward" />
    <rect v-if="placed.shoulderGap > 0.5" class="room" v-bind="seat(spacerEnd, -placed.capSide * halfRing)" />
    <rect v-if="placed.capGap > 0.5" class="room" v-bind="seat(placed.capSide * halfRing, placed.tip)" />
    <rect
      v-if="Math.abs(placed.tip - placed.tipBefore) > 0.5"
      class="cut"
      data-cut
      v-bind="seat(placed.tipBefore, placed.tip)"
      :style="{ fill: `url(#${hatch.cut})` }"
    />
    <g v-if="cutWords" class="leader">
      <path
        :d="`M${frame.at(middle)} ${axis - (heights.spigotLow + heights.outer) / 2} L${frame.at(middle)} ${axis - heights.housing - 14}`"
      />
      <circle :cx="frame.at(middle)" :cy="axis - (heights.spigotLow + heights.outer) / 2" r="3.5" />
      <text :x="frame.at(middle)" :y="axis - heights.housing - 22" text-anchor="middle">{{ cutWords }}</text>
    </g>
  </g>
</template>

<style scoped>
.solid {
  fill: var(--sheet);
}

path,
.spacer {
  stroke: var(--ink);
  stroke-width: 1.8;
}

.spacer {
  fill: var(--sheet);
}

.room {
  fill: var(--frost-soft);
  stroke: var(--frost);
  stroke-width: 1;
}

.cut {
  stroke: var(--ember);
  stroke-width: 1.6;
  stroke-dasharray: 6 3;
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
  fill: var(--ember-text);
  font: 700 20px var(--text);
}
</style>
