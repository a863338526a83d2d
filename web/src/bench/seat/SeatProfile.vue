<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { computed, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'

/** A gauged seat drawn along its length: the zone as a band, each plane with its readings, all off nominal and exaggerated. */
const { seat, sheet, nominalMm, limits } = defineProps<{
  seat: 'shaft' | 'housing'
  /** Readings by plane and direction, mm; null where not read. */
  sheet: readonly (readonly (number | null)[])[]
  nominalMm: number
  /** Sizes the seat is worked to, mm. */
  limits: { from: number; to: number }
}>()

const format = useFormat()
const box = useTemplateRef('box')
const { width } = useElementSize(box)
const height = 150
const left = 62
const [top, bottom] = [12, 118]

const planes = computed(() =>
  sheet.flatMap((readings, index) => {
    const known = readings.filter((one): one is number => one !== null).map((one) => (one - nominalMm) * 1000)
    if (known.length < 2) return []
    const mean = known.reduce((sum, one) => sum + one, 0) / known.length
    return [{ index, known, mean, low: Math.min(...known), high: Math.max(...known) }]
  }),
)
const band = computed(() => ({
  low: (limits.from - nominalMm) * 1000,
  high: (limits.to - nominalMm) * 1000,
}))
const y = computed(() => {
  const ends = [0, band.value.low, band.value.high, ...planes.value.flatMap(({ low, high }) => [low, high])]
  const [low, high] = [Math.min(...ends), Math.max(...ends)]
  const room = (high - low) * 0.08 + 1
  return scaleLinear()
    .domain([low - room, high + room])
    .range([bottom, top])
})
const x = (index: number) => left + 30 + ((width.value - left - 60) * index) / Math.max(sheet.length - 1, 1)
const line = computed(() =>
  planes.value.map(({ index, mean }, at) => `${at === 0 ? 'M' : 'L'}${x(index)} ${y.value(mean)}`).join(''),
)
/** How many times the deviations are drawn larger than life, against a seat of half its diameter in length. */
const times = computed(() => {
  const pxPerUm = Math.abs(y.value(1) - y.value(0))
  const pxPerMmAlong = (width.value - left - 60) / (nominalMm * 0.5)
  const exact = (pxPerUm * 1000) / pxPerMmAlong
  return Number(exact.toPrecision(1))
})
const ticks = computed(() => y.value.ticks(4))
const names = ['shoulder', 'middle', 'outer end']
</script>

<template>
  <div ref="box" class="box">
    <svg
      v-if="width > 0 && planes.length > 0"
      :width="width"
      :height="height"
      role="img"
      :aria-label="`The ${seat} as gauged`"
    >
      <rect class="band" :x="left" :width="width - left - 8" :y="y(band.high)" :height="y(band.low) - y(band.high)" />
      <g v-for="tick in ticks" :key="tick">
        <line class="tick" :x1="left - 5" :x2="left" :y1="y(tick)" :y2="y(tick)" />
        <text class="number" :x="left - 9" :y="y(tick) + 5">
          {{ tick > 0 ? '+' : '' }}{{ format.digits(tick, 'deviation') }}
        </text>
      </g>
      <line class="nominal" :x1="left" :x2="width - 8" :y1="y(0)" :y2="y(0)" />
      <path class="mean" :d="line" />
      <g v-for="plane in planes" :key="plane.index">
        <line class="spread" :x1="x(plane.index)" :x2="x(plane.index)" :y1="y(plane.low)" :y2="y(plane.high)" />
        <circle v-for="(one, at) in plane.known" :key="at" :cx="x(plane.index)" :cy="y(one)" r="3.4" />
        <text class="plane" :x="x(plane.index)" :y="height - 14">{{ names[plane.index] ?? plane.index + 1 }}</text>
      </g>
      <line class="axis" :x1="left" :x2="left" :y1="top" :y2="bottom" />
      <text class="plane caption" :x="width - 8" :y="height - 1">
        off nominal, {{ format.unit('deviation') }}, drawn about {{ times }} times
      </text>
    </svg>
  </div>
</template>

<style scoped>
.box {
  min-height: 150px;
}

text {
  fill: var(--ink-2);
  font: 14px var(--label);
}

.number {
  text-anchor: end;
}

.plane {
  text-anchor: middle;
}

.caption {
  text-anchor: end;
}

.band {
  fill: var(--frost-soft);
  stroke: var(--frost);
  stroke-width: 1;
}

.tick,
.axis {
  stroke: var(--ink-2);
  stroke-width: 1;
}

.nominal {
  stroke: var(--ink-2);
  stroke-dasharray: 26 5 5 5;
}

.mean {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.spread {
  stroke: var(--ember);
  stroke-width: 2;
}

circle {
  fill: var(--sheet);
  stroke: var(--ember);
  stroke-width: 1.6;
}
</style>
