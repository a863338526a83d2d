<script setup lang="ts">
import type { ResolvedBearing } from '@yardfrost/core'
import { useElementSize } from '@vueuse/core'
import { computed, useId, useTemplateRef } from 'vue'
import ArrowHead from '../../drawing/kit/ArrowHead.vue'
import HatchPattern from '../../drawing/kit/HatchPattern.vue'
import { useFormat } from '../../figures/use-format.ts'
import { useInside } from './use-inside.ts'

/** The bearing seen along its shaft: which elements carry, and how hard; the shaft gives way, drawn many times. */
const { bearing } = defineProps<{ bearing: ResolvedBearing }>()
const format = useFormat()
const { load, seen } = useInside()
const id = useId()
const box = useTemplateRef('box')
const { width, height } = useElementSize(box)

/** Room for arrows and words round the rings, px. */
const margin = 92
const centre = computed(() => ({ x: width.value / 2, y: height.value / 2 - 12 }))
const px = computed(() => Math.max(0, Math.min(width.value, height.value) / 2 - margin) / (bearing.row.odMm / 2))
/** The shaft gives way by some hundredths of a millimetre; it is drawn as a twentieth of the outside. */
const shownShare = 0.04
const steps = [1, 2, 5]
const times = computed(() => {
  const um = Math.abs(seen.value?.value?.distribution.radialUm ?? 0)
  if (um < 0.5) return 1
  const most = (shownShare * bearing.row.odMm * 1000) / um
  const ten = 10 ** Math.floor(Math.log10(most))
  return Math.max(1, ten * (steps.filter((step) => step * ten <= most).at(-1) ?? 1))
})
const sunkPx = computed(() => ((seen.value?.value?.distribution.radialUm ?? 0) / 1000) * times.value * px.value)

/** Elements of the row that carries most, the first straight under the load. */
const elements = computed(() => {
  const distribution = seen.value?.value?.distribution
  const rows = distribution?.elementLoadsN ?? []
  const row = rows.reduce((most, one) => (Math.max(...one) > Math.max(...most) ? one : most), rows[0] ?? [])
  const { interior } = bearing
  const count = row.length || interior.elements
  const top = Math.max(...row, 1)
  const pitch = (interior.pitchDiameterMm / 2) * px.value
  const outside = (bearing.row.odMm / 2) * px.value
  return Array.from({ length: count }, (_, j) => {
    const angle = Math.PI / 2 + (2 * Math.PI * j) / count
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
    const loadN = row[j] ?? 0
    const share = loadN / top
    const arrow = 12 + 34 * share
    const at = (radius: number) => ({ x: centre.value.x + radius * cos, y: centre.value.y + radius * sin })
    return {
      j,
      loadN,
      share,
      at: at(pitch),
      from: at(outside + 8 + arrow),
      to: at(outside + 6),
      words: at(outside + 26 + arrow),
      anchor: Math.abs(cos) < 0.3 ? 'middle' : cos > 0 ? 'start' : 'end',
    }
  })
})
/** Words at the hardest and its two neighbours; more would stand in one another. */
const told = computed(() => elements.value.filter(({ j, share }) => share > 0.02 && (j <= 1 || j === elements.value.length - 1))) // prettier-ignore
/** Load along the hardest roller, slice by slice, in a corner of the sheet: the roller above, what presses it below. */
const slices = computed(() => {
  const distribution = seen.value?.value?.distribution
  const loads = distribution?.laminaLoadsN
  if (!distribution || !loads || width.value < narrowPx) return null
  const { elementDiameterMm, elementLengthMm } = bearing.interior
  const long = 136
  const thick = Math.min(64, (long * elementDiameterMm) / (elementLengthMm ?? elementDiameterMm))
  const [left, top] = [width.value - long - 22, 34]
  const most = Math.max(...loads)
  const points = loads.map((load, k) => [
    left + ((k + 0.5) * long) / loads.length,
    top + thick + 6 + (44 * load) / most,
  ])
  const floor = top + thick + 6
  const profile = `M${left} ${floor} ${points.map(([x, y]) => `L${x} ${y}`).join(' ')} L${left + long} ${floor} Z`
  const ratio = format.digits(distribution.laminaPeakRatio ?? 1, 'ratio', { decimals: 2 })
  return { left, top, long, thick, profile, words: `hardest slice ${ratio} × the mean`, below: floor + 66 }
})
const narrowPx = 620
const newtons = (value: number) => format.inline({ kind: 'number', number: value }, 'force', { figures: 3 })
const micro = (value: number) => format.inline({ kind: 'number', number: value }, 'deviation')
const radius = (mm: number) => (mm / 2) * px.value
</script>

<template>
  <div ref="box" class="box" data-test="inside-sheet">
    <svg
      v-if="width > 0 && px > 0"
      :width="width"
      :height="height"
      role="img"
      :aria-label="`Seen along the shaft: ${seen?.value?.distribution.elementsLoaded ?? 0} elements carry`"
    >
      <defs>
        <HatchPattern :id="`${id}-a`" :size="8" />
        <HatchPattern :id="`${id}-b`" :size="8" leans="left" />
        <ArrowHead :id="`${id}-arrow`" tone="ember" :length="12" :breadth="10" />
      </defs>
      <circle class="ring" :cx="centre.x" :cy="centre.y" :r="radius(bearing.row.odMm)" :fill="`url(#${id}-b)`" />
      <circle class="ring paper" :cx="centre.x" :cy="centre.y" :r="radius(bearing.interior.outerRacewayMm)" />
      <g :transform="`translate(0 ${sunkPx})`">
        <circle
          class="ring"
          :cx="centre.x"
          :cy="centre.y"
          :r="radius(bearing.interior.innerRacewayMm)"
          :fill="`url(#${id}-a)`"
        />
        <circle class="ring shaft" :cx="centre.x" :cy="centre.y" :r="radius(bearing.row.boreMm)" />
      </g>
      <circle
        v-for="one in elements"
        :key="one.j"
        class="element"
        :class="{ carries: one.share > 1e-6 }"
        :cx="one.at.x"
        :cy="one.at.y"
        :r="radius(bearing.interior.elementDiameterMm)"
        :data-element="one.j"
        :data-carries="one.share > 1e-6"
      />
      <path
        class="axis"
        :d="`M${centre.x - radius(bearing.row.odMm) - 24} ${centre.y} h${2 * radius(bearing.row.odMm) + 48}`"
      />
      <path
        class="axis"
        :d="`M${centre.x} ${centre.y - radius(bearing.row.odMm) - 24} v${2 * radius(bearing.row.odMm) + 48}`"
      />
      <template v-for="one in elements" :key="`a${one.j}`">
        <path
          v-if="one.share > 0.02"
          class="push"
          :d="`M${one.from.x} ${one.from.y} L${one.to.x} ${one.to.y}`"
          :marker-end="`url(#${id}-arrow)`"
        />
      </template>
      <text
        v-for="one in told"
        :key="`t${one.j}`"
        class="load"
        :x="one.words.x"
        :y="one.words.y + 5"
        :text-anchor="one.anchor"
      >
        {{ newtons(one.loadN) }}
      </text>
      <g v-if="slices" data-test="slices">
        <rect class="roller" :x="slices.left" :y="slices.top" :width="slices.long" :height="slices.thick" rx="4" />
        <path class="axis" :d="`M${slices.left - 10} ${slices.top + slices.thick / 2} h${slices.long + 20}`" />
        <path class="profile" :d="slices.profile" />
        <text class="label" :x="slices.left + slices.long" :y="slices.below" text-anchor="end">{{ slices.words }}</text>
      </g>
      <template v-if="load">
        <path
          class="push"
          :d="`M${centre.x} ${centre.y - radius(bearing.row.boreMm) * 0.7} V${centre.y + radius(bearing.row.boreMm) * 0.5}`"
          :marker-end="`url(#${id}-arrow)`"
        />
        <text class="load" :x="centre.x + 10" :y="centre.y - 8">{{ newtons(load.radialN) }}</text>
        <text
          v-if="seen?.value?.setsClearance"
          class="clearance"
          :x="centre.x + 14"
          :y="centre.y - radius(bearing.row.odMm) - 34"
        >
          {{
            load.clearanceUm < 0 ? `${micro(-load.clearanceUm)} of preload` : `${micro(load.clearanceUm)} of clearance`
          }}
        </text>
        <text v-if="seen?.value" class="label" x="22" :y="height - 14">
          the shaft gives way by {{ micro(seen.value.distribution.radialUm) }}, drawn {{ times }} times
        </text>
      </template>
    </svg>
  </div>
</template>

<style scoped>
.box {
  height: 100%;
}

svg {
  display: block;
}

.ring {
  stroke: var(--ink);
  stroke-width: 1.8;
}

.ring.paper {
  fill: var(--paper);
}

.ring.shaft {
  fill: var(--sheet);
}

.element {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}

.element.carries {
  fill: var(--ember-soft);
  stroke: var(--ember);
  stroke-width: 2;
}

.roller {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
}

.profile {
  fill: var(--ember-soft);
  stroke: var(--ember);
  stroke-width: 1.5;
}

.axis {
  stroke: var(--ink-2);
  stroke-width: 0.9;
  stroke-dasharray: 20 4 4 4;
}

.push {
  fill: none;
  stroke: var(--ember);
  stroke-width: 3;
}

.load {
  fill: var(--ember-text);
  font: 700 16px var(--text);
}

.clearance {
  fill: var(--frost);
  font: 700 18px var(--text);
}

.label {
  fill: var(--ink-2);
}
</style>
