<script setup lang="ts">
import type { Elevation } from './elevation.ts'
import type { Handle } from './drag-along.ts'
import type { placeSteps, PlacedPart, PlacedSupport } from './place-body.ts'
import SupportBlock from './SupportBlock.vue'

/** The machine itself: steps of the shaft, what is on it, and the bearings under it. Parts and bearings are dragged along. */
const { picked, movedBy } = defineProps<{
  id: string
  elevation: Elevation
  width: number
  steps: ReturnType<typeof placeSteps>
  parts: readonly PlacedPart[]
  supports: readonly PlacedSupport[]
  picked: Handle | null
  /** What the mouse and the keys do to a thing on the shaft. */
  movedBy: (handle: Handle) => Record<string, (event: never) => void>
}>()
const emit = defineEmits<{ pick: [handle: Handle] }>()
const isPicked = (what: Handle['what'], index: number) => picked?.what === what && picked.index === index
</script>

<template>
  <g :transform="`rotate(${-elevation.tiltDeg} ${elevation.middle.x} ${elevation.middle.y})`">
    <g
      v-for="(step, index) in steps"
      :key="`s${index}`"
      role="button"
      tabindex="0"
      :aria-label="`Step ${index + 1} of the shaft`"
      :class="{ picked: isPicked('section', index) }"
      :data-section="index"
      @pointerdown="emit('pick', { what: 'section', index })"
      @focus="emit('pick', { what: 'section', index })"
    >
      <rect
        class="solid"
        :x="step.x"
        :width="step.width"
        :y="elevation.axisY - step.height / 2"
        :height="step.height"
      />
      <path
        v-if="step.bore > 0"
        class="hidden"
        :d="`M${step.x} ${elevation.axisY - step.bore / 2} h${step.width} M${step.x} ${elevation.axisY + step.bore / 2} h${step.width}`"
      />
    </g>
    <g
      v-for="(part, index) in parts"
      :key="part.id"
      class="movable"
      role="button"
      tabindex="0"
      :aria-label="`${part.kind} ${part.id}, arrow keys move it`"
      :class="{ picked: isPicked('part', index) }"
      :data-part="part.id"
      :transform="`translate(${part.x} ${elevation.axisY})`"
      v-on="movedBy({ what: 'part', index })"
    >
      <!-- Something to take hold of where the drawing is hollow. -->
      <rect
        class="grip"
        :x="-Math.max(14, part.reach * 0.2)"
        :width="2 * Math.max(14, part.reach * 0.2)"
        :y="-part.reach"
        :height="2 * part.reach"
      />
      <g v-for="side in [1, -1]" :key="side" :transform="`scale(${part.facing} ${side})`">
        <path v-for="(shape, at_) in part.shapes" :key="at_" :class="shape.solid ? 'solid' : 'line'" :d="shape.d" />
      </g>
      <circle v-if="part.shapes.length === 0" class="dot" r="6" />
    </g>
    <g
      v-for="(support, index) in supports"
      :key="support.position"
      class="movable"
      role="button"
      tabindex="0"
      :aria-label="`${support.position}, arrow keys move it`"
      :class="{ picked: isPicked('support', index) }"
      :data-support="support.position"
      :transform="`translate(${support.x} ${elevation.axisY})`"
      v-on="movedBy({ what: 'support', index })"
    >
      <SupportBlock :id="id" :support="support" />
    </g>
    <path class="axis" :d="`M12 ${elevation.axisY} H${width - 12}`" />
  </g>
</template>

<style scoped src="../kit/lines.css"></style>
<style scoped src="./shaft.css"></style>
