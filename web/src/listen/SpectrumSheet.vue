<script setup lang="ts">
import type { DrawnSpectrum } from '@yardfrost/core'
import { useElementSize } from '@vueuse/core'
import { formatNumber } from '@yardfrost/core'
import { scaleLinear } from 'd3-scale'
import { computed, ref, useTemplateRef, watch } from 'vue'

/** A spectrum with lines that are looked for drawn over it; zoomed by wheel, by two fingers and by keys. */
const {
  title,
  unit,
  spectrum,
  over = null,
  lines = [],
  height = 190,
} = defineProps<{
  title: string
  unit: string
  spectrum: DrawnSpectrum
  /** Another record, behind it. */
  over?: DrawnSpectrum | null
  /** Where a line would be: its name, its harmonics joined, and how far beside each its sidebands. */
  lines?: readonly { name: string; hz: number; count: number; sideHz: number | null; found: boolean }[]
  height?: number
}>()

const frame = useTemplateRef('frame')
const { width } = useElementSize(frame)
const [left, right, top, bottom] = [54, 14, 44, 24]
/** Names of lines stand in rows above each other where they would lie on one another. */
const [rowPx, letterPx] = [14, 7]
const lastHz = computed(() => spectrum.heights.length * spectrum.resolutionHz)
const from = ref(0)
const to = ref(lastHz.value)
watch(lastHz, (hz) => {
  from.value = 0
  to.value = hz
})
const least = 8

const x = computed(() => scaleLinear([from.value, to.value], [left, Math.max(width.value - right, left + 50)]))
const seen = computed(() => {
  const [first, last] = [Math.floor(from.value / spectrum.resolutionHz), Math.ceil(to.value / spectrum.resolutionHz)]
  return { first: Math.max(first, 0), last: Math.min(last, spectrum.heights.length - 1) }
})
const most = computed(() => {
  let highest = 0
  for (let bin = Math.max(seen.value.first, 2); bin <= seen.value.last; bin++) highest = Math.max(highest, spectrum.heights[bin] ?? 0) // prettier-ignore
  return highest || 1
})
const y = computed(() => scaleLinear([0, most.value * 1.06], [height - bottom, top]))

/** The highest bin of each pixel: what stands out is never lost between two. */
function pathOf({ heights, resolutionHz }: DrawnSpectrum): string {
  const pixels = new Map<number, number>()
  const last = Math.min(heights.length - 1, Math.ceil(to.value / resolutionHz))
  for (let bin = Math.max(0, Math.floor(from.value / resolutionHz)); bin <= last; bin++) {
    const px = Math.round(x.value(bin * resolutionHz))
    pixels.set(px, Math.max(pixels.get(px) ?? 0, heights[bin] ?? 0))
  }
  return [...pixels].map(([px, value], index) => `${index === 0 ? 'M' : 'L'}${px} ${Math.max(y.value(value), top).toFixed(1)}`).join('') // prettier-ignore
}
const path = computed(() => pathOf(spectrum))
const overPath = computed(() => (over ? pathOf(over) : ''))
const marks = computed(() => {
  const ends: number[] = []
  return lines.map((line) => {
    const inside = (hz: number) => hz >= from.value && hz <= to.value
    const harmonics = Array.from({ length: line.count }, (_, index) => (index + 1) * line.hz).filter(inside)
    const sides = line.sideHz === null ? [] : harmonics.flatMap((hz) => [hz - (line.sideHz ?? 0), hz + (line.sideHz ?? 0)]).filter(inside) // prettier-ignore
    const at = harmonics.map((hz) => x.value(hz))
    const start = (at[0] ?? 0) + 4
    const free = ends.findIndex((end) => end < start)
    const row = at.length === 0 ? 0 : free >= 0 ? free : ends.length
    if (at.length > 0) ends[row] = start + letterPx * line.name.length
    return { ...line, row, harmonics: at, sides: sides.map((hz) => x.value(hz)) }
  })
})

function zoom(about: number, factor: number) {
  const width = Math.max(least, Math.min(lastHz.value, (to.value - from.value) * factor))
  const share = (about - from.value) / (to.value - from.value)
  from.value = Math.max(0, Math.min(lastHz.value - width, about - share * width))
  to.value = from.value + width
}
function slide(by: number) {
  const width = to.value - from.value
  from.value = Math.max(0, Math.min(lastHz.value - width, from.value + by))
  to.value = from.value + width
}
const hzAt = (clientX: number) => x.value.invert(clientX - (frame.value?.getBoundingClientRect().left ?? 0))
function wheel(event: WheelEvent) {
  event.preventDefault()
  if (event.shiftKey) slide(((to.value - from.value) * event.deltaY) / 800)
  else zoom(hzAt(event.clientX), event.deltaY > 0 ? 1.25 : 0.8)
}
/** Fingers on the sheet, by their ids. */
const fingers = new Map<number, number>()
function put(event: PointerEvent) {
  fingers.set(event.pointerId, event.clientX)
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  const before = fingers.get(event.pointerId)
  if (before === undefined) return
  const others = [...fingers].filter(([id]) => id !== event.pointerId)
  const [other] = others
  if (other) {
    const [was, is] = [Math.abs(before - other[1]), Math.abs(event.clientX - other[1])]
    if (was > 4 && is > 4) zoom(hzAt((event.clientX + other[1]) / 2), was / is)
  } else slide(hzAt(before) - hzAt(event.clientX))
  fingers.set(event.pointerId, event.clientX)
}
const lift = (event: PointerEvent) => fingers.delete(event.pointerId)
function key(event: KeyboardEvent) {
  const middle = (from.value + to.value) / 2
  const actions: Record<string, () => void> = {
    '+': () => zoom(middle, 0.8),
    '-': () => zoom(middle, 1.25),
    'ArrowLeft': () => slide((from.value - to.value) / 8),
    'ArrowRight': () => slide((to.value - from.value) / 8),
    'Home': () => zoom(0, 1e6),
  } // prettier-ignore
  const action = actions[event.key]
  if (!action) return
  event.preventDefault()
  action()
}
const ticks = computed(() => x.value.ticks(6))
</script>

<template>
  <figure class="spectrum">
    <figcaption class="label">{{ title }}</figcaption>
    <div ref="frame">
      <svg
        v-if="width > 0"
        :width="width"
        :height="height"
        role="application"
        tabindex="0"
        :aria-label="`${title}; plus and minus zoom, arrows move, Home shows all`"
        :data-spectrum="unit"
        :data-from="from.toFixed(1)"
        :data-to="to.toFixed(1)"
        @wheel="wheel"
        @pointerdown="put"
        @pointermove="drag"
        @pointerup="lift"
        @pointercancel="lift"
        @keydown="key"
      >
        <g v-for="line in marks" :key="line.name" :class="{ found: line.found }">
          <path v-for="px in line.sides" :key="`s${px}`" class="side" :d="`M${px} ${top + 30}V${height - bottom}`" />
          <path v-for="px in line.harmonics" :key="px" class="line" :d="`M${px} ${top}V${height - bottom}`" />
          <path
            v-if="line.harmonics.length > 1"
            class="join"
            :d="`M${line.harmonics[0]} ${top}H${line.harmonics.at(-1)}`"
          />
          <text
            v-if="line.harmonics.length"
            :x="(line.harmonics[0] ?? 0) + 4"
            :y="top - 5 - rowPx * Math.min(line.row, 2)"
          >
            {{ line.name }}
          </text>
        </g>
        <path v-if="overPath" class="over" :d="overPath" />
        <path class="trace" :d="path" />
        <path class="axis-line" :d="`M${left} ${top}V${height - bottom}H${width - right}`" />
        <text class="tick most" :x="left - 5" :y="top + 6">{{ formatNumber(most, { figures: 2 }) }}</text>
        <text class="tick most" :x="left - 5" :y="top + 22">{{ unit }}</text>
        <text v-for="tick in ticks" :key="tick" class="tick" :x="x(tick)" :y="height - 6">{{ tick }} Hz</text>
      </svg>
    </div>
  </figure>
</template>

<style scoped>
.spectrum {
  margin: 0;
  min-width: 0;
}

svg {
  touch-action: pan-y;
  cursor: grab;
}

.trace {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}

.over {
  fill: none;
  stroke: var(--frost);
  stroke-width: 1.2;
}

.line {
  stroke: var(--ink-2);
  stroke-dasharray: 4 4;
}

.side {
  stroke: var(--hair);
}

.join {
  fill: none;
  stroke: var(--ink-2);
}

.found .line,
.found .join {
  stroke: var(--ember);
  stroke-width: 1.8;
}

.found .side {
  stroke: var(--ember);
  stroke-dasharray: 2 3;
}

text {
  font: 14px var(--label);
  fill: var(--ink-2);
}

.found text {
  fill: var(--ember-text);
  font-weight: 650;
}

.tick {
  text-anchor: middle;
}

.most {
  text-anchor: end;
}

.axis-line {
  fill: none;
  stroke: var(--ink-2);
}
</style>
