<script setup lang="ts">
import { numberOf, whatIfs, type WhatIf } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useBench } from '../use-bench.ts'

/** The usual mishaps, each as a ghost of the life beside the life as it stands. */
const bench = useBench()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.carry.figures)
const nowH = computed(() => numberOf(figures.value['modified']) ?? numberOf(figures.value['life']))
const wantedH = computed(() => numberOf(figures.value['wanted']))
const cases = computed(() => whatIfs(bench.inputs.value, bench.machine.value, bench.lookup.value))
const hours = (value: number) => format.digits(value, 'duration', { figures: 2 })

/** Lives stand on one scale from nothing to the longest of them. */
const longest = computed(() =>
  Math.max(nowH.value ?? 0, wantedH.value ?? 0, ...cases.value.map((one) => one.lifeH ?? 0)),
)
const share = (value: number) => `${(value / longest.value) * 100}%`
const costOf = ({ ratio }: WhatIf) =>
  ratio === null
    ? 'it cannot take it'
    : ratio > 0.995
      ? 'no less by this method'
      : `${format.digits(ratio * 100, 'percent', { figures: 2 })} % of it`
const filmKnown = computed(() => cases.value.some(({ key }) => key === 'hotter'))
</script>

<template>
  <div v-if="nowH !== null" class="cases" data-test="what-if">
    <div class="case">
      <span class="label">as it stands</span>
      <span class="bar now" :style="{ width: share(nowH) }" />
      <strong class="value">{{ hours(nowH) }}</strong>
    </div>
    <div v-if="wantedH !== null" class="case">
      <span class="label">wanted</span>
      <span class="bar wanted" :style="{ width: share(wantedH) }" />
      <span class="value">{{ hours(wantedH) }}</span>
    </div>
    <div v-for="one in cases" :key="one.key" class="case" :data-case="one.key">
      <span class="label">{{ format.sentence(one.label) }}</span>
      <span class="track">
        <span class="ghost" :style="{ width: share(nowH) }" />
        <span v-if="one.lifeH !== null" class="bar" :style="{ width: share(one.lifeH) }" />
      </span>
      <strong v-if="one.lifeH !== null" class="value ember">{{ hours(one.lifeH) }}</strong>
      <strong v-else class="value none">none</strong>
      <span class="quiet times">
        {{ costOf(one) }}
      </span>
    </div>
    <p class="quiet">Hours, on one scale.</p>
  </div>
  <p v-else class="quiet">Give the bearing, its load and its speed first: then each mishap shows what it costs.</p>
  <p v-if="nowH !== null && !filmKnown" class="quiet">
    With the base oil, the running temperature and the cleanliness known, dirt, heat and thin oil are shown too.
    <button type="button" class="link" @click="bench.turnTo('carry', 'life')">give them</button>
  </p>
</template>

<style scoped>
.cases {
  display: grid;
  gap: 14px;
}

.case {
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 2px 12px;
}

.case .label,
.case > .track,
.case > .bar {
  grid-column: 1;
}

.value {
  grid-column: 2;
  grid-row: 2;
  align-self: center;
  min-width: 96px;
  font-size: 19px;
  text-align: right;
}

.case .times {
  grid-column: 2;
  grid-row: 1;
  text-align: right;
  font-size: 14px;
}

.track {
  position: relative;
  height: 18px;
}

.bar {
  display: block;
  height: 18px;
  min-width: 2px;
  background: var(--ember-soft);
  border: 1.5px solid var(--ember);
}

.track .bar {
  position: absolute;
  left: 0;
  top: 0;
}

.now {
  background: var(--sheet);
  border-color: var(--ink);
}

.wanted {
  background: none;
  border-color: var(--ink-2);
}

.ghost {
  position: absolute;
  left: 0;
  top: 0;
  height: 18px;
  border: 1px dashed var(--ink-2);
}

.none {
  color: var(--stop);
}
</style>
