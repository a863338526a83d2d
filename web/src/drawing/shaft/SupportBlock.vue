<script setup lang="ts">
import type { PlacedSupport } from './place-body.ts'

/** A bearing in its housing, about the axis of the shaft, with what holds its outer ring. */
defineProps<{
  support: PlacedSupport
  /** Start of the names of the hatchings: `-a`, `-b` of the rings, `-h` of the housing. */
  id: string
}>()
</script>

<template>
  <rect
    class="grip"
    :x="-support.half * 2"
    :width="support.half * 4"
    :y="-support.od / 2 - support.wall"
    :height="support.od + 2 * support.wall"
  />
  <g v-for="side in [1, -1]" :key="side" :transform="`scale(1 ${side})`">
    <rect
      class="solid"
      :x="-support.half * 1.9"
      :width="support.half * 3.8"
      :y="-support.od / 2 - support.wall"
      :height="support.wall"
    />
    <rect
      :fill="`url(#${id}-h)`"
      class="edge"
      :x="-support.half * 1.9"
      :width="support.half * 3.8"
      :y="-support.od / 2 - support.wall"
      :height="support.wall"
    />
    <template v-if="support.shapes.length">
      <template v-for="({ part, d }, at_) in support.shapes" :key="at_">
        <path v-if="part !== 'cage'" class="solid thin" :d="d" />
        <path
          v-if="part === 'inner-ring' || part === 'outer-ring'"
          class="edge thin"
          :d="d"
          :fill="`url(#${id}-${part === 'inner-ring' ? 'a' : 'b'})`"
        />
      </template>
    </template>
    <rect
      v-else
      class="unknown"
      :x="-support.half"
      :width="support.half * 2"
      :y="-support.od / 2"
      :height="(support.od - support.bore) / 2"
    />
    <rect
      v-for="edge in [-1, 1]"
      :key="edge"
      :class="support.holds === 'both' || support.holds === (edge > 0 ? 'right' : 'left') ? 'holds' : 'free'"
      :x="support.holds === 'none' ? edge * (support.half + 7) - 3 : edge * (support.half + 3.5) - 3.5"
      :width="support.holds === 'none' ? 6 : 7"
      :y="-support.od / 2"
      :height="Math.max(4, (support.od - support.bore) * 0.1)"
    />
  </g>
</template>

<style scoped src="../kit/lines.css"></style>
<style scoped src="./shaft.css"></style>
