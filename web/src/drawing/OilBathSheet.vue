<script setup lang="ts">
import type { PointWork } from '@yardfrost/core'
import { computed, useId } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import HatchPattern from './kit/HatchPattern.vue'

/** A bearing in its bath, seen along the shaft, to scale: the mark at the lowest element, its tolerance, and where the oil stands. */
const {
  bath,
  toleranceMm,
  overMm = null,
  oiler = false,
} = defineProps<{
  bath: NonNullable<PointWork['bath']>
  toleranceMm: number
  /** Oil over the mark as it was read, mm; null while nobody has. */
  overMm?: number | null
  /** A constant-level oiler stands beside it. */
  oiler?: boolean
}>()
const format = useFormat()
const id = useId()
const [width, height, cx, cy, radius] = [372, 212, 130, 96, 84]

const px = computed(() => (2 * radius) / bath.odMm)
const circle = computed(() => ({
  bore: (bath.boreMm / 2) * px.value,
  inner: ((bath.pitchDiameterMm - bath.elementDiameterMm) / 2) * px.value,
  outer: ((bath.pitchDiameterMm + bath.elementDiameterMm) / 2) * px.value,
  pitch: (bath.pitchDiameterMm / 2) * px.value,
  element: (bath.elementDiameterMm / 2) * px.value,
}))
/** One element stands lowest. */
const elements = computed(() =>
  Array.from({ length: bath.elements }, (_, index) => {
    const turn = (2 * Math.PI * index) / bath.elements
    return { x: cx + circle.value.pitch * Math.sin(turn), y: cy + circle.value.pitch * Math.cos(turn) }
  }),
)
const mark = computed(() => cy + circle.value.pitch)
const surface = computed(() => mark.value - (overMm ?? 0) * px.value)
const floor = cy + radius + 22
/** How far it is off, where that is more than it may be. */
const off = computed(() => (overMm !== null && Math.abs(overMm) > toleranceMm ? overMm : null))
const told = computed(() => {
  const usual = `mark ${format.rough(bath.pitchDiameterMm / 2)} below the shaft centre, ± ${format.rough(toleranceMm)}`
  return off.value === null
    ? usual
    : `${format.rough(Math.abs(off.value))} ${off.value > 0 ? 'over' : 'below'} the ${usual}`
})
</script>

<template>
  <svg :viewBox="`0 0 ${width} ${height}`" role="img" :aria-label="`Oil ${told}`" data-test="oil-bath">
    <defs>
      <HatchPattern :id="`${id}-ring`" :size="7" leans="left" />
      <clipPath :id="`${id}-oil`">
        <rect x="26" :y="Math.min(floor, Math.max(0, surface))" width="208" :height="Math.max(0, floor - surface)" />
      </clipPath>
    </defs>
    <path class="edge" :d="`M26 12 V${floor} H234 V12`" />
    <rect class="oil" x="26" y="0" width="208" :height="floor" :clip-path="`url(#${id}-oil)`" />
    <circle class="edge" :fill="`url(#${id}-ring)`" :cx="cx" :cy="cy" :r="radius" />
    <circle class="solid edge" :cx="cx" :cy="cy" :r="circle.outer" />
    <circle class="edge" :fill="`url(#${id}-ring)`" :cx="cx" :cy="cy" :r="circle.inner" />
    <circle class="solid edge" :cx="cx" :cy="cy" :r="circle.bore" />
    <circle
      v-for="(one, index) in elements"
      :key="index"
      class="solid edge"
      :cx="one.x"
      :cy="one.y"
      :r="circle.element"
    />
    <rect class="oil over" x="26" y="0" width="208" :height="floor" :clip-path="`url(#${id}-oil)`" />
    <path class="axis" :d="`M${cx - radius - 12} ${cy} H${cx + radius + 12} M${cx} ${cy - radius - 6} V${floor - 4}`" />
    <rect class="band" x="234" :y="mark - toleranceMm * px" width="10" :height="2 * toleranceMm * px" />
    <path class="mark" :d="`M26 ${mark} H262`" />
    <text x="266" :y="mark + 5">mark, ± {{ format.rough(toleranceMm) }}</text>
    <path
      class="dimension-line"
      :d="`M${cx} ${cy} H258 M252 ${cy} V${mark} M249 ${cy + 9} L252 ${cy} L255 ${cy + 9} M249 ${mark - 9} L252 ${mark} L255 ${mark - 9}`"
    />
    <text x="260" :y="(cy + mark) / 2 + 5">{{ format.rough(bath.pitchDiameterMm / 2) }}</text>
    <g v-if="off !== null">
      <path class="stands" :d="`M26 ${surface} H246`" />
      <text class="stands" x="266" :y="off > 0 ? Math.min(surface + 5, mark - 14) : Math.max(surface + 5, mark + 24)">
        {{ format.rough(Math.abs(off)) }} {{ off > 0 ? 'over it' : 'below it' }}
      </text>
    </g>
    <g v-if="oiler">
      <path class="edge" :d="`M234 ${floor - 8} H318 V${mark}`" />
      <rect class="solid edge" x="302" :y="mark - 66" width="32" height="52" rx="4" />
      <path class="edge" :d="`M311 ${mark - 14} V${mark} M325 ${mark - 14} V${mark}`" />
      <rect class="oil" x="303" :y="mark - 44" width="30" height="29" />
      <text x="282" :y="mark - 74">oiler</text>
    </g>
  </svg>
</template>

<style src="./kit/lines.css"></style>
<style scoped>
svg {
  width: 100%;
  max-height: 260px;
}

path,
circle,
rect {
  vector-effect: non-scaling-stroke;
}

.oil {
  fill: color-mix(in srgb, var(--ink-2) 18%, transparent);
}

.oil.over {
  fill: color-mix(in srgb, var(--ink-2) 12%, transparent);
}

.band {
  fill: none;
  stroke: var(--ink-2);
}

.mark {
  stroke: var(--ink);
  stroke-width: 1.8;
}

.dimension-line {
  fill: none;
  stroke: var(--ink-2);
}

path.stands {
  stroke: var(--watch);
  stroke-width: 2;
}

text {
  font: 500 15px var(--label);
  fill: var(--ink);
}

text.stands {
  fill: var(--watch);
}
</style>
