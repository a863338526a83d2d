<script setup lang="ts">
import { plainForDuty, ruleWords } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useBench } from '../use-bench.ts'

/** Whether a shell in the room of this bearing would do the duty, with what speaks for and against it. */
const bench = useBench()
const format = useFormat()
const answer = computed(() => (bench.bearing.value ? plainForDuty(bench.effective.value, bench.bearing.value) : null))
const points = (value: number) => `${value > 0 ? '+' : ''}${format.digits(value, 'ratio', { decimals: 0 })}`
</script>

<template>
  <section v-if="answer" aria-label="Plain or rolling" data-test="plain-or-rolling">
    <h3>
      Plain or rolling? <strong data-test="plain-says">{{ answer.recommendation }}</strong>
    </h3>
    <ul>
      <li v-for="{ rule, points: worth } in answer.reasons" :key="rule" :data-rule="rule">
        <span class="points">{{ points(worth) }}</span>
        <span>{{ ruleWords(rule, worth) }}</span>
      </li>
    </ul>
    <p class="quiet">
      Together {{ points(answer.score) }}: from +2 on plain, from {{ points(-1) }} down rolling. Judgement, point by
      point, for a shell as long as this bearing is wide; of swinging, halves and growth it does not know.
    </p>
  </section>
</template>

<style scoped>
section {
  margin-top: 14px;
}

h3 strong {
  font-size: 22px;
}

ul {
  margin: 6px 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 34px 1fr;
  padding: 3px 0;
}

.points {
  font-weight: 650;
  font-variant-numeric: tabular-nums;
}
</style>
