<script setup lang="ts">
import type { LineAssessment, ShaftLine } from '@yardfrost/core'
import { computed, ref, useId } from 'vue'
import type { HalfSection } from '../half-section.ts'
import ArrowHead from '../kit/ArrowHead.vue'
import HatchPattern from '../kit/HatchPattern.vue'
import BearingLoads from './BearingLoads.vue'
import { beginDrag, dragTo, nudgeBy, placeOf, type Drag, type Handle } from './drag-along.ts'
import LoadArrows from './LoadArrows.vue'
import { placeParts, placeSteps, placeSupports } from './place-body.ts'
import { placeBent, placeGrowth, placeSpans } from './place-growth.ts'
import { placeLoadArrows, placeThrust } from './place-load-arrows.ts'
import { placeBearingLoads } from './place-reactions.ts'
import { shaftFrame } from './shaft-frame.ts'
import type { ShaftWords } from './shaft-words.ts'
import ShaftBody from './ShaftBody.vue'

/** A shaft in elevation, to scale: its steps, bearings, parts, loads, bending and growth. Things are dragged along it. */
const { line, assessment, sections, picked, width, height, words, bends, pullable } = defineProps<{
  line: ShaftLine
  assessment: LineAssessment
  /** Half-section of the bearing at each position, by its name. */
  sections: ReadonlyMap<string, HalfSection>
  picked: Handle | null
  width: number
  height: number
  words: ShaftWords
  /** Whether the bent shape is drawn. */
  bends: boolean
  /** Parts, by index, whose load arrow can be drawn out. */
  pullable: readonly boolean[]
}>()
const emit = defineEmits<{
  pick: [handle: Handle | null]
  grab: []
  move: [handle: Handle, xMm: number]
  /** A load arrow is drawn out to so many times the length it was taken hold of at. */
  push: [index: number, times: number]
}>()

const id = useId()
const frame = computed(() => shaftFrame(line, sections, width, height))
const elevation = computed(() => frame.value.elevation)
const supports = computed(() => placeSupports(frame.value))
const parts = computed(() => placeParts(frame.value))
const arrows = computed(() => placeLoadArrows(frame.value, parts.value, assessment.loads, words))
const thrust = computed(() => placeThrust(frame.value, assessment.thrustN, words))
const carried = computed(() => placeBearingLoads(frame.value, supports.value, parts.value, assessment.supports, words))
const growth = computed(() => placeGrowth(frame.value, supports.value, assessment, words))
const bent = computed(() => (bends ? placeBent(frame.value, assessment.bending, words) : null))
const floor = computed(() => height - 18)

// A drag is one step to take back: it is announced when it begins, and told on the way.
const dragging = ref<Drag | null>(null)
function grab(event: PointerEvent, handle: Handle) {
  emit('pick', handle)
  dragging.value = beginDrag(line, handle, event.clientX, event.clientY)
  if (dragging.value) (event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  const held = dragging.value
  const come = held && dragTo(held, line, elevation.value, { x: event.clientX, y: event.clientY, fine: event.ctrlKey })
  if (!come) return
  if (!held.moved) emit('grab')
  dragging.value = come.drag
  if (come.toMm !== placeOf(line, held.handle)) emit('move', held.handle, come.toMm)
}
function drop() {
  dragging.value = null
}
function nudge(event: KeyboardEvent, handle: Handle) {
  const by = nudgeBy(event.key, event.shiftKey)
  if (by === null) return
  event.preventDefault()
  emit('grab')
  emit('move', handle, placeOf(line, handle) + by)
}
const movedBy = (handle: Handle) => ({
  pointerdown: (event: PointerEvent) => grab(event, handle),
  pointermove: drag,
  pointerup: drop,
  pointercancel: drop,
  focus: () => emit('pick', handle),
  keydown: (event: KeyboardEvent) => nudge(event, handle),
})
function grabArrow(index: number) {
  emit('pick', { what: 'part', index })
  emit('grab')
}
</script>

<template>
  <svg
    class="sheet"
    :width="width"
    :height="height"
    role="group"
    aria-label="The shaft in elevation"
    data-test="shaft-sheet"
  >
    <defs>
      <HatchPattern :id="`${id}-a`" :size="6" />
      <HatchPattern :id="`${id}-b`" :size="6" leans="left" />
      <HatchPattern :id="`${id}-h`" :size="11" wide />
      <ArrowHead v-for="tone in ['ember', 'ink', 'stop'] as const" :id="`${id}-${tone}`" :key="tone" :tone="tone" />
    </defs>
    <ShaftBody
      :id="id"
      :elevation="elevation"
      :width="width"
      :steps="placeSteps(frame)"
      :parts="parts"
      :supports="supports"
      :picked="picked"
      :moved-by="movedBy"
      @pick="emit('pick', $event)"
    />

    <path v-if="bent" class="bent" :d="bent.d" />
    <text v-if="bent" class="bent-words" x="20" :y="height - 12">{{ bent.text }}</text>
    <g v-if="growth" class="growth">
      <path class="reach" :d="`M${growth.from.x} ${growth.from.y} L${growth.to.x} ${growth.to.y}`" />
      <path
        class="arrow"
        :d="`M${growth.to.x} ${growth.to.y} L${growth.tip.x} ${growth.tip.y}`"
        :marker-end="`url(#${id}-ember)`"
      />
      <text :x="(growth.from.x + growth.to.x) / 2" :y="(growth.from.y + growth.to.y) / 2 - 7" text-anchor="middle">
        {{ growth.text }}
      </text>
    </g>

    <LoadArrows
      :id="id"
      :width="width"
      :arrows="arrows"
      :thrust="thrust"
      :pullable="pullable"
      @grab="grabArrow"
      @push="(index, times) => emit('push', index, times)"
    />
    <BearingLoads :id="id" :loads="carried" />
    <g v-for="(one, index) in placeSpans(frame, words)" :key="`d${index}`" class="dimension">
      <path :d="`M${one.x1} ${floor} H${one.x2} M${one.x1} ${floor - 6} v12 M${one.x2} ${floor - 6} v12`" />
      <text :x="(one.x1 + one.x2) / 2" :y="floor - 6" text-anchor="middle">{{ one.text }}</text>
    </g>
  </svg>
</template>

<style scoped>
.sheet {
  display: block;
  touch-action: none;
  user-select: none;
}
</style>
<style scoped src="../kit/lines.css"></style>
<style scoped src="./shaft.css"></style>
