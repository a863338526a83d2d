<script setup lang="ts">
import { computed, useId } from 'vue'
import { boreAt, type HalfSection } from './half-section.ts'
import type { HeldRing } from './held-ring.ts'
import { pathData, rightmost, toX, toY } from './outline.ts'
import ArrowHead from './kit/ArrowHead.vue'
import HatchPattern from './kit/HatchPattern.vue'
import { polyline } from './kit/polyline.ts'
import { breakLine, layOut } from './sheet.ts'
import SheetCallouts from './SheetCallouts.vue'
import SizeDimensions from './SizeDimensions.vue'
import type { Overlay, Surface } from './overlay/overlay.ts'

/** Half-section of a bearing on its shaft in its housing, to scale, with what the lens is about laid over it. */
const { section, width, height, slides, overlay, lit, dimensions } = defineProps<{
  section: HalfSection
  width: number
  height: number
  slides: boolean
  overlay: Overlay
  lit: string | null
  dimensions: { width: string; bore: string; outside: string }
}>()
const emit = defineEmits<{ light: [figure: string | null]; pick: [figure: string] }>()

const id = useId()
const sheet = computed(() => layOut(section, width, height, slides))
const scale = computed(() => sheet.value.scale)
const x = (mm: number) => toX(scale.value, mm)
const y = (mm: number) => toY(scale.value, mm)

const paths = computed(() => section.shapes.map(({ part, outline }) => ({ part, d: pathData(outline, scale.value) })))

/** The shaft breaks off beyond what holds the ring. */
const shaftTo = computed(() =>
  Math.max(sheet.value.shaftTo, ...section.held.parts.map(({ outline }) => x(rightmost(outline)) + 16)),
)
const shaft = computed(() => {
  const { shaftFrom: a } = sheet.value
  const b = shaftTo.value
  const { edge, ends } = section.held
  // Steps that would stand beyond the break are drawn just before it.
  const at = (mm: number) => (mm === -Infinity ? a : mm === Infinity ? b : Math.min(x(mm), b - 8))
  const top = polyline(edge.map(([mm, high]) => ({ x: at(mm), y: y(high) })))
  const [first, last] = [edge[0]?.[1] ?? 0, edge.at(-1)?.[1] ?? 0]
  return {
    fill: `${top} V${y(0)} H${a} Z`,
    top,
    left: breakLine(a, y(first), y(0)),
    right: ends ? '' : breakLine(b, y(last), y(0)),
  }
})
const held = computed(() =>
  section.held.parts.map(({ hatch, outline }) => ({ hatch, d: pathData(outline, scale.value) })),
)
const linesOf = (lines: HeldRing['threads']) =>
  lines.map(([from, to]) => `M${x(from[0])} ${y(from[1])} L${Math.min(x(to[0]), shaftTo.value)} ${y(to[1])}`).join('')
/** A fit lies on the bore, which may be tapered. */
const surfaceY = (surface: Surface, mm: number) => y(surface.y === section.boreMm / 2 && section.held.hasInnerRing ? boreAt(section, mm) : surface.y) // prettier-ignore

const housing = computed(() => {
  const { housingFrom: a, housingTo: b, housingTop: top, slidePx } = sheet.value
  const seat = y(section.odMm / 2)
  const shoulder = y(section.outerShoulderY)
  const left = x(section.outer.from) - slidePx
  const right = x(section.outer.to) + slidePx
  return {
    body: `M${a} ${top} H${b} V${seat} H${a} Z`,
    shoulders: [`M${a} ${seat} H${left} V${shoulder} H${a} Z`, `M${right} ${seat} H${b} V${shoulder} H${right} Z`],
  }
})

const arrows = computed(() =>
  overlay.arrows.map((arrow) => {
    const [fromX, fromY] = [
      x(arrow.to[0]) - arrow.along[0] * arrow.lengthPx,
      y(arrow.to[1]) + arrow.along[1] * arrow.lengthPx,
    ]
    return { ...arrow, fromX, fromY, toX: x(arrow.to[0]), toY: y(arrow.to[1]) }
  }),
)
</script>

<template>
  <svg
    class="sheet"
    :width="width"
    :height="height"
    :viewBox="`0 0 ${width} ${height}`"
    role="group"
    :aria-label="overlay.description"
    data-test="half-section"
  >
    <defs>
      <HatchPattern :id="`${id}-inner`" />
      <HatchPattern :id="`${id}-outer`" leans="left" />
      <HatchPattern :id="`${id}-housing`" :size="14" wide />
      <HatchPattern :id="`${id}-cap`" :size="14" leans="left" wide />
      <ArrowHead :id="`${id}-size`" tone="ink-2" :length="12" :breadth="6" both />
      <ArrowHead :id="`${id}-load`" tone="ember" :length="18" :breadth="14" />
    </defs>

    <path class="solid" :d="shaft.fill" />
    <path class="edge" :d="shaft.top" />
    <path class="thin" :d="shaft.left" />
    <path class="thin" :d="shaft.right" />
    <path class="thin" :d="linesOf(section.held.threads)" />
    <path class="hidden" :d="linesOf(section.held.hidden)" />

    <path class="solid edge" :d="housing.body" />
    <path class="edge" :d="housing.body" :fill="`url(#${id}-housing)`" />
    <template v-for="(d, index) in housing.shoulders" :key="index">
      <path class="solid" :d="d" />
      <path class="edge" :d="d" :fill="`url(#${id}-cap)`" />
    </template>

    <template v-for="({ part, d }, index) in paths" :key="index">
      <path
        v-if="part === 'inner-ring' || part === 'outer-ring'"
        class="solid"
        :class="{ hot: part === 'inner-ring' && overlay.hotInner }"
        :d="d"
      />
      <path
        v-if="part === 'inner-ring'"
        class="edge"
        :class="{ 'hot-edge': overlay.hotInner }"
        :d="d"
        :fill="`url(#${id}-inner)`"
      />
      <path v-else-if="part === 'outer-ring'" class="edge" :d="d" :fill="`url(#${id}-outer)`" />
      <path v-else-if="part === 'element'" class="element" :d="d" />
      <path v-else-if="part === 'closure'" class="closure" :d="d" />
      <path v-else class="thin-edge" :d="d" />
    </template>

    <template v-for="({ hatch, d }, index) in held" :key="`h${index}`">
      <path v-if="hatch === 'black'" class="closure" :d="d" data-held />
      <template v-else>
        <path class="solid" :d="d" />
        <path class="edge" :d="d" :fill="hatch === 'plain' ? 'none' : `url(#${id}-${hatch})`" data-held />
      </template>
    </template>

    <path
      v-for="(contact, index) in section.contacts"
      :key="`c${index}`"
      class="centre"
      :d="`M${x(contact.at[0]) - 16} ${y(contact.at[1])} h32 M${x(contact.at[0])} ${y(contact.at[1]) - 16} v32`"
    />

    <line
      v-for="(line, index) in overlay.contactLines"
      :key="`l${index}`"
      class="load-line"
      :x1="x(line.from[0])"
      :y1="y(line.from[1])"
      :x2="x(line.to[0])"
      :y2="y(line.to[1])"
    />

    <line
      v-for="surface in overlay.surfaces"
      :key="surface.figure"
      class="surface"
      :class="[`surface-${surface.tone}`, { lit: lit === surface.figure }]"
      :x1="x(surface.from) + 3"
      :x2="x(surface.to) - 3"
      :y1="surfaceY(surface, surface.from)"
      :y2="surfaceY(surface, surface.to)"
      @mouseenter="emit('light', surface.figure)"
      @mouseleave="emit('light', null)"
    />

    <path
      v-if="overlay.grownBore"
      class="grown"
      :d="`M${x(section.inner.from)} ${y(section.bore.left) - overlay.grownBore.offsetPx} L${x(section.inner.to)} ${y(section.bore.right) - overlay.grownBore.offsetPx}`"
    />

    <path class="axis" :d="`M12 ${y(0)} H${width - 12}`" />

    <SizeDimensions v-if="width >= 560" :section="section" :sheet="sheet" :words="dimensions" :head="`${id}-size`" />

    <g v-for="arrow in arrows" :key="arrow.key" class="load">
      <line :x1="arrow.fromX" :y1="arrow.fromY" :x2="arrow.toX" :y2="arrow.toY" :marker-end="`url(#${id}-load)`" />
      <text :x="arrow.fromX + arrow.label.dx" :y="arrow.fromY + arrow.label.dy" :text-anchor="arrow.label.anchor">
        {{ arrow.text }}
      </text>
    </g>

    <SheetCallouts
      :callouts="overlay.callouts"
      :sheet="sheet"
      :width="width"
      :height="height"
      :lit="lit"
      @light="emit('light', $event)"
      @pick="emit('pick', $event)"
    />
  </svg>
</template>

<style scoped src="./kit/lines.css"></style>
<style scoped>
.sheet {
  display: block;
  overflow: visible;
}

.element {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
}

.closure {
  fill: var(--ink);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.thin-edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}

.thin {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.1;
}

.centre {
  stroke: var(--ink-2);
  stroke-width: 0.9;
}

.surface {
  stroke-width: 6;
  transition: stroke-width 0.15s;
}

.surface.lit {
  stroke-width: 11;
}

.surface-ember {
  stroke: var(--ember);
}

.surface-frost {
  stroke: var(--frost);
}

.surface-ink {
  stroke: var(--ink);
}

.hot {
  fill: var(--ember-soft);
}

.hot-edge {
  stroke: var(--ember);
}

.hot-edge + .element {
  stroke: var(--ink);
}

.grown {
  fill: none;
  stroke: var(--ember);
  stroke-width: 1.6;
  stroke-dasharray: 7 4;
}

.load-line {
  stroke: var(--ember);
  stroke-width: 1.6;
  stroke-dasharray: 9 4;
}

.load line {
  stroke: var(--ember);
  stroke-width: 3.4;
}

.load text {
  fill: var(--ember-text);
  font: 700 18px var(--text);
}
</style>
