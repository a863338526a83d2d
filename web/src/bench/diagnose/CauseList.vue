<script setup lang="ts">
import { becauseWords, percentWords, type DiagnoseOutcome, type Ranking } from '@yardfrost/core'

/** The likeliest causes, the first one large, each with what speaks for and against it. */
const {
  ranking,
  labels,
  most = 3,
  beside = null,
} = defineProps<{
  ranking: Ranking
  labels: Readonly<Record<string, string>>
  most?: number
  /** Chances by the other way of counting causes, shown small below those that lead. */
  beside?: DiagnoseOutcome['beside']
}>()
</script>

<template>
  <ol class="causes" data-test="causes">
    <li v-for="one in ranking.causes.slice(0, most)" :key="one.cause" :data-cause="one.cause">
      <span class="chance">
        <strong>{{ percentWords(one.probability) }}</strong>
        <span v-if="beside" class="quiet" data-test="beside">{{ percentWords(beside.chances[one.cause] ?? 0) }}</span>
      </span>
      <span>
        <b>{{ one.title }}</b>
        <span class="quiet">{{ becauseWords(one, labels) }}</span>
      </span>
    </li>
  </ol>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 10px;
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}

li:first-child {
  border-top: 0;
}

.chance {
  display: grid;
  align-content: start;
}

strong {
  font-size: 19px;
  white-space: nowrap;
}

b {
  display: block;
  font-weight: 600;
}

li:first-child strong {
  font-size: 38px;
  line-height: 1;
}

li:first-child b {
  font-size: 18px;
  font-weight: 700;
}

.quiet {
  font-size: 14px;
}
</style>
