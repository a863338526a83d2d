<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'

/** The shaft between its two bearings: which end is held, where it grows, and whether it meets something. Not to scale. */
const { ends, role, growthMm, roomMm, spanMm } = defineProps<{
  ends: 0 | 1 | 2 | null
  role: 'locating' | 'floating' | null
  growthMm: number | null
  roomMm: number | null
  spanMm: number | null
}>()

const format = useFormat()
const box = useTemplateRef('box')
const { width } = useElementSize(box)
const height = 132
const axis = 70
const shaft = 13
const half = { width: 17, height: 27 }

/** This position stands on the right where it floats, so that the growth runs toward it. */
const left = 62
const right = computed(() => width.value - 74)
const heldLeft = computed(() => ends === 2 || ends === 1)
const heldRight = computed(() => ends === 2)
const names = computed(() =>
  role === 'floating'
    ? ['other end', 'this end']
    : role === 'locating'
      ? ['this end', 'other end']
      : ['one end', 'other end'],
)
const bound = computed(() => roomMm !== null && roomMm < 0)
const gapPx = computed(() => (heldRight.value || ends === null ? 0 : bound.value ? 2 : 14))
const length = (mm: number) => format.inline({ kind: 'number', number: Math.abs(mm) }, 'length', { decimals: 2 })
const spanWords = computed(() =>
  spanMm === null ? '' : format.inline({ kind: 'number', number: spanMm }, 'length', { decimals: 0 }),
)
const middle = computed(() => (left + right.value) / 2)
</script>

<template>
  <div ref="box" class="box">
    <svg
      v-if="width > 0"
      :width="width"
      :height="height"
      role="img"
      :aria-label="`Shaft between two bearings, ${ends === null ? 'ends not stated' : `${ends} held`}`"
    >
      <path class="shaft" :d="`M14 ${axis - shaft} H${width - 16} V${axis + shaft} H14 Z`" />
      <path class="axis" :d="`M4 ${axis} H${width - 4}`" />
      <g v-for="(x, index) in [left, right]" :key="index">
        <g v-for="side in [-1, 1]" :key="side">
          <rect
            class="bearing"
            :x="x - half.width"
            :width="half.width * 2"
            :y="side < 0 ? axis - shaft - half.height : axis + shaft"
            :height="half.height"
          />
          <circle class="bearing" :cx="x" :cy="axis + side * (shaft + half.height / 2)" r="8" />
          <template v-if="index === 0 ? heldLeft : heldRight">
            <rect
              v-for="edge in [-1, 1]"
              :key="edge"
              class="held"
              :x="x + edge * (half.width + 5) - 5"
              width="10"
              :y="side < 0 ? axis - shaft - half.height - 3 : axis + shaft + 6"
              :height="half.height - 3"
            />
          </template>
          <template v-else-if="ends !== null">
            <rect
              class="cap"
              :x="x + half.width + gapPx"
              width="9"
              :y="side < 0 ? axis - shaft - half.height - 3 : axis + shaft + 6"
              :height="half.height - 3"
            />
            <rect
              class="cap"
              :x="x - half.width - 14"
              width="9"
              :y="side < 0 ? axis - shaft - half.height - 3 : axis + shaft + 6"
              :height="half.height - 3"
            />
          </template>
        </g>
        <text :x="x" y="20">
          {{ names[index] }}, {{ (index === 0 ? heldLeft : heldRight) ? 'held' : ends === null ? '?' : 'floats' }}
        </text>
      </g>
      <g v-if="growthMm !== null" class="growth">
        <path :d="`M${middle - 60} ${axis} H${middle + 50}`" />
        <path class="head" :d="`M${middle + 62} ${axis} l-14 -6 v12 z`" />
        <text :x="middle" :y="axis - 20">grows {{ length(growthMm) }}</text>
      </g>
      <text v-if="roomMm !== null" :x="middle" :y="height - 4" :class="bound ? 'bad' : 'good'">
        {{ bound ? `${length(roomMm)} short of room` : `${length(roomMm)} of room left` }}
      </text>
      <text v-else-if="spanWords" :x="middle" :y="height - 4">{{ spanWords }} between the bearings</text>
    </svg>
  </div>
</template>

<style scoped>
.box {
  min-height: 132px;
}

.shaft {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.axis {
  fill: none;
  stroke: var(--ink-2);
  stroke-dasharray: 22 5 5 5;
}

.bearing {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}

.held {
  fill: var(--ink);
}

.cap {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}

text {
  fill: var(--ink-2);
  font: 15px var(--label);
  text-anchor: middle;
}

.growth path {
  stroke: var(--ember);
  stroke-width: 3;
  fill: none;
}

.growth .head {
  fill: var(--ember);
  stroke: none;
}

.growth text,
.bad {
  fill: var(--ember-text);
  font-weight: 650;
}

.good {
  fill: var(--frost);
  font-weight: 650;
}
</style>
