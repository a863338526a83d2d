<script setup lang="ts">
import { computed } from 'vue'
import EndBearing from './EndBearing.vue'
import { endFrame, halfRing, heights, type EndPlace } from './end-frame.ts'

/** A bearing in a split block: its seat between two shoulders, the locating rings, the room that is left. */
const { x, axis, outward, rings, offset } = defineProps<
  EndPlace & {
    /** Locating rings that lie in it, outer one first. */
    rings: 0 | 1 | 2
    /** How far the bearing stands off the middle of the seat, px, outward positive. */
    offset: number
    hatch: { housing: string }
  }
>()

/** From the bearing in the middle of its seat to a shoulder, px. */
const besidesPx = 34
const lipPx = 24
const seatPx = halfRing + besidesPx
const frame = computed(() => endFrame({ x, axis, outward }))
const block = computed(() =>
  frame.value.outline([
    [-seatPx - lipPx, heights.housing],
    [seatPx + lipPx, heights.housing],
    [seatPx + lipPx, heights.spigotLow],
    [seatPx, heights.spigotLow],
    [seatPx, heights.outer],
    [-seatPx, heights.outer],
    [-seatPx, heights.spigotLow],
    [-seatPx - lipPx, heights.spigotLow],
  ]),
)
const seat = (from: number, to: number) => frame.value.box(from, to, heights.spigotLow, heights.outer)
</script>

<template>
  <g>
    <path class="solid" :d="block" />
    <path :d="block" :style="{ fill: `url(#${hatch.housing})` }" />
    <rect class="room" v-bind="seat(-seatPx, seatPx)" />
    <rect v-if="rings > 0" class="ring" v-bind="seat(halfRing, seatPx)" data-ring />
    <rect v-if="rings > 1" class="ring" v-bind="seat(-seatPx, -halfRing)" data-ring />
    <EndBearing :x="x" :axis="axis" :outward="outward" :offset="offset" />
  </g>
</template>

<style scoped>
.solid {
  fill: var(--sheet);
}

path {
  stroke: var(--ink);
  stroke-width: 1.8;
}

.room {
  fill: var(--frost-soft);
}

.ring {
  fill: var(--ink);
}
</style>
