<script setup lang="ts">
import { edgesOn, loadAtDeg, type Band, type PaintedMark } from '@yardfrost/core'
import { computed, useId } from 'vue'
import HatchPattern from '../kit/HatchPattern.vue'
import { markShape } from './mark-shape.ts'
import { bandPaths, laneOf, markBoxes, xOf, yOf, type StripFrame, type StripPoint } from './strip-frame.ts'

/** One ring unrolled: the track it should show in dashes, what was painted on it, the cursor of who paints by keys. */
const {
  frame,
  title,
  expected = [],
  bands = [],
  marks = [],
  cursor = null,
  lit = null,
  loadShown = true,
} = defineProps<{
  frame: StripFrame
  title: string
  expected?: readonly Band[]
  bands?: readonly Band[]
  marks?: readonly PaintedMark[]
  cursor?: StripPoint | null
  /** Mark that is pointed at. */
  lit?: PaintedMark | null
  /** Whether the load stands on this ring. */
  loadShown?: boolean
}>()
const id = useId()

const raceways = computed(() => frame.lanes.filter(({ surface }) => surface === 'raceway'))
const paths = (of: readonly Band[]) =>
  raceways.value.flatMap((lane) => bandPaths(frame, lane, edgesOn(of, frame.ring, lane.row)))
const expectedPaths = computed(() => paths(expected))
const bandsPainted = computed(() => paths(bands))
const drawn = computed(() =>
  marks
    .filter(({ ring }) => ring === frame.ring)
    .flatMap((mark) => {
      const lane = laneOf(frame, mark.surface, mark.row)
      return lane ? markBoxes(frame, lane, mark).map((box) => ({ mark, box, shape: markShape(mark.kind, box) })) : []
    }),
)
/** On a narrower strip the title stands over the arrow of the load. */
const narrow = 420
const ticks = computed(() =>
  frame.width < narrow ? [0, 90, 180, 270, 360] : Array.from({ length: 9 }, (_, index) => index * 45),
)
const cross = computed(() => {
  const lane = cursor && laneOf(frame, cursor.surface, cursor.row)
  return lane && cursor ? { x: xOf(frame, cursor.deg), y: yOf(lane, cursor.u) } : null
})
const seatWord = computed(() => (frame.ring === 'inner' ? 'bore' : 'outside'))
</script>

<template>
  <g class="strip" :data-ring="frame.ring">
    <defs>
      <HatchPattern :id="`${id}-track`" :size="6" />
      <HatchPattern :id="`${id}-rib`" :size="5" leans="left" />
    </defs>
    <text class="title" :x="frame.left - 48" :y="frame.top - (frame.width < narrow ? 22 : 9)">{{ title }}</text>
    <template v-for="lane in frame.lanes" :key="`${lane.surface}${lane.row}${lane.side}`">
      <rect
        :class="['lane', lane.surface]"
        :x="frame.left"
        :y="lane.top"
        :width="frame.width"
        :height="lane.height"
        :fill="lane.surface === 'rib' ? `url(#${id}-rib)` : undefined"
        :data-lane="`${frame.ring}.${lane.surface}.${lane.row}`"
      />
      <path
        v-if="lane.surface === 'raceway'"
        class="axis"
        :d="`M${frame.left} ${yOf(lane, 0)}H${frame.left + frame.width}`"
      />
      <text v-if="lane.surface !== 'raceway'" class="lane-word" :x="frame.left - 6" :y="lane.top + lane.height / 2 + 4">
        {{ lane.surface === 'seat' ? seatWord : 'rib' }}
      </text>
    </template>
    <path v-for="d in bandsPainted" :key="d" class="band" :d="d" />
    <path v-for="d in bandsPainted" :key="`h${d}`" :d="d" :fill="`url(#${id}-track)`" class="hatch" />
    <path v-for="d in expectedPaths" :key="`e${d}`" class="expected" :d="d" />
    <g v-for="({ mark, shape, box }, index) in drawn" :key="index" :class="['mark', { lit: mark === lit }]">
      <path :class="shape.look" :d="shape.d" />
      <rect
        v-if="mark === lit"
        class="around"
        :x="box.x - 2"
        :y="box.y - 2"
        :width="box.width + 4"
        :height="box.height + 4"
      />
    </g>
    <path v-if="loadShown" class="load" :d="`M${xOf(frame, loadAtDeg)} ${frame.top - 17}v13m-4 -6l4 6l4 -6`" />
    <g class="scale">
      <template v-for="deg in ticks" :key="deg">
        <path :d="`M${xOf(frame, deg)} ${frame.bottom}v5`" />
        <text :x="xOf(frame, deg)" :y="frame.bottom + 19">{{ deg }}°</text>
      </template>
    </g>
    <path v-if="cross" class="cursor" :d="`M${cross.x - 9} ${cross.y}h18M${cross.x} ${cross.y - 9}v18`" />
  </g>
</template>

<style src="../kit/lines.css"></style>
<style scoped>
.title {
  font: 600 16px var(--text);
  fill: var(--ink);
}

.lane {
  stroke: var(--ink);
  stroke-width: 1.8;
}

.lane:not([fill]) {
  fill: var(--sheet);
}

.lane.rib {
  stroke-width: 1.2;
}

.lane.seat {
  fill: var(--paper);
  stroke-width: 1.2;
}

.lane-word {
  font: 13px var(--label);
  fill: var(--ink-2);
  text-anchor: end;
}

.band {
  fill: var(--ember-soft);
  stroke: var(--ember);
  stroke-width: 1;
}

.hatch {
  opacity: 0.5;
}

.expected {
  fill: none;
  stroke: var(--frost);
  stroke-width: 2;
  stroke-dasharray: 7 5;
}

.dark {
  fill: var(--ink);
}

.fill {
  fill: var(--ember);
}

.shade {
  fill: var(--ember);
  opacity: 0.28;
}

.lines {
  fill: none;
  stroke: var(--ember);
  stroke-width: 1.8;
}

.around {
  fill: none;
  stroke: var(--ink);
  stroke-dasharray: 3 3;
}

.load {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2;
}

.scale path {
  stroke: var(--ink-2);
}

.scale text {
  font: 14px var(--label);
  fill: var(--ink-2);
  text-anchor: middle;
}

.cursor {
  fill: none;
  stroke: var(--spruce);
  stroke-width: 2.5;
}
</style>
