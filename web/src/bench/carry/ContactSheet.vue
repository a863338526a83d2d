<script setup lang="ts">
import type { ContactOfKind } from '@yardfrost/core'
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useContacts } from './use-contacts.ts'

/** Element on its track and footprint under it, three kinds side by side; the footprints to one scale, grains of dirt among them. */
const format = useFormat()
const { bench, contacts } = useContacts()
const box = useTemplateRef('box')
const { width, height } = useElementSize(box)

const column = computed(() => width.value / Math.max(1, contacts.value.length))
const upper = computed(() => 0.4 * height.value)
/** Room for words under the footprints, px. */
const under = 84
/** All elements to one scale, and all footprints to one, drawn larger. */
const elementPx = computed(() => {
  const wide = Math.max(...contacts.value.map(({ bearing: { interior } }) => Math.max(interior.elementDiameterMm, interior.elementLengthMm ?? 0)), 1) // prettier-ignore
  return Math.min((upper.value - 70) / wide, (column.value - 70) / wide)
})
const footPx = computed(() => {
  const across = Math.max(...contacts.value.map(({ outline }) => 2 * Math.max(...outline.map(({ atMm }) => Math.abs(atMm)))), 0.1) // prettier-ignore
  return (column.value - 48) / across
})
/** The footprint is a few tenths of a millimetre along the track: that way it is drawn this many times larger still. */
const stretch = computed(() => {
  const along = Math.max(...contacts.value.map(({ distribution }) => distribution.inner.footprintAlongMm), 0.01)
  const room = 0.42 * (height.value - upper.value - under)
  return Math.max(1, Math.floor(room / (along * footPx.value)))
})
const middle = computed(() => upper.value + (height.value - upper.value - under) / 2 + 10)
const x = (index: number) => (index + 0.5) * column.value

/** Side view of the element, lying on its track. */
function elementPath({ kind, bearing: { interior } }: ContactOfKind, index: number): string {
  const r = (interior.elementDiameterMm / 2) * elementPx.value
  const half = ((interior.elementLengthMm ?? 0) / 2) * elementPx.value
  const [cx, floor] = [x(index), upper.value - 22]
  if (kind === 'point')
    return `M${cx - r} ${floor - r} A${r} ${r} 0 1 1 ${cx + r} ${floor - r} A${r} ${r} 0 1 1 ${cx - r} ${floor - r} Z`
  if (kind === 'line') {
    const corner = Math.min(4, half / 4)
    return `M${cx - half} ${floor - corner} V${floor - 2 * r + corner} L${cx - half + corner} ${floor - 2 * r} H${cx + half - corner} L${cx + half} ${floor - 2 * r + corner} V${floor - corner} L${cx + half - corner} ${floor} H${cx - half + corner} Z`
  }
  const bulge = 0.14 * r
  return `M${cx - half} ${floor - bulge} Q${cx} ${floor + bulge} ${cx + half} ${floor - bulge} V${floor - 2 * r + bulge} Q${cx} ${floor - 2 * r - bulge} ${cx - half} ${floor - 2 * r + bulge} Z`
}
function footPath({ outline }: ContactOfKind, index: number): string {
  const at = ({ atMm, halfMm }: { atMm: number; halfMm: number }, side: 1 | -1) =>
    `${x(index) + atMm * footPx.value} ${middle.value - side * halfMm * footPx.value * stretch.value}`
  return `M${[...outline.map((one) => at(one, 1)), ...outline.toReversed().map((one) => at(one, -1))].join(' L')} Z`
}
/** A grain as it lies in the footprint, drawn as long and as wide as that is drawn. */
const grain = computed(() => {
  const mm = bench.look.contact.grainUm / 1000
  // Across, a grain may be finer than a line.
  return { rx: Math.max(leastPx, (mm / 2) * footPx.value), ry: (mm / 2) * footPx.value * stretch.value }
})
const times = computed(() => Math.round(footPx.value / Math.max(elementPx.value, 0.01)))
/** Smaller is not seen. */
const leastPx = 2.5
const scaleWords = computed(
  () =>
    `footprint ${times.value > 1 ? `${times.value} times` : 'as large as'} the element, along the track ${stretch.value} times that`,
)
const names = { point: 'point', line: 'line', barrel: 'barrel' } as const
const mm = (value: number) => format.inline({ kind: 'number', number: value }, 'length', { decimals: 2 })
</script>

<template>
  <div ref="box" class="box">
    <svg
      v-if="width > 0 && height > 0"
      :width="width"
      :height="height"
      role="img"
      aria-label="Footprints of a ball, a roller and a barrel"
      data-test="contact-sheet"
    >
      <g v-for="(one, index) in contacts" :key="one.kind" :data-foot="one.kind">
        <path class="element" :d="elementPath(one, index)" />
        <path class="track" :d="`M${x(index) - column / 2 + 18} ${upper - 22} H${x(index) + column / 2 - 18}`" />
        <path class="centre" :d="`M${x(index)} 14 V${height - under}`" />
        <path class="foot" :d="footPath(one, index)" />
        <ellipse
          v-if="bench.look.contact.grainUm > 0"
          class="grain"
          :cx="x(index)"
          :cy="middle"
          :rx="grain.rx"
          :ry="grain.ry"
        />
        <text class="name" :x="x(index)" :y="height - 52">{{ names[one.kind] }}</text>
        <text class="label" :x="x(index)" :y="height - 30">
          {{ mm(one.distribution.inner.footprintAcrossMm) }} × {{ mm(one.distribution.inner.footprintAlongMm) }}
        </text>
      </g>
      <text class="label" :x="width / 2" :y="height - 6">
        {{ scaleWords }}
      </text>
    </svg>
  </div>
</template>

<style scoped>
.box {
  width: 100%;
  height: 100%;
  min-height: 460px;
}

.element {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.track {
  stroke: var(--ink);
  stroke-width: 1.6;
}

.centre {
  stroke: var(--ink-2);
  stroke-dasharray: 14 4 3 4;
  stroke-width: 0.8;
}

.foot {
  fill: var(--ember);
  fill-opacity: 0.35;
  stroke: var(--ember);
  stroke-width: 1.6;
}

.grain {
  fill: var(--ink);
}

.name {
  font-size: 18px;
  font-weight: 650;
  text-anchor: middle;
  fill: var(--ink);
}

.label {
  text-anchor: middle;
  fill: var(--ink-2);
}
</style>
