<script setup lang="ts">
import { formatInput, unitSpace } from '@yardfrost/core'
import { useFormat } from '../figures/use-format.ts'
import { useSettings } from '../shell/settings.ts'
import type { InputDifference } from './input-differences.ts'

/** What differs between two versions of a position, input by input. */
defineProps<{ differences: InputDifference[]; from: string; to: string }>()
const format = useFormat()
const settings = useSettings()

function told(value: unknown, quantity: InputDifference['quantity']): string {
  if (value === null || value === undefined || value === '') return 'empty'
  if (typeof value === 'number')
    return `${formatInput(value, quantity, settings.units)}${unitSpace}${format.unit(quantity)}`.trim()
  if (Array.isArray(value)) {
    const entries = value.flat() as unknown[]
    if (entries.length === 0) return 'empty'
    return entries.every((one) => typeof one === 'string') ? entries.join(', ') : `${entries.length} entries`
  }
  return String(value).replace(/-/g, ' ')
}
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
        <td>{{ told(one.from, one.quantity) }}</td>
        <td>{{ told(one.to, one.quantity) }}</td>
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
  border-collapse: collapse;
}

th {
  font: 15px var(--label);
  color: var(--ink-2);
  text-align: left;
}

th,
td {
  padding: 4px 20px 4px 0;
  border-bottom: 1px solid var(--hair);
  vertical-align: baseline;
}
</style>
