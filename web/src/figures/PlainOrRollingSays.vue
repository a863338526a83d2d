<script setup lang="ts">
import { ruleWords, type PlainOrRolling } from '@yardfrost/core'
import { useFormat } from './use-format.ts'

/** Whether plain or rolling, with what speaks for and against it, point by point. */
const { answer } = defineProps<{ answer: PlainOrRolling }>()
const format = useFormat()
const points = (value: number) => `${value > 0 ? '+' : ''}${format.digits(value, 'ratio', { decimals: 0 })}`
</script>

<template>
  <div>
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
      point. <slot />
    </p>
  </div>
</template>

<style scoped>
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
