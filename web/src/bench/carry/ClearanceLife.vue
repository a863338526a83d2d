<script setup lang="ts">
import type { BestClearance, ClearanceClass } from '@yardfrost/core'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'

/** Life against running clearance, with what the bearing runs with laid over it, and what every class would let it run with. */
const {
  best,
  domain,
  runs = null,
  classes = [],
  nowUm = null,
} = defineProps<{
  best: BestClearance
  /** Clearances that are shown, µm. */
  domain: [number, number]
  /** What it runs with, µm. */
  runs?: { least: number; most: number } | null
  classes?: readonly { name: ClearanceClass; from: number; to: number; isHere: boolean }[]
  /** Clearance that is looked at, µm. */
  nowUm?: number | null
}>()
const format = useFormat()
const id = useId()
const box = useTemplateRef('box')
const { width } = useElementSize(box)
const [left, right, bottom, classPx, nameWide] = [46, 8, 30, 18, 30]
/** Classes that lie in the picture, each on a line of its own over the curve. */
const shownClasses = computed(() =>
  classes
    .filter(({ from, to }) => to > domain[0] && from < domain[1])
    .map((one) => {
      const [start, end] = [Math.max(left, x(one.from)), Math.min(width.value - right, x(one.to))]
      // Its name stands behind the line, or before it where there is no room.
      const behind = end < width.value - right - nameWide
      return { ...one, start, end, at: behind ? end + 6 : start - 6, behind }
    }),
)
const plot = computed(() => {
  const top = 12 + shownClasses.value.length * classPx
  return { left, right, bottom, top, height: 158 + top }
})
const classY = (row: number) => 10 + row * classPx
const x = (um: number) => {
  const [from, to] = domain
  return left + ((um - from) / (to - from)) * (width.value - left - right)
}
const y = (share: number) => {
  const floor = plot.value.height - bottom
  return floor - share * (floor - plot.value.top)
}
const curve = computed(() => {
  const [from, to] = domain
  const points = best.curve
  const inside = points.filter(({ clearanceUm }, index) => (points[index + 1]?.clearanceUm ?? clearanceUm) >= from && (points[index - 1]?.clearanceUm ?? clearanceUm) <= to) // prettier-ignore
  return inside
    .map(({ clearanceUm, share }, index) => `${index === 0 ? 'M' : 'L'}${x(clearanceUm)} ${y(share)}`)
    .join(' ')
})
/** Share of the best life at the clearance that is looked at, read off the curve. */
const shareNow = computed(() => {
  const points = best.curve
  const um = nowUm ?? 0
  const after = points.findIndex(({ clearanceUm }) => clearanceUm >= um)
  const [one, other] = [points[after - 1], points[after]]
  if (!one || !other) return other?.share ?? points.at(-1)?.share ?? 0
  return one.share + ((um - one.clearanceUm) / (other.clearanceUm - one.clearanceUm)) * (other.share - one.share)
})
const ticks = computed(() => {
  const [from, to] = domain
  const step = [5, 10, 20, 50, 100, 200].find((one) => (to - from) / one <= 7) ?? 500
  return Array.from({ length: Math.floor(to / step) - Math.ceil(from / step) + 1 }, (_, index) => (Math.ceil(from / step) + index) * step) // prettier-ignore
})
</script>

<template>
  <div ref="box" class="plot">
    <svg
      v-if="width > 0"
      :width="width"
      :height="plot.height"
      role="img"
      aria-label="Life against running clearance"
      data-test="clearance-curve"
    >
      <rect
        v-if="runs"
        class="runs"
        :x="x(runs.least)"
        :y="plot.top"
        :width="Math.max(2, x(runs.most) - x(runs.least))"
        :height="plot.height - plot.bottom - plot.top"
      />
      <path
        class="grid"
        :d="`M${plot.left} ${y(1)} H${width - plot.right} M${plot.left} ${y(0.5)} H${width - plot.right}`"
      />
      <path class="axis" :d="`M${plot.left} ${plot.top} V${y(0)} H${width - plot.right}`" />
      <text v-for="share in [1, 0.5]" :key="share" class="label end" :x="plot.left - 6" :y="y(share) + 5">
        {{ share * 100 }} %
      </text>
      <text v-for="um in ticks" :key="um" class="label middle" :x="x(um)" :y="plot.height - 10">
        {{ format.digits(um, 'deviation') }}
      </text>
      <clipPath :id="`${id}-plot`">
        <rect :x="plot.left" y="0" :width="width - plot.left - plot.right" :height="plot.height" />
      </clipPath>
      <path class="curve" :d="curve" :clip-path="`url(#${id}-plot)`" />
      <g v-for="(one, row) in shownClasses" :key="one.name" :data-class="one.name">
        <path class="class" :class="{ here: one.isHere }" :d="`M${one.start} ${classY(row)} H${one.end}`" />
        <text class="label" :class="{ here: one.isHere, end: !one.behind }" :x="one.at" :y="classY(row) + 5">
          {{ one.name }}
        </text>
      </g>
      <circle v-if="nowUm !== null" class="now" :cx="x(nowUm)" :cy="y(shareNow)" r="6" />
    </svg>
  </div>
</template>

<style scoped>
.plot {
  min-height: 170px;
}

.runs {
  fill: var(--frost-soft);
}

.grid {
  stroke: var(--hair);
  fill: none;
}

.axis,
.curve {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}

.curve {
  stroke-width: 2;
}

.class {
  stroke: var(--ink-2);
  stroke-width: 3;
}

.class.here {
  stroke: var(--frost);
  stroke-width: 5;
}

.now {
  fill: var(--ink);
}

.plot text {
  fill: var(--ink-2);
}

.plot text.here {
  fill: var(--ink);
  font-weight: 650;
}

.end {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}
</style>
