<script setup lang="ts">
import type { Warmth } from '@yardfrost/core'
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'

/** Temperature of the housing against time from the start, as it should be, and the shapes by which trouble is known. */
const { warmth, measuredC } = defineProps<{
  warmth: Warmth
  /** Null while nobody has measured. */
  measuredC: number | null
}>()
const format = useFormat()
const box = useTemplateRef('box')
const { width, height } = useElementSize(box)

const margin = { left: 58, right: 18, top: 92 }
const below = 176
const floor = computed(() => height.value - below)
const settleH = computed(() => warmth.temperature.settleH)
/** Shown so far past where it has settled. */
const longestH = computed(() => 1.5 * settleH.value)
const x = (hours: number) => margin.left + (hours / longestH.value) * (width.value - margin.left - margin.right)
const top = computed(() => {
  const { expected, housingC } = warmth.temperature
  return Math.max(expected.highC, housingC, measuredC ?? -Infinity) + 6
})
const bottom = computed(() => Math.min(warmth.roomC, warmth.temperature.expected.lowC, measuredC ?? Infinity) - 4)
const y = (celsius: number) =>
  floor.value - ((celsius - bottom.value) / (top.value - bottom.value)) * (floor.value - margin.top)

const points = 60
const hours = computed(() => Array.from({ length: points + 1 }, (_, index) => (index / points) * longestH.value))
/** On its way from the room to where it settles. */
const rise = (toC: number, atH: number) =>
  warmth.roomC + (toC - warmth.roomC) * (1 - Math.exp(-atH / warmth.temperature.timeConstantH))
const line = (toC: number) => hours.value.map((atH) => `${x(atH)} ${y(rise(toC, atH))}`)
const middle = computed(() => `M${line(warmth.temperature.housingC).join(' L')}`)
const band = computed(() => {
  const { lowC, highC } = warmth.temperature.expected
  return `M${line(highC).join(' L')} L${line(lowC).reverse().join(' L')} Z`
})
const ticks = computed(() => {
  const step = [5, 10, 20, 50].find((one) => (top.value - bottom.value) / one <= 7) ?? 100
  const first = Math.ceil(bottom.value / step)
  return Array.from({ length: Math.floor(top.value / step) - first + 1 }, (_, index) => (first + index) * step)
})
const hourTicks = computed(() => {
  const step = [0.25, 0.5, 1, 2, 5, 10, 20].find((one) => longestH.value / one <= 7) ?? 50
  return Array.from({ length: Math.floor(longestH.value / step) + 1 }, (_, index) => index * step)
})
const degrees = (celsius: number) => format.digits(celsius, 'temperature')

/** Friction by what makes it, as parts of one bar. */
const parts = computed(() => {
  const { loadTorqueNmm, viscousTorqueNmm, sealTorqueNmm, totalTorqueNmm, powerW } = warmth.torque
  let from = margin.left
  const whole = width.value - margin.left - margin.right
  return (
    [
      ['load', loadTorqueNmm],
      ['lubricant', viscousTorqueNmm],
      ['seals', sealTorqueNmm],
    ] as const
  )
    .filter(([, torque]) => torque > 0)
    .map(([name, torque]) => {
      const share = torque / totalTorqueNmm
      const part = { name, x: from, width: share * whole, watts: share * powerW }
      from += part.width
      return part
    })
})
const watts = (value: number) => format.inline({ kind: 'number', number: value }, 'watts', { figures: 2 })
/** Wide enough for its words. */
const leastWide = 96

/** Shapes of trouble, over a square of one: time to the right, temperature up. */
const shapes = [
  { name: 'too much in it', d: 'M0 1 C0.1 0.3 0.16 0.02 0.26 0.02 C0.4 0.02 0.5 0.42 1 0.46', says: 'a peak in the first hours, then back' },
  { name: 'starved', d: 'M0 1 C0.1 0.6 0.25 0.56 0.4 0.54 L0.5 0.3 L0.54 0.5 L0.66 0.44 L0.74 0.14 L0.78 0.4 L0.88 0.32 L1 0.02', says: 'it creeps up, with spikes' },
  { name: 'tight', d: 'M0 1 C0.2 0.7 0.4 0.5 0.6 0.3 C0.75 0.15 0.85 0.05 0.92 0', says: 'it rises and does not level off' },
] // prettier-ignore
const shapeWidth = computed(() => (width.value - margin.left - margin.right) / shapes.length)
const shapeHeight = 58
</script>

<template>
  <div ref="box" class="box">
    <svg
      v-if="width > 0 && height > 0"
      :width="width"
      :height="height"
      role="img"
      :aria-label="`Housing settles at ${degrees(warmth.temperature.housingC)} ${format.unit('temperature')}, between ${degrees(warmth.temperature.expected.lowC)} and ${degrees(warmth.temperature.expected.highC)}`"
      data-test="running-sheet"
    >
      <text class="label" :x="margin.left" y="22">friction, {{ watts(warmth.torque.powerW) }}</text>
      <g v-for="part in parts" :key="part.name" :data-part="part.name">
        <rect class="part" :class="part.name" :x="part.x" y="30" :width="Math.max(1, part.width - 2)" height="14" />
        <text v-if="part.width > leastWide" class="label" :x="part.x" y="62">
          {{ part.name }} {{ watts(part.watts) }}
        </text>
      </g>
      <path class="band" :d="band" />
      <path
        v-for="celsius in ticks"
        :key="celsius"
        class="grid"
        :d="`M${margin.left} ${y(celsius)} H${width - margin.right}`"
      />
      <text v-for="celsius in ticks" :key="`t${celsius}`" class="label end" :x="margin.left - 8" :y="y(celsius) + 5">
        {{ degrees(celsius) }}
      </text>
      <text class="label end" :x="margin.left - 8" :y="margin.top - 10">{{ format.unit('temperature') }}</text>
      <path class="axis" :d="`M${margin.left} ${margin.top} V${floor} H${width - margin.right}`" />
      <text v-for="hour in hourTicks" :key="hour" class="label middle" :x="x(hour)" :y="floor + 20">
        {{ hour }}{{ hour === 0 ? ' h' : '' }}
      </text>
      <path class="curve" :d="middle" />
      <path class="settled" :d="`M${x(settleH)} ${y(rise(warmth.temperature.housingC, settleH))} V${floor}`" />
      <text class="label end" :x="x(settleH) - 8" :y="floor - 8">settled</text>
      <g v-if="measuredC !== null" data-test="measured-line">
        <path class="measured" :d="`M${margin.left} ${y(measuredC)} H${width - margin.right}`" />
        <text class="measured-words end" :x="width - margin.right - 4" :y="y(measuredC) - 6">
          measured {{ degrees(measuredC) }} {{ format.unit('temperature') }}
        </text>
      </g>
      <g
        v-for="(shape, index) in shapes"
        :key="shape.name"
        :transform="`translate(${margin.left + index * shapeWidth} ${floor + 58})`"
      >
        <path class="axis" :d="`M0 0 V${shapeHeight} H${shapeWidth - 40}`" />
        <path class="shape" :d="shape.d" :transform="`scale(${shapeWidth - 48} ${shapeHeight})`" />
        <text class="words" x="0" :y="shapeHeight + 22">{{ shape.name }}</text>
        <text class="label" x="0" :y="shapeHeight + 42">{{ shape.says }}</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.box {
  width: 100%;
  height: 100%;
  min-height: 480px;
}

.band {
  fill: var(--frost-soft);
}

.grid {
  stroke: var(--hair);
}

.axis,
.curve,
.shape,
.settled {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}

.curve,
.shape {
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}

.settled {
  stroke-dasharray: 3 4;
}

.measured {
  stroke: var(--frost);
  stroke-width: 2;
}

.measured-words {
  fill: var(--frost);
  font-weight: 650;
}

.part {
  fill: var(--ink-2);
}

.part.lubricant {
  fill: var(--frost);
}

.part.seals {
  fill: var(--ink);
}

.label {
  fill: var(--ink-2);
}

.words {
  fill: var(--ink);
}

.end {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}
</style>
