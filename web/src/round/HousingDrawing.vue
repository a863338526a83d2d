<script setup lang="ts">
import type { PointKind, pointHousings } from '@yardfrost/core'
import { computed, useId } from 'vue'
import HatchPattern from '../drawing/kit/HatchPattern.vue'

/** A housing seen along its shaft: where the nipple and the drain are, or where the oil stands. Not to scale. */
const { housing, kind, port, drain } = defineProps<{
  housing: (typeof pointHousings)[number]
  kind: PointKind
  port: 'side' | 'centre'
  drain: boolean
}>()
const id = useId()
const nippleWords = computed(() => (port === 'centre' ? 'nipple, centre groove' : 'nipple, at the side'))
/** Nipple and drain, by the shape of the housing. */
const at = computed(() =>
  housing === 'motor-end'
    ? { nipple: { x: 178, y: 46 }, drain: { x: 176, y: 162 } }
    : housing === 'flanged'
      ? { nipple: { x: 150, y: 30 }, drain: { x: 150, y: 170 } }
      : { nipple: { x: port === 'centre' ? 150 : 122, y: port === 'centre' ? 28 : 37 }, drain: { x: 182, y: 164 } },
)
</script>

<template>
  <svg
    class="housing"
    viewBox="0 0 320 200"
    role="img"
    :aria-label="`Housing with ${nippleWords}${drain ? ' and a drain below' : ''}`"
  >
    <defs><HatchPattern :id="`${id}-cut`" :size="8" wide /></defs>
    <template v-if="housing === 'motor-end'">
      <path class="solid edge" d="M60 100 a90 74 0 0 1 180 0 v8 a90 74 0 0 1 -180 0 z" />
      <path class="edge" d="M52 172 h196 M70 172 v-24 M230 172 v-24" />
    </template>
    <template v-else-if="housing === 'flanged'">
      <rect class="solid edge" x="74" y="24" width="152" height="152" rx="16" />
      <circle
        v-for="[x, y] in [
          [92, 42],
          [208, 42],
          [92, 158],
          [208, 158],
        ]"
        :key="`${x} ${y}`"
        class="edge"
        :cx="x"
        :cy="y"
        r="6"
      />
    </template>
    <template v-else>
      <path class="solid edge" d="M22 172 v-26 l60 -12 a76 76 0 1 1 136 0 l60 12 v26 z" />
      <path v-if="housing === 'split'" class="edge" d="M66 100 h30 M204 100 h30" />
      <path v-if="housing === 'split'" class="hidden" d="M68 86 v28 M232 86 v28" />
      <path class="edge" d="M40 172 v-18 M52 172 v-18 M248 172 v-18 M260 172 v-18" />
    </template>
    <circle class="edge" :fill="`url(#${id}-cut)`" cx="150" cy="100" r="54" />
    <circle class="solid edge" cx="150" cy="100" r="43" />
    <circle
      v-for="ball in 9"
      :key="ball"
      class="edge"
      :cx="150 + 33 * Math.sin((ball * 2 * Math.PI) / 9)"
      :cy="100 + 33 * Math.cos((ball * 2 * Math.PI) / 9)"
      r="9"
    />
    <circle class="solid edge" cx="150" cy="100" r="23" />
    <path class="centre" d="M84 100 h132 M150 34 v132" />
    <template v-if="kind === 'grease'">
      <g class="hot">
        <path :d="`M${at.nipple.x - 4} ${at.nipple.y + 18} v-12 h8 v12`" />
        <circle class="full" :cx="at.nipple.x" :cy="at.nipple.y" r="6" />
        <path :d="`M${at.nipple.x + 6} ${at.nipple.y - 3} L214 16 H232`" />
        <text x="236" y="20">nipple</text>
        <text x="236" y="35">{{ port === 'centre' ? 'centre groove' : 'at the side' }}</text>
      </g>
      <g v-if="drain" class="cold">
        <rect class="full" :x="at.drain.x - 4" :y="at.drain.y - 5" width="8" height="13" />
        <path :d="`M${at.drain.x + 4} ${at.drain.y + 6} L228 188 H262`" />
        <text x="266" y="192">drain</text>
      </g>
    </template>
    <g v-else-if="kind === 'oil-level' || kind === 'oil-change'" class="cold">
      <path d="M104 133 h92" />
      <path d="M196 133 L236 150 H262" />
      <text x="200" y="168">oil, at the lowest element</text>
    </g>
  </svg>
</template>

<style src="../drawing/kit/lines.css"></style>
<style scoped>
.housing {
  width: 100%;
  max-height: 230px;
}

.hot path,
.cold path {
  fill: none;
  stroke-width: 1.4;
}

.hot path {
  stroke: var(--ember);
}

.hot .full {
  fill: var(--ember);
}

.cold path {
  stroke: var(--frost);
}

.cold .full {
  fill: var(--frost);
}

text {
  font: 500 15px var(--label);
}

.hot text {
  fill: var(--ember-text);
}

.cold text {
  fill: var(--frost);
}
</style>
