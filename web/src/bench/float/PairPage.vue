<script setup lang="ts">
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import ChoiceField from '../../form/ChoiceField.vue'
import { arrangementWords, factsOf } from '@yardfrost/core'
import { choices } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'

/** End play of an adjusted pair from cold to hot, and what growth does to it each way it can be set. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const figure = computed(() => bench.assessment.value.lenses.float.figures['endPlay'])
const type = computed(() => bench.bearing.value?.row.type)
const settable = computed(() => type.value !== undefined && factsOf(type.value).pairs)
</script>

<template>
  <template v-if="settable">
    <svg
      class="ways"
      viewBox="0 -8 420 104"
      role="img"
      aria-label="Back to back: load lines spread; face to face: they close"
    >
      <g v-for="(lean, index) in [1, -1]" :key="lean" :transform="`translate(${index * 220 + 10} 0)`">
        <path class="axis" d="M0 82 H190" />
        <path class="shaft" d="M10 74 H180" />
        <g v-for="side in [-1, 1]" :key="side" :transform="`translate(${95 + side * 48} 0)`">
          <path class="ring" d="M-22 50 h44 v24 h-44 z M-22 14 h44 v14 h-44 z" />
          <path
            class="roller"
            :d="side * lean > 0 ? 'M-13 30 l26 -6 l2 18 l-26 6 z' : 'M13 30 l-26 -6 l-2 18 l26 6 z'"
          />
          <path class="load" :d="side * lean > 0 ? 'M-10 20 L18 82' : 'M10 20 L-18 82'" />
        </g>
        <text x="95" y="4">{{ index === 0 ? 'back to back' : 'face to face' }}</text>
      </g>
    </svg>
    <div class="fields">
      <ChoiceField path="load.arrangement" :options="choices(arrangementWords)" />
      <QuantityField path="float.endPlayMm" />
      <QuantityField path="float.spanMm" />
      <QuantityField path="float.innerC" />
      <QuantityField path="float.outerC" />
    </div>
    <FigureLine v-if="figure" answer name="endPlay" :figure="figure" @working="emit('working', $event)" />
    <p class="quiet">
      Set it with the shaft turning all the while. A gearbox shaft usually has 0.05 to 0.15 mm; preload only to the
      figure of the machine’s maker. A warmer shaft tightens a pair set face to face, and slackens one set back to back
      when the bearings stand far apart.
    </p>
  </template>
  <p v-else class="quiet">
    Only single row angular contact and tapered roller bearings are set against each other; the one on the bench has its
    clearance from the factory.
  </p>
</template>

<style scoped>
.ways {
  width: 100%;
  max-width: 420px;
}

.ring {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}

.roller {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.shaft {
  stroke: var(--ink);
  stroke-width: 1.4;
}

.axis {
  stroke: var(--ink-2);
  stroke-dasharray: 18 4 4 4;
}

.load {
  stroke: var(--ember);
  stroke-width: 1.8;
  stroke-dasharray: 7 4;
}

text {
  fill: var(--ink-2);
  font: 15px var(--label);
  text-anchor: middle;
}

.quiet {
  font-size: 14px;
}
</style>
