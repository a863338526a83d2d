<script setup lang="ts">
import { computed, useId } from 'vue'
import HatchPattern from './kit/HatchPattern.vue'
import type { HalfSection } from './half-section.ts'
import { pathData, type Scale } from './outline.ts'

/** Bearings of about one size side by side, all to one scale, so that the eye can tell them apart. */
const {
  candidates,
  width,
  height,
  told = 4,
} = defineProps<{
  candidates: { name: string; section: HalfSection; note: string; tell: string }[]
  width: number
  height: number
  /** Lines of what tells each apart. */
  told?: number
}>()
defineEmits<{ choose: [name: string] }>()

const id = useId()
const top = 64
/** Room for the words below. */
const foot = computed(() => 42 + 19 * told)
const columnPx = computed(() => (width - 24) / Math.max(candidates.length, 1))

/** Height at which the seats stand. */
const baseline = (tallestPx: number) => (top + height - foot.value + tallestPx) / 2

const drawn = computed(() => {
  const tallest = Math.max(...candidates.map(({ section }) => (section.odMm - section.boreMm) / 2))
  const widest = Math.max(...candidates.map(({ section }) => Math.max(section.inner.to, section.outer.to) * 2))
  const pxPerMm = Math.min((height - top - foot.value) / tallest, (columnPx.value - 34) / widest)
  return candidates.map(({ section, ...words }, index) => {
    const scale: Scale = {
      pxPerMm,
      x0: 12 + columnPx.value * (index + 0.5),
      // The rings stand in the middle of what is left between the words above and below.
      y0: baseline(tallest * pxPerMm) + (section.boreMm / 2) * pxPerMm,
    }
    return {
      ...words,
      x: scale.x0,
      shapes: section.shapes.map(({ part, outline }) => ({ part, d: pathData(outline, scale) })),
      seat: { y: scale.y0 - (section.boreMm / 2) * pxPerMm, half: Math.max(section.inner.to, 1) * pxPerMm + 14 },
    }
  })
})
/** Words of a note, broken to the column; a letter is about 7 px wide. */
function lines(text: string): string[] {
  const fits = Math.max(10, Math.floor(columnPx.value / 7.2))
  return text.split(' ').reduce<string[]>((sofar, word) => {
    const last = sofar[sofar.length - 1]
    if (last === undefined || last.length + word.length + 1 > fits) return [...sofar, word]
    return [...sofar.slice(0, -1), `${last} ${word}`]
  }, [])
}
</script>

<template>
  <svg
    :width="width"
    :height="height"
    role="group"
    aria-label="What it can be, side by side to one scale"
    data-test="look-alikes"
  >
    <defs>
      <HatchPattern :id="`${id}-a`" :size="7" />
      <HatchPattern :id="`${id}-b`" :size="7" leans="left" />
    </defs>
    <g
      v-for="one in drawn"
      :key="one.name"
      class="one"
      role="button"
      tabindex="0"
      :aria-label="`${one.name}, ${one.note}`"
      @click="$emit('choose', one.name)"
      @keydown.enter="$emit('choose', one.name)"
    >
      <text class="name" :x="one.x" y="30">{{ one.name }}</text>
      <text class="note" :x="one.x" y="52">{{ one.note }}</text>
      <path
        v-for="({ part, d }, index) in one.shapes"
        :key="index"
        :d="d"
        :class="part"
        :fill="part === 'inner-ring' ? `url(#${id}-a)` : part === 'outer-ring' ? `url(#${id}-b)` : undefined"
      />
      <path class="seat" :d="`M${one.x - one.seat.half} ${one.seat.y} h${2 * one.seat.half}`" />
      <text
        v-for="(line, index) in lines(one.tell)"
        :key="index"
        class="tell"
        :x="one.x"
        :y="one.seat.y + 28 + index * 19"
      >
        {{ line }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}

pattern line {
  stroke: var(--ink-2);
  stroke-width: 0.9;
}

path {
  stroke: var(--ink);
  stroke-width: 1.7;
}

.element {
  fill: var(--sheet);
}

.cage {
  fill: none;
  stroke-width: 1.2;
}

.closure {
  fill: var(--ink);
}

.seat {
  stroke: var(--ink-2);
  stroke-width: 1;
}

.one {
  cursor: pointer;
}

.one:focus-visible {
  outline: none;
}

.one:focus-visible .name,
.one:hover .name {
  text-decoration: underline;
}

text {
  text-anchor: middle;
}

.name {
  fill: var(--ink);
  font: 700 19px var(--text);
}

.note {
  fill: var(--ink-2);
  font: 16px var(--label);
}

.tell {
  fill: var(--ink);
  font: 16px var(--label);
}
</style>
