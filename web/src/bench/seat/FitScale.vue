<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import HatchPattern from '../../drawing/kit/HatchPattern.vue'
import { formatNumber, toShown, type FitHistogram } from '@yardfrost/core'
import { scaleLinear } from 'd3-scale'
import { computed, useId, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useSettings } from '../../shell/settings.ts'

/** Ring tolerance over seat zone, as deviations from nominal: how the two bars lie tells tight from loose. */
const {
  seat,
  ring,
  worked,
  tone,
  gauged = null,
  histogram = null,
} = defineProps<{
  seat: 'shaft' | 'housing'
  /** Deviations of the ring, µm. */
  ring: { from: number; to: number }
  /** Deviations the seat is worked to, µm. */
  worked: { from: number; to: number }
  tone: 'ember' | 'frost' | 'ink'
  /** Mean of the gauged seat, off nominal, µm. */
  gauged?: number | null
  /** How often each fit comes out between loosest and tightest. */
  histogram?: FitHistogram | null
}>()

const id = useId()
const settings = useSettings()
const format = useFormat()
const box = useTemplateRef('box')
const { width } = useElementSize(box)

const labelPx = 74
const barPx = 13
const ringY = 4
const seatY = 22
const axisY = 42
const fitsPx = 34
const fitsY = 108

const x = computed(() => {
  const ends = [ring.from, ring.to, worked.from, worked.to, 0]
  const spread = Math.max(...ends) - Math.min(...ends)
  return scaleLinear()
    .domain([Math.min(...ends) - spread * 0.04, Math.max(...ends) + spread * 0.04])
    .range([labelPx, Math.max(width.value - 8, labelPx + 40)])
})
/** Ticks are round in the unit shown, not in micrometres. */
const ticks = computed(() => {
  const [low = 0, high = 1] = x.value.domain()
  const shown = scaleLinear().domain([
    toShown(low, 'deviation', settings.units),
    toShown(high, 'deviation', settings.units),
  ])
  const perUnit = toShown(1, 'deviation', settings.units)
  return shown.ticks(6).map((value) => ({
    px: x.value(value / perUnit),
    text:
      value === 0
        ? '0'
        : `${value > 0 ? '+' : ''}${formatNumber(value, { decimals: Number.isInteger(value) ? 0 : 1 })}`,
  }))
})
/** The fits have a scale of their own below: from loosest to tightest, with nothing between tight and loose marked. */
const fits = computed(() => {
  if (!histogram) return null
  const { fromUm, toUm, counts, looseShare } = histogram
  const most = Math.max(...counts, 1)
  const along = scaleLinear()
    .domain([fromUm, toUm])
    .range([labelPx, Math.max(width.value - 8, labelPx + 40)])
  const step = (toUm - fromUm) / counts.length
  return {
    bars: counts.map((count, index) => ({
      x: along(fromUm + index * step),
      width: Math.max(along(fromUm + (index + 1) * step) - along(fromUm + index * step) - 0.6, 0.5),
      height: (count / most) * fitsPx,
      tight: fromUm + (index + 0.5) * step >= 0,
    })),
    zero: fromUm < 0 && toUm > 0 ? along(0) : null,
    loosest: format.fitEnd(fromUm),
    tightest: format.fitEnd(toUm),
    words:
      looseShare === 0
        ? 'always tight'
        : looseShare === 1
          ? 'always loose'
          : looseShare < 0.01
            ? 'under 1 % loose'
            : `${formatNumber(looseShare * 100, { decimals: 0 })} % loose`,
  }
})
const bar = (band: { from: number; to: number }) => ({
  x: x.value(band.from),
  width: Math.max(x.value(band.to) - x.value(band.from), 2),
})
</script>

<template>
  <div ref="box" class="box">
    <svg
      v-if="width > 0"
      :width="width"
      :height="fits ? 128 : 64"
      role="img"
      :aria-label="`Tolerance of the ring and of the ${seat}, about nominal`"
    >
      <defs>
        <HatchPattern :id="id" :size="6" />
      </defs>
      <line class="nominal" :x1="x(0)" :x2="x(0)" y1="0" :y2="axisY" />
      <text x="0" :y="ringY + 12">{{ seat === 'shaft' ? 'ring bore' : 'ring outside' }}</text>
      <rect class="ring" :y="ringY" :height="barPx" v-bind="bar(ring)" :fill="`url(#${id})`" />
      <text x="0" :y="seatY + 12">{{ seat }}</text>
      <rect class="seat" :class="tone" :y="seatY" :height="barPx" v-bind="bar(worked)" />
      <path v-if="gauged !== null" class="gauged" :d="`M${x(gauged)} ${seatY - 3} v${barPx + 6}`" />
      <path class="axis" :d="`M${labelPx} ${axisY} H${width - 8}`" />
      <g v-for="tick in ticks" :key="tick.text">
        <line class="axis" :x1="tick.px" :x2="tick.px" :y1="axisY" :y2="axisY + 5" />
        <text class="number" :x="tick.px" :y="axisY + 19">{{ tick.text }}</text>
      </g>
      <text x="0" :y="axisY + 19">{{ format.unit('deviation') }}</text>
      <g v-if="fits" data-test="fit-distribution">
        <text x="0" :y="fitsY - 16">fits made</text>
        <text x="0" :y="fitsY - 1">{{ fits.words }}</text>
        <rect
          v-for="(one, index) in fits.bars"
          :key="index"
          :class="one.tight ? 'made-tight' : 'made-loose'"
          :x="one.x"
          :width="one.width"
          :y="fitsY - one.height"
          :height="one.height"
        />
        <path v-if="fits.zero !== null" class="nominal" :d="`M${fits.zero} ${fitsY - fitsPx - 4} V${fitsY}`" />
        <path class="axis" :d="`M${labelPx} ${fitsY} H${width - 8}`" />
        <text :x="labelPx" :y="fitsY + 17">{{ fits.loosest }}</text>
        <text class="end" :x="width - 8" :y="fitsY + 17">{{ fits.tightest }}</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.box {
  min-height: 64px;
  padding-top: 4px;
}

text {
  fill: var(--ink-2);
  font: 14px var(--label);
}

.number {
  text-anchor: middle;
}

.end {
  text-anchor: end;
}

.ring {
  stroke: var(--ink);
  stroke-width: 1.2;
}

.seat {
  stroke-width: 1.5;
}

.seat.ember {
  fill: var(--ember-soft);
  stroke: var(--ember);
}

.seat.frost {
  fill: var(--frost-soft);
  stroke: var(--frost);
}

.seat.ink {
  fill: var(--sheet);
  stroke: var(--ink);
}

.gauged {
  stroke: var(--ink);
  stroke-width: 3;
}

.made-tight {
  fill: var(--ember);
}

.made-loose {
  fill: var(--frost);
}

.axis {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
}

.nominal {
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 3 3;
}
</style>
