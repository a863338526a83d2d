<script setup lang="ts">
import type { LogLine } from '@yardfrost/contract'
import { scaleTime } from 'd3-scale'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import HatchPattern from '../drawing/kit/HatchPattern.vue'
import { shownDay } from '../shell/shown-time.ts'
import { today } from '../shell/today.ts'
import { causeWords, endWords, hoursWords } from './life-words.ts'

/** A line a position, a bar a bearing: hatched came out failed, plain came out sound, open still runs. */
const {
  lines,
  since,
  chosen = null,
  position = null,
} = defineProps<{
  lines: readonly LogLine[]
  /** Day the drawing begins with. */
  since: string
  /** Bearing whose story is open. */
  chosen?: string | null
  /** Position that is looked at. */
  position?: string | null
}>()
const emit = defineEmits<{ bearing: [id: string]; position: [id: string] }>()

const id = useId()
const frame = useTemplateRef('frame')
const { width } = useElementSize(frame)
const names = computed(() => (width.value < 560 ? 146 : 188))
const [right, lineHeight, headHeight, bar] = [18, 42, 30, 20]

const now = today()
const x = computed(() =>
  scaleTime([new Date(since), new Date(now)], [names.value, Math.max(width.value - right, names.value + 60)]),
)
const at = (day: string) => x.value(new Date(day))
const ticks = computed(() => x.value.ticks(width.value < 560 ? 3 : 5).map((day) => ({ x: x.value(day), words: x.value.tickFormat(5, '%b %y')(day) }))) // prettier-ignore

/** Lines below each other, with the name of an area where a new one begins. */
const rows = computed(() => {
  let y = 14
  let area = ''
  return lines.map((line) => {
    const heading = line.machine.area === area ? null : { y: y + 20, words: line.machine.area }
    if (heading) y += headHeight
    area = line.machine.area
    const row = { line, heading, y }
    y += lineHeight
    return row
  })
})
const height = computed(() => (rows.value.at(-1)?.y ?? 0) + lineHeight + 30)
const nameOf = ({ machine, position: { name } }: LogLine) => `${machine.tag} ${name.toLowerCase()}`
const barsOf = ({ bearings }: LogLine) =>
  bearings.map((one) => {
    const from = Math.max(at(one.fittedOn), names.value)
    const to = Math.max(at(one.outOn ?? now), from + 3)
    const words = `${one.designation}, ${shownDay(one.fittedOn)} to ${one.outOn ? shownDay(one.outOn) : 'now'}, ${hoursWords(one.hoursH)}, ${endWords(one)}${one.ended && one.ended !== 'sound' ? `: ${causeWords(one.cause)}` : ''}` // prettier-ignore
    return { one, x: from + 1, width: Math.max(to - from - 2, 2), words, kind: one.ended === null ? 'runs' : one.ended === 'sound' ? 'sound' : 'failed' } // prettier-ignore
  })
</script>

<template>
  <div ref="frame" class="lines">
    <svg v-if="width > 0" :width="width" :height="height" role="group" aria-label="Bearings by position and time">
      <defs><HatchPattern :id="`${id}-failed`" :size="6" /></defs>
      <g class="ticks">
        <template v-for="tick in ticks" :key="tick.x">
          <path :d="`M${tick.x} 0V${height - 24}`" />
          <text :x="tick.x" :y="height - 6">{{ tick.words }}</text>
        </template>
      </g>
      <g v-for="{ line, heading, y } in rows" :key="line.position.id" :data-log="nameOf(line)">
        <text v-if="heading" class="area" x="6" :y="heading.y">{{ heading.words }}</text>
        <rect v-if="line.position.id === position" class="lit" x="0" :y="y" :width="width" :height="lineHeight - 2" />
        <text
          class="name"
          :class="{ on: line.position.id === position, small: width < 560 }"
          x="16"
          :y="y + 26"
          role="button"
          tabindex="0"
          @click="emit('position', line.position.id)"
          @keydown.enter="emit('position', line.position.id)"
        >
          {{ nameOf(line) }}
        </text>
        <g
          v-for="{ one, x: left, width: wide, words, kind } in barsOf(line)"
          :key="one.id"
          class="bar"
          :class="[kind, { chosen: one.id === chosen }]"
          role="button"
          tabindex="0"
          :aria-label="words"
          :data-bearing="one.id"
          :data-ended="kind"
          @click="emit('bearing', one.id)"
          @keydown.enter="emit('bearing', one.id)"
        >
          <title>{{ words }}</title>
          <rect :x="left" :y="y + 10" :width="wide" :height="bar" />
          <rect
            v-if="kind === 'failed'"
            class="hatch"
            :fill="`url(#${id}-failed)`"
            :x="left"
            :y="y + 10"
            :width="wide"
            :height="bar"
          />
          <!-- prettier-ignore -->
        </g>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.lines {
  min-width: 0;
}

.ticks path {
  stroke: var(--hair);
}

.ticks text {
  font: 14px var(--label);
  fill: var(--ink-2);
  text-anchor: middle;
}

.area {
  font: 600 15px var(--label);
  fill: var(--ink);
}

.name {
  font: 15px var(--text);
  fill: var(--ink);
  cursor: pointer;
}

.name.small {
  font: 16px var(--label);
}

.name.on {
  font-weight: 700;
}

.lit {
  fill: var(--sheet);
}

.bar {
  cursor: pointer;
}

.bar rect:not(.hatch) {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.failed rect:not(.hatch) {
  fill: var(--ember-soft);
  stroke: var(--ember);
}

.sound rect:not(.hatch) {
  fill: var(--frost-soft);
  stroke: var(--frost);
}

.bar .hatch {
  stroke: none;
}

.chosen rect:first-of-type {
  stroke-width: 3.4;
}

.bar:focus-visible,
.name:focus-visible {
  outline: 2px solid var(--spruce);
  outline-offset: 2px;
}
</style>
