<script setup lang="ts">
import type { LogStatistics } from '@yardfrost/contract'
import { formatNumber } from '@yardfrost/core'
import { computed, defineAsyncComponent } from 'vue'
import { keepTable } from '../shell/keep-file.ts'
import { causeWords, hoursWords, longestToldH, ratedWords, trendWords, verdictWords } from './life-words.ts'

/** What the bearings that are looked at say together: how many, how long, whether they die young, why they came out. */
const { says } = defineProps<{ says: LogStatistics }>()
defineEmits<{ cause: [cause: string] }>()
const LifePlot = defineAsyncComponent(() => import('./LifePlot.vue'))

const life = computed(() => says.life)
/** A life that nobody will see is not drawn. */
const drawnRated = computed(() =>
  says.ratedLifeH !== null && says.ratedLifeH <= longestToldH ? says.ratedLifeH : null,
)
const bound = (value: number | null) => (value === null ? 'open' : formatNumber(value, { figures: 2 }))
/** By cause, however it came out; those that were sound last. */
const causes = computed(() => {
  const counts = new Map<string, { words: string; sound: boolean; count: number }>()
  for (const { cause, ended, count } of says.causes) {
    const sound = ended === 'sound'
    const words = sound ? 'opened, found sound' : causeWords(cause)
    const there = counts.get(words)
    counts.set(words, { words, sound, count: (there?.count ?? 0) + count })
  }
  const all = [...counts.values()].sort((a, b) => Number(a.sound) - Number(b.sound) || b.count - a.count)
  const most = Math.max(...all.map(({ count }) => count), 1)
  return all.slice(0, mostCauses).map((one) => ({ ...one, share: one.count / most }))
})
const mostCauses = 7
/** The plot as numbers: each that failed at its share, and the line with its bounds. */
function keepPlot() {
  const { points = [], quantiles = [] } = life.value ?? {}
  const row = (
    what: string,
    hours: number,
    percent: number,
    low: number | null = null,
    high: number | null = null,
  ) => ({
    what,
    hours: hours.toFixed(1),
    percent_failed: percent.toFixed(2),
    hours_low: low?.toFixed(1) ?? '',
    hours_high: high?.toFixed(1) ?? '',
  })
  keepTable('life', [
    ...points.map(({ hoursH, medianRank }) => row('failed', hoursH, medianRank * 100)),
    ...quantiles.map(({ hoursH, percent, lowH, highH }) => row('line', hoursH, percent, lowH, highH)),
  ])
}
const worst = computed(() => says.pareto?.rows.filter(({ count }) => count > 0).slice(0, 6) ?? [])
</script>

<template>
  <div class="says">
    <p class="big">
      <span
        ><strong data-test="failed">{{ says.failed }}</strong> failed of {{ says.fitted }} fitted</span
      >
      <span v-if="life && says.failed > 0">
        <strong class="second" data-test="half">{{ formatNumber(life.b50H, { figures: 2 }) }}</strong> h, half of them
      </span>
    </p>
    <p v-if="life && life.method === 'maximum-likelihood'" data-test="shape">
      Shape <strong>{{ formatNumber(life.shapeCorrected ?? life.shape, { figures: 2 }) }}</strong>
      <span class="quiet"> ({{ bound(life.shapeLow) }} … {{ bound(life.shapeHigh) }})</span>
    </p>
    <p data-test="life-verdict">{{ verdictWords(says) }}</p>
    <p v-if="ratedWords(says)" class="quiet" data-test="life-rated">{{ ratedWords(says) }}</p>
    <p v-if="trendWords(says)" class="quiet" data-test="life-trend">{{ trendWords(says) }}</p>
    <template v-if="life && life.points.length > 0">
      <LifePlot :life="life" :rated-life-h="drawnRated" />
      <p class="keep">
        <button type="button" class="link" data-test="keep-plot" @click="keepPlot">plot as CSV</button>
      </p>
    </template>
    <section v-if="causes.length" aria-label="Why they came out">
      <h2>Why they came out</h2>
      <ul class="causes" data-test="why-out">
        <li v-for="one in causes" :key="one.words">
          <span>{{ one.words }}</span>
          <span class="bar" :class="{ sound: one.sound }" :style="{ width: `${one.share * 100}%` }" />
          <strong>{{ one.count }}</strong>
        </li>
      </ul>
    </section>
    <section v-if="worst.length > 1" aria-label="Which eat bearings">
      <h2>Which eat bearings</h2>
      <table data-test="pareto">
        <tbody>
          <tr v-for="row in worst" :key="row.group" :class="{ out: row.standsOut }">
            <td>{{ row.group }}</td>
            <td class="number">{{ row.count }}</td>
            <td class="number quiet">{{ row.hoursH === null ? '' : `in ${hoursWords(row.hoursH)}` }}</td>
            <td>{{ row.standsOut ? 'no chance' : row.count >= 3 ? 'may be chance' : '' }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.says {
  display: grid;
  gap: 10px;
}

.big strong {
  font-size: 44px;
  line-height: 1;
}

.big .second {
  font-size: 30px;
}

.big {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 22px;
}

.big span {
  color: var(--ink-2);
  white-space: nowrap;
}

.big strong {
  color: var(--ink);
}

ul {
  display: grid;
  gap: 6px;
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}

.causes li {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr) auto;
  align-items: center;
  gap: 10px;
  font-size: 14px;
}

.causes .bar {
  justify-self: start;
  min-width: 10px;
  height: 20px;
  border: 1.4px solid var(--ember);
  background: var(--ember-soft);
}

.causes .bar.sound {
  border-color: var(--frost);
  background: var(--frost-soft);
}

@media print {
  .keep {
    display: none;
  }
}

table {
  width: 100%;
  margin-top: 4px;
}

td {
  padding: 3px 8px 3px 0;
}

.out td:first-child,
.out td:last-child {
  color: var(--ember-text);
  font-weight: 650;
}
</style>
