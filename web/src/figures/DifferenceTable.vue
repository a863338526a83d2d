<script setup lang="ts">
import type { InputDifference } from './input-differences.ts'
import { useInputWords } from './use-input-words.ts'

/** What differs between two versions of a position, input by input. */
defineProps<{ differences: InputDifference[]; from: string; to: string }>()
const told = useInputWords()
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col">what differs</th>
        <th scope="col">{{ from }}</th>
        <th scope="col">{{ to }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in differences" :key="one.path">
        <td>{{ one.title }}</td>
        <td>{{ told(one.from, one) }}</td>
        <td>{{ told(one.to, one) }}</td>
      </tr>
      <tr v-if="differences.length === 0">
        <td colspan="3">Nothing: both say the same.</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  max-width: 720px;
}

th {
  font: 15px var(--label);
  color: var(--ink-2);
}

th,
td {
  padding: 4px 20px 4px 0;
  border-bottom: 1px solid var(--hair);
  vertical-align: baseline;
}
</style>
