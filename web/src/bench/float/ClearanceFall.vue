<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { computed, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'

/** Clearance from the box through mounting to running, each step with its range; below nothing it is preload. */
const { steps } = defineProps<{ steps: { name: string; label: string; from: number; to: number }[] }>()

const format = useFormat()
const box = useTemplateRef('box')
const { width } = useElementSize(box)
const labelPx = 134
const rowPx = 24

const x = computed(() => {
  const ends = [0, ...steps.flatMap(({ from, to }) => [from, to])]
  const [low, high] = [Math.min(...ends), Math.max(...ends)]
  return scaleLinear()
    .domain([low - (high - low) * 0.06, high + (high - low) * 0.12])
    .range([labelPx, Math.max(width.value - 44, labelPx + 40)])
})
const height = computed(() => steps.length * rowPx + 8)
</script>

<template>
  <div ref="box" class="box">
    <svg v-if="width > 0" :width="width" :height="height" role="img" aria-label="Clearance from the box to running">
      <rect v-if="x(0) > labelPx" class="tight" :x="labelPx" y="0" :width="x(0) - labelPx" :height="height" />
      <line class="nothing" :x1="x(0)" :x2="x(0)" y1="0" :y2="height" />
      <g v-for="(step, index) in steps" :key="step.name" :transform="`translate(0 ${index * rowPx + 4})`">
        <text x="0" y="14">{{ step.label }}</text>
        <rect class="span" :x="x(step.from)" y="4" :width="Math.max(x(step.to) - x(step.from), 2)" height="12" />
        <text :x="x(step.to) + 6" y="15">
          {{ format.digits(step.from, 'deviation') }} … {{ format.digits(step.to, 'deviation') }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.box {
  min-height: 56px;
  overflow: hidden;
}

text {
  fill: var(--ink-2);
  font: 14px var(--label);
}

.span {
  fill: var(--frost-soft);
  stroke: var(--frost);
  stroke-width: 1.4;
}

.tight {
  fill: var(--ember-soft);
}

.nothing {
  stroke: var(--ember);
  stroke-width: 1.6;
}
</style>
