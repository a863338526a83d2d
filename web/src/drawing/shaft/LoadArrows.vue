<script setup lang="ts">
import { ref } from 'vue'
import { longestArrowPx, type LoadArrow, type placeThrust } from './place-load-arrows.ts'

/** Loads on the shaft: an arrow for each part, and the thrust at its end. Some can be drawn out longer. */
const { pullable } = defineProps<{
  id: string
  width: number
  arrows: readonly LoadArrow[]
  thrust: ReturnType<typeof placeThrust>
  /** Parts, by index, whose load arrow can be drawn out. */
  pullable: readonly boolean[]
}>()
const emit = defineEmits<{
  grab: [index: number]
  /** Drawn out to so many times the length it was taken hold of at. */
  push: [index: number, times: number]
}>()

const pushing = ref<{ index: number; y: number; length: number } | null>(null)
function grabArrow(event: PointerEvent, { partIndex, length, way }: LoadArrow) {
  if (!pullable[partIndex]) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  // An arrow that points up is drawn out by its head, one that points down by its tail: up is longer either way.
  pushing.value = { index: partIndex, y: event.clientY, length: way === 'sideways' ? longestArrowPx : length }
  emit('grab', partIndex)
}
function pull(event: PointerEvent) {
  const held = pushing.value
  if (held) emit('push', held.index, 1 + (held.y - event.clientY) / held.length)
}
</script>

<template>
  <g
    v-for="arrow in arrows"
    :key="arrow.from"
    class="load"
    :class="{ pullable: pullable[arrow.partIndex] }"
    :data-load="arrow.from"
    @pointerdown="grabArrow($event, arrow)"
    @pointermove="pull"
    @pointerup="pushing = null"
    @pointercancel="pushing = null"
  >
    <rect class="grip" :x="arrow.x - 12" width="24" :y="arrow.y - arrow.length" :height="arrow.length" />
    <path class="leader" :d="`M${arrow.x} ${arrow.y - 20} V${arrow.labelY + 4}`" />
    <path
      v-if="arrow.way === 'down'"
      :d="`M${arrow.x} ${arrow.y - arrow.length} V${arrow.y}`"
      :marker-end="`url(#${id}-ember)`"
    />
    <path
      v-else-if="arrow.way === 'up'"
      :d="`M${arrow.x} ${arrow.y} V${arrow.y - arrow.length}`"
      :marker-end="`url(#${id}-ember)`"
    />
    <template v-else-if="arrow.way === 'sideways'">
      <circle class="ring" :cx="arrow.x" :cy="arrow.y - 14" r="9" />
      <circle class="out" :cx="arrow.x" :cy="arrow.y - 14" r="3" />
    </template>
    <path
      v-if="arrow.way === 'turns' || arrow.turns"
      class="round"
      :d="`M${arrow.x - 9} ${arrow.y - 8} a11 11 0 1 1 15 5`"
      :marker-end="`url(#${id}-ember)`"
    />
    <text :x="arrow.labelX" :y="arrow.labelY" :text-anchor="arrow.anchor">{{ arrow.text }}</text>
  </g>
  <g v-if="thrust" class="load">
    <path
      :d="
        thrust.toRight
          ? `M${thrust.x} ${thrust.y} h${thrust.length}`
          : `M${thrust.x + thrust.length} ${thrust.y} h${-thrust.length}`
      "
      :marker-end="`url(#${id}-ember)`"
    />
    <text :x="Math.min(thrust.x, width - 8)" :y="thrust.y - 9" :text-anchor="thrust.x > width - 130 ? 'end' : 'start'">
      {{ thrust.text }}
    </text>
  </g>
</template>

<style scoped src="./shaft.css"></style>
