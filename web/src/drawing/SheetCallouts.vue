<script setup lang="ts">
import { computed } from 'vue'
import { toX, toY } from './outline.ts'
import type { Callout } from './overlay/overlay.ts'
import { placeLabels } from './place-labels.ts'
import type { Sheet } from './sheet.ts'

/** What a lens has to say, led out of the drawing to its right; the words light up with their figure. */
const { callouts, sheet, width, height } = defineProps<{
  callouts: readonly Callout[]
  sheet: Sheet
  width: number
  height: number
  /** Figure that is pointed at. */
  lit: string | null
}>()
const emit = defineEmits<{ light: [figure: string | null]; pick: [figure: string] }>()

const labelGapPx = 62
const placed = computed(() => {
  const wanted = callouts.map(({ at }) => toY(sheet.scale, at[1]) - 34)
  const heights = placeLabels(wanted, labelGapPx, 34, height - 70)
  return callouts.map((callout, index) => ({
    ...callout,
    px: toX(sheet.scale, callout.at[0]),
    py: toY(sheet.scale, callout.at[1]),
    ly: heights[index] ?? 0,
  }))
})
const calloutWidth = computed(() => width - sheet.calloutX - 8)
/** Long words are set smaller rather than cut off; a letter is about 0.56 of its size wide. */
const mainSize = (words: string) => Math.min(19, calloutWidth.value / (words.length * 0.56))
const toneClass = ({ tone }: Callout) => `tone-${tone}`
</script>

<template>
  <g
    v-for="callout in placed"
    :key="callout.figure"
    class="callout"
    :class="[toneClass(callout), { lit: lit === callout.figure }]"
    tabindex="0"
    role="button"
    @mouseenter="emit('light', callout.figure)"
    @mouseleave="emit('light', null)"
    @focus="emit('light', callout.figure)"
    @blur="emit('light', null)"
    @click="emit('pick', callout.figure)"
    @keydown.enter="emit('pick', callout.figure)"
  >
    <path
      class="leader"
      :d="`M${callout.px} ${callout.py} L${sheet.calloutX - 6} ${callout.ly + 6} H${sheet.calloutX + calloutWidth}`"
    />
    <circle :cx="callout.px" :cy="callout.py" r="4" />
    <text class="main" :x="sheet.calloutX" :y="callout.ly" :style="{ fontSize: `${mainSize(callout.main)}px` }">
      {{ callout.main }}
    </text>
    <text class="sub" :x="sheet.calloutX" :y="callout.ly + 24">{{ callout.sub }}</text>
  </g>
</template>

<style scoped>
.callout {
  cursor: pointer;
}

.callout:focus-visible {
  outline: none;
}

.callout:focus-visible .main {
  text-decoration: underline;
}

.leader {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.1;
}

.callout circle {
  fill: currentColor;
}

.main {
  fill: currentColor;
  font: 700 19px var(--text);
}

.sub {
  fill: var(--ink);
  font: 16px var(--label);
}

.lit .leader {
  stroke-width: 2.2;
}

.tone-ember {
  color: var(--ember-text);
}

.tone-frost {
  color: var(--frost);
}

.tone-ink {
  color: var(--ink);
}
</style>
