<script setup lang="ts">
import { applicationWords, loadClassWords, seatAlternatives, type SeatAlternative } from '@yardfrost/core'
import { computed } from 'vue'
import { useBench } from '../use-bench.ts'

/** What another load, or another kind of machine, would make of the seats. */
const bench = useBench()
const rows = computed(() => seatAlternatives(bench.inputs.value, bench.machine.value, bench.lookup.value))
const differing = computed(() => rows.value.some(({ shaft, housing }) => shaft !== null || housing !== null))
const nameOf = ({ changes }: SeatAlternative) =>
  'load' in changes ? `${loadClassWords[changes.load]} load` : `as for ${applicationWords[changes.application]}`
</script>

<template>
  <details v-if="differing" class="alternatives">
    <summary>
      What a {{ rows.some(({ changes }) => 'load' in changes) ? 'light, normal or heavy load and the ' : '' }}kind of
      machine would change
    </summary>
    <table data-test="seat-alternatives">
      <thead>
        <tr>
          <th scope="col"></th>
          <th scope="col">shaft</th>
          <th scope="col">housing</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="nameOf(row)" :class="{ here: row.here }" :data-alternative="nameOf(row)">
          <th scope="row">{{ nameOf(row) }}</th>
          <td>{{ row.shaft ?? 'not settled' }}</td>
          <td>{{ row.housing ?? 'not settled' }}</td>
        </tr>
      </tbody>
    </table>
  </details>
</template>

<style scoped>
summary {
  padding: 8px 0;
  cursor: pointer;
}

table {
  width: 100%;
}

th,
td {
  padding: 3px 12px 3px 0;
  border-bottom: 1px solid var(--hair);
  font-weight: 400;
  text-align: left;
}

thead th {
  color: var(--ink-2);
  font: 15px var(--label);
}

.here th,
.here td {
  font-weight: 700;
}
</style>
