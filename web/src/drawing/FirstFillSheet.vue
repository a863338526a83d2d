<script setup lang="ts">
import type { FilledIn } from '@yardfrost/core'
import { computed, useId } from 'vue'
import HatchPattern from './kit/HatchPattern.vue'

/** A housing cut along its shaft, with the grease of the first fill: the bearing full, the room up to its share. Not to scale. */
const {
  filledIn,
  percent = null,
  rows = 1,
} = defineProps<{ filledIn: Exclude<FilledIn, 'oil-bath'>; percent?: number | null; rows?: number }>()
const id = useId()

/** Room of the housing over and below the shaft, px: top and bottom of each half, and where the shaft runs through. */
const room = { top: 52, shaftTop: 128, shaftBottom: 172, bottom: 248 }
const half = room.shaftTop - room.top
/** Rooms along the shaft, on the side of the base or cover, and behind the bearing. */
const rooms = computed(() =>
  filledIn === 'split'
    ? [
        { from: 96, to: 222 },
        { from: 338, to: 464 },
      ]
    : filledIn === 'solid'
      ? [
          { from: 166, to: 222 },
          { from: 338, to: 464 },
        ]
      : filledIn === 'flanged'
        ? [{ from: 338, to: 464 }]
        : [],
)
/** Where the grease stands in the room: its share of both halves, from below. */
const surface = computed(() => {
  const filled = ((percent ?? 50) / 100) * 2 * half
  return filled <= half ? room.bottom - filled : room.shaftTop - (filled - half)
})
const outside = computed(() => (filledIn === 'split' ? { from: 76, to: 484 } : filledIn === 'solid' ? { from: 146, to: 484 } : filledIn === 'flanged' ? { from: 206, to: 484 } : { from: 206, to: 354 })) // prettier-ignore
/** Walls on both ends, down to the seal on the shaft. */
const walls = computed(() =>
  filledIn === 'comes-filled'
    ? []
    : [
        { x: outside.value.from, width: filledIn === 'flanged' ? 16 : 20 },
        { x: 464, width: 20 },
      ],
)
/** Middles of the rows, side by side between the rings. */
const elements = computed(() =>
  Array.from(
    { length: Math.min(rows, 3) },
    (_, row) => 280 + (row - (Math.min(rows, 3) - 1) / 2) * (rows > 2 ? 36 : 48),
  ),
)
const share = computed(() => (percent === null ? 'the room: its share' : `the room: ${percent} %`))
</script>

<template>
  <svg viewBox="0 0 620 330" role="img" :aria-label="`First fill: the bearing full, ${share}`" data-test="first-fill">
    <defs>
      <HatchPattern :id="`${id}-cast`" :size="10" wide />
      <HatchPattern :id="`${id}-ring`" :size="7" leans="left" />
      <pattern :id="`${id}-grease`" width="8" height="8" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="1.3" />
        <circle cx="6" cy="6" r="1.3" />
      </pattern>
    </defs>
    <rect
      class="edge"
      :fill="`url(#${id}-cast)`"
      :x="outside.from"
      y="28"
      :width="outside.to - outside.from"
      height="24"
    />
    <rect
      class="edge"
      :fill="`url(#${id}-cast)`"
      :x="outside.from"
      y="248"
      :width="outside.to - outside.from"
      height="24"
    />
    <template v-for="wall in walls" :key="wall.x">
      <rect class="edge" :fill="`url(#${id}-cast)`" :x="wall.x" y="52" :width="wall.width" height="72" />
      <rect class="edge" :fill="`url(#${id}-cast)`" :x="wall.x" y="176" :width="wall.width" height="72" />
    </template>
    <template v-for="one in rooms" :key="one.from">
      <rect
        class="grease"
        :fill="`url(#${id}-grease)`"
        :x="one.from"
        :y="Math.max(surface, room.shaftBottom)"
        :width="one.to - one.from"
        :height="room.bottom - Math.max(surface, room.shaftBottom)"
      />
      <rect
        v-if="surface < room.shaftTop"
        class="grease"
        :fill="`url(#${id}-grease)`"
        :x="one.from"
        :y="surface"
        :width="one.to - one.from"
        :height="room.shaftTop - surface"
      />
      <path class="surface" :d="`M${one.from} ${surface} H${one.to}`" />
    </template>
    <rect class="solid edge" x="30" :y="room.shaftTop" width="516" :height="room.shaftBottom - room.shaftTop" />
    <g v-for="side in [-1, 1]" :key="side" :transform="side === 1 ? 'translate(0 300) scale(1 -1)' : ''">
      <rect class="edge" :fill="`url(#${id}-ring)`" x="222" y="52" width="116" height="22" />
      <rect class="edge" :fill="`url(#${id}-ring)`" x="222" y="106" width="116" height="22" />
      <rect class="grease" :fill="`url(#${id}-grease)`" x="222" y="74" width="116" height="32" />
      <template v-if="filledIn === 'comes-filled'">
        <path class="edge" d="M226 74 V106 M334 74 V106" />
      </template>
      <circle v-for="middle in elements" :key="middle" class="solid edge" :cx="middle" cy="90" r="15.5" />
    </g>
    <path class="axis" d="M16 150 H560" />
    <path v-if="filledIn === 'split'" class="hidden" d="M60 150 H76 M484 150 H500" />
    <text v-if="filledIn === 'split'" x="504" y="104">cap</text>
    <text v-if="filledIn === 'split'" x="504" y="212">base</text>
    <path class="pointer" d="M280 74 V14 H300" />
    <text x="304" y="19">
      {{ filledIn === 'comes-filled' ? 'filled by its maker' : 'packed full, by hand, turning' }}
    </text>
    <template v-if="rooms.length">
      <path class="pointer" d="M400 240 V296 H420" />
      <text x="424" y="301" data-test="share">{{ share }}</text>
    </template>
    <text v-else x="304" y="301">nothing goes into the room</text>
  </svg>
</template>

<style src="./kit/lines.css"></style>
<style scoped>
svg {
  width: 100%;
  max-height: 100%;
}

pattern circle {
  fill: var(--ink-2);
}

.surface {
  stroke: var(--ink-2);
  stroke-width: 1.4;
}

.pointer {
  fill: none;
  stroke: var(--ink-2);
}

text {
  font: 500 17px var(--label);
  fill: var(--ink);
}
</style>
