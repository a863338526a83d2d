<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { HeaterSample } from '@yardfrost/contract'
import { cooledFor, type HeatTarget } from '@yardfrost/core'
import { scaleLinear } from 'd3-scale'
import { computed, useTemplateRef } from 'vue'
import { polyline } from '../drawing/kit/polyline.ts'
import { useFormat } from '../figures/use-format.ts'
import { useSettings } from '../shell/settings.ts'
import { degreeTicks } from './degree-ticks.ts'
import { clockWords, liftFromC } from './heat-says.ts'

/** Both rings against time, what the inner one must reach and must not pass, and how it cools once it is lifted. */
const { target, samples, lifted, windowS } = defineProps<{
  target: HeatTarget
  samples: readonly HeaterSample[]
  /** Where it was lifted; null unless it was. */
  lifted: { innerC: number; seconds: number } | null
  /** From lifting until it would seize, s; null unless it was lifted. */
  windowS: number | null
}>()
const format = useFormat()
const settings = useSettings()
const degrees = (celsius: number) => format.digits(celsius, 'temperature')

const box = useTemplateRef('box')
const { width, height } = useElementSize(box)
const last = computed(() => samples.at(-1) ?? null)
const liftC = computed(() => liftFromC(target))
const heatedS = computed(() => last.value?.seconds ?? lifted?.seconds ?? 0)
const x = computed(() =>
  scaleLinear()
    .domain([0, Math.max(150, heatedS.value + (windowS ?? 30))])
    .range([52, Math.max(120, width.value - 12)]),
)
const y = computed(() =>
  scaleLinear()
    .domain([target.roomC - 5, target.limitC + 15])
    .range([Math.max(100, height.value - 34), 16]),
)
const pathOf = (pick: (sample: HeaterSample) => number) =>
  polyline(samples.map((sample) => ({ x: x.value(sample.seconds), y: y.value(pick(sample)) })))
/** How it cools in the air, from lifting to where it would seize. */
const cooling = computed(() => {
  if (windowS === null || windowS <= 0 || !lifted) return ''
  const seconds = Array.from({ length: 25 }, (_, index) => (windowS * index) / 24)
  return polyline(
    seconds.map((one) => ({ x: x.value(heatedS.value + one), y: y.value(cooledFor(target, lifted.innerC, one)) })),
  )
})
const ticks = computed(() => degreeTicks(y.value.domain(), settings.units))
/** Times below the curve, at most seven of them, in steps a clock has. */
const minutes = computed(() => {
  const [, end = 0] = x.value.domain()
  const step = [30, 60, 120, 300, 600, 1800].find((seconds) => end / seconds <= 7) ?? 3600
  return Array.from({ length: Math.floor(end / step) + 1 }, (_, index) => index * step)
})
</script>

<template>
  <div ref="box" class="box">
    <svg v-if="width > 0" :width="width" :height="height" role="img" aria-label="Both rings against time">
      <rect
        class="lift"
        :x="x.range()[0]"
        :width="(x.range()[1] ?? 0) - (x.range()[0] ?? 0)"
        :y="y(target.aimC)"
        :height="Math.max(2, y(liftC) - y(target.aimC))"
      />
      <g v-for="tick in ticks" :key="tick" class="grid">
        <line :x1="x.range()[0]" :x2="x.range()[1]" :y1="y(tick)" :y2="y(tick)" />
        <text :x="44" :y="y(tick) + 5" text-anchor="end">{{ degrees(tick) }}</text>
      </g>
      <g v-for="tick in minutes" :key="`m${tick}`" class="grid">
        <text :x="x(tick)" :y="height - 10" text-anchor="middle">{{ clockWords(tick) }}</text>
      </g>
      <line class="limit" :x1="x.range()[0]" :x2="x.range()[1]" :y1="y(target.limitC)" :y2="y(target.limitC)" />
      <text class="stop" :x="x.range()[1]" :y="y(target.limitC) - 7" text-anchor="end">
        limit {{ degrees(target.limitC) }}
      </text>
      <line class="slides" :x1="x.range()[0]" :x2="x.range()[1]" :y1="y(target.slidesC)" :y2="y(target.slidesC)" />
      <text class="cold" :x="x.range()[1]" :y="y(target.slidesC) + 18" text-anchor="end">
        below {{ degrees(target.slidesC) }} it seizes
      </text>
      <text class="aim" :x="(x.range()[0] ?? 0) + 8" :y="y(target.aimC) - 5">
        aim {{ degrees(target.aimC) }}, lift from {{ degrees(liftC) }}
      </text>
      <path class="outer" :d="pathOf(({ outerC }) => outerC)" />
      <path class="inner" :d="pathOf(({ innerC }) => innerC)" />
      <path v-if="cooling" class="cooling" :d="cooling" />
      <template v-if="last">
        <circle class="inner-dot" :cx="x(last.seconds)" :cy="y(last.innerC)" r="7" />
        <text class="outer-word" :x="x(last.seconds) + 10" :y="y(last.outerC) + 18">outer ring</text>
      </template>
    </svg>
  </div>
</template>

<style scoped>
.box {
  height: 300px;
}

.grid line {
  stroke: var(--hair);
}

text {
  fill: var(--ink-2);
  font: 15px var(--label);
}

.lift {
  fill: var(--ember-soft);
}

.limit {
  stroke: var(--stop);
  stroke-width: 2;
}

text.stop {
  fill: var(--stop);
  font-weight: 650;
}

.slides {
  stroke: var(--frost);
  stroke-width: 2;
  stroke-dasharray: 8 5;
}

text.cold {
  fill: var(--frost);
  font-weight: 650;
}

text.aim {
  fill: var(--ember-text);
}

path {
  fill: none;
}

.inner {
  stroke: var(--ember);
  stroke-width: 4;
}

.outer {
  stroke: var(--ink-2);
  stroke-width: 2.5;
}

.cooling {
  stroke: var(--ember);
  stroke-width: 2.5;
  stroke-dasharray: 2 6;
}

.inner-dot {
  fill: var(--ember);
}
</style>
