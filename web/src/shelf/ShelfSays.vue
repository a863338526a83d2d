<script setup lang="ts">
import type { StockLine, Wanted } from '@yardfrost/contract'
import { greaseYears, type ShelfSays } from '@yardfrost/core'
import VerdictMark from '../figures/VerdictMark.vue'
import { shownDay } from '../shell/shown-time.ts'

/** What the shelf comes to: what is missing first. A shelf in order says nothing but what it covers. */
defineProps<{ says: ShelfSays<StockLine, Wanted> }>()
defineEmits<{ show: [line: StockLine]; add: [designation: string] }>()
/** So many are named of a long list. */
const most = 8
</script>

<template>
  <div class="says">
    <section v-if="says.missing.length" aria-label="Missing for jobs" data-test="shelf-missing">
      <h2><VerdictMark state="watch" /> Missing for what is planned</h2>
      <ul>
        <li v-for="one in says.missing" :key="one.designation" :data-missing="one.designation">
          <strong>{{ one.designation }}</strong>
          {{ one.held === 0 ? 'none' : `only ${one.held}` }} here, {{ one.wanted }} wanted:
          <template v-for="(job, index) in one.jobs" :key="`${job.jobId} ${index}`">
            <RouterLink :to="{ name: 'job', params: { id: job.jobId } }">{{ job.tag }} job {{ job.number }}</RouterLink
            >{{ job.plannedFor ? ` for ${shownDay(job.plannedFor)}` : '' }}{{ index < one.jobs.length - 1 ? ', ' : '' }}
          </template>
        </li>
      </ul>
    </section>
    <section v-if="says.low.length" aria-label="Too few" data-test="shelf-low">
      <h2><VerdictMark state="watch" /> Under the least number</h2>
      <ul>
        <li v-for="one in says.low" :key="one.designation" :data-low="one.designation">
          <strong>{{ one.designation }}</strong> {{ one.held }} here, no fewer than {{ one.wanted }}
        </li>
      </ul>
    </section>
    <section v-if="says.old.length" aria-label="Old grease" data-test="shelf-old">
      <h2><VerdictMark state="watch" /> Grease older than {{ greaseYears }} years</h2>
      <ul>
        <li v-for="{ line, years } in says.old" :key="line.id" :data-old="line.designation">
          <strong>{{ line.designation }}</strong> in {{ line.place }}, {{ years.toFixed(1) }} years: not into a machine
          that matters; what is sealed for life has lost that part of it.
        </li>
      </ul>
    </section>
    <section v-if="says.nowhere.length" aria-label="Fits nowhere" data-test="shelf-nowhere">
      <h2>Fits nowhere on this site</h2>
      <p>
        <button
          v-for="line in says.nowhere.slice(0, most)"
          :key="line.id"
          type="button"
          class="link"
          :data-nowhere="line.designation"
          @click="$emit('show', line)"
        >
          {{ line.designation }}
        </button>
        <span v-if="says.nowhere.length > most" class="quiet">and {{ says.nowhere.length - most }} more</span>
      </p>
    </section>
    <section v-if="says.notHeld.length" aria-label="Not held" data-test="shelf-not-held">
      <h2>Fitted, and not on the shelf</h2>
      <p>
        <button
          v-for="one in says.notHeld.slice(0, most)"
          :key="one.designation"
          type="button"
          class="link"
          :data-not-held="one.designation"
          @click="$emit('add', one.designation)"
        >
          {{ one.designation }} <span class="quiet">{{ one.positions }}</span>
        </button>
        <span v-if="says.notHeld.length > most" class="quiet">and {{ says.notHeld.length - most }} more</span>
      </p>
    </section>
    <section v-if="says.cover.numbers.length" aria-label="What covers most" data-test="shelf-cover">
      <h2>Five numbers cover {{ Math.round(says.cover.share * 100) }} % of the positions</h2>
      <p class="quiet">
        {{ says.cover.numbers.map(({ designation, positions }) => `${designation} (${positions})`).join(', ') }}
      </p>
    </section>
    <p class="quiet">Turn shafts in store a quarter turn and a little more each month, and write it down.</p>
  </div>
</template>

<style scoped>
.says {
  display: grid;
  align-content: start;
  gap: 16px;
}

h2 {
  display: flex;
  align-items: center;
  gap: 8px;
}

ul {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 5px 0;
  border-top: 1px solid var(--hair);
}

section > p {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
</style>
