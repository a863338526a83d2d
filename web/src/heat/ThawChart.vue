<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { warmedFor, type ColdPiece } from '@yardfrost/core'
import { scaleLinear } from 'd3-scale'
import { computed, useTemplateRef } from 'vue'
import { polyline } from '../drawing/kit/polyline.ts'
import { useFormat } from '../figures/use-format.ts'
import { useSettings } from '../shell/settings.ts'
import { degreeTicks } from './degree-ticks.ts'
import { clockWords } from './heat-says.ts'

/** How a chilled part warms once it is out, and where it would no longer go in. */
const { piece, ringC, seizesC, windowS } = defineProps<{
  piece: ColdPiece
  /** Taken out at, °C; warmer than the next it seizes, after so many seconds. */
  ringC: number
  seizesC: number
  windowS: number
}>()
const format = useFormat()
const settings = useSettings()
const box = useTemplateRef('box')
const { width, height } = useElementSize(box)
const degrees = (celsius: number) => format.digits(celsius, 'temperature')

const endS = computed(() => windowS * 1.35)
const warm = (seconds: number) => warmedFor(piece, ringC, seconds)
const x = computed(() =>
  scaleLinear()
    .domain([0, endS.value])
    .range([64, Math.max(140, width.value - 28)]),
)
const y = computed(() =>
  scaleLinear()
    .domain([ringC - 8, Math.max(piece.roomC, seizesC) + 12])
    .range([Math.max(120, height.value - 70), 30]),
)
const curve = computed(
  () =>
  polyline(Array.from({ length: 49 }, (_, index) => (endS.value * index) / 48).map((one) => ({ x: x.value(one), y: y.value(warm(one)) }))), // prettier-ignore
)
const ticks = computed(() => degreeTicks(y.value.domain(), settings.units))
</script>

<template>
  <div ref="box" class="box">
    <svg
      v-if="width > 0"
      :width="width"
      :height="height"
      role="img"
      aria-label="How it warms once it is out"
      data-test="thaw-chart"
    >
      <rect
        class="safe"
        :x="x(0)"
        :width="x(windowS / 2) - x(0)"
        :y="y.range()[1]"
        :height="(y.range()[0] ?? 0) - (y.range()[1] ?? 0)"
      />
      <text class="word" :x="x(0) + 8" :y="(y.range()[1] ?? 0) + 20">home within {{ clockWords(windowS / 2) }}</text>
      <g v-for="tick in ticks" :key="tick" class="grid">
        <line :x1="x.range()[0]" :x2="x.range()[1]" :y1="y(tick)" :y2="y(tick)" />
        <text :x="56" :y="y(tick) + 5" text-anchor="end">{{ degrees(tick) }}</text>
      </g>
      <line class="seizes" :x1="x.range()[0]" :x2="x.range()[1]" :y1="y(seizesC)" :y2="y(seizesC)" />
      <text class="seizes-word" :x="x(0) + 8" :y="y(seizesC) - 8">
        above {{ degrees(seizesC) }} {{ format.unit('temperature') }} it seizes
      </text>
      <path class="curve" :d="curve" />
      <circle class="dot" :cx="x(0)" :cy="y(ringC)" r="7" />
      <text class="word" :x="x(0) + 14" :y="y(ringC) + 5">
        out at {{ degrees(ringC) }} {{ format.unit('temperature') }}
      </text>
      <line class="end" :x1="x(windowS)" :x2="x(windowS)" :y1="y(seizesC)" :y2="y.range()[0]" />
      <text class="seizes-word" :x="x(windowS)" :y="(y.range()[0] ?? 0) + 24" text-anchor="middle">
        {{ clockWords(windowS) }}
      </text>
      <text :x="x(0)" :y="(y.range()[0] ?? 0) + 24" text-anchor="middle">0:00</text>
    </svg>
  </div>
</template>

<style scoped>
.box {
  height: 100%;
  min-height: 260px;
}

.grid line {
  stroke: var(--hair);
}

text {
  fill: var(--ink-2);
  font: 16px var(--label);
}

.safe {
  fill: var(--frost-soft);
}

.word {
  fill: var(--frost);
  font: 700 17px var(--text);
}

.curve {
  fill: none;
  stroke: var(--frost);
  stroke-width: 4;
}

.dot {
  fill: var(--frost);
}

.seizes {
  stroke: var(--stop);
  stroke-width: 2;
}

.end {
  stroke: var(--stop);
  stroke-width: 1.5;
  stroke-dasharray: 6 4;
}

.seizes-word {
  fill: var(--stop);
  font: 700 17px var(--text);
}
</style>
