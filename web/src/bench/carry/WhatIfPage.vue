<script setup lang="ts">
import { longestLifeH, whatIfs, type WhatIf } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useBench } from '../use-bench.ts'

/** The usual mishaps, each as a ghost of the life beside the life as it stands. */
const bench = useBench()
const format = useFormat()
const outcome = computed(() => bench.assessment.value.outcomes.carry)
const nowH = computed(() => outcome.value.modified.value?.hoursH ?? outcome.value.life?.hoursH ?? null)
const wantedH = computed(() => outcome.value.wantedH)
const cases = computed(() => whatIfs(bench.inputs.value, bench.machine.value, bench.lookup.value))
/** Longer than this is not told apart, and said once below. */
const isBeyond = (value: number | null) => value !== null && value > longestLifeH
const hours = (value: number) => (isBeyond(value) ? '' : format.digits(value, 'duration', { figures: 2 }))
const someBeyond = computed(() => [nowH.value, ...cases.value.map(({ lifeH }) => lifeH)].some(isBeyond))

/** Lives stand on a scale of the required life: three times as long fills it, and longer is no longer told apart. */
const scaleTimes = 3
const longest = computed(() => scaleTimes * wantedH.value)
const share = (value: number) => `${Math.min(1, value / longest.value) * 100}%`
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
    <div class="case">
      <span class="label">required</span>
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
    <p class="quiet">
      Hours, on a scale of three times the required life.<template v-if="someBeyond">
        A bar without a figure: more than {{ format.digits(longestLifeH, 'duration') }}.</template
      >
    </p>
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
