<script setup lang="ts">
import { formatInput, inputWords, unitSpace } from '@yardfrost/core'
import { useFormat } from './use-format.ts'
import { useSettings } from '../shell/settings.ts'
import type { InputDifference } from './input-differences.ts'

/** What differs between two versions of a position, input by input. */
defineProps<{ differences: InputDifference[]; from: string; to: string }>()
const format = useFormat()
const settings = useSettings()

function told(value: unknown, { path, quantity }: InputDifference): string {
  if (value === null || value === undefined || value === '') return 'empty'
  const number = (one: number) => formatInput(one, quantity, settings.units)
  const inUnit = (text: string) => `${text}${unitSpace}${format.unit(quantity)}`.trim()
  if (typeof value === 'number') return inUnit(number(value))
  if (Array.isArray(value)) {
    // Readings that were not taken are holes in the list.
    const entries = (value.flat() as unknown[]).filter((one) => one !== null)
    if (entries.length === 0) return 'empty'
    if (entries.every((one) => typeof one === 'string'))
      return entries.map((one) => inputWords[path]?.[String(one)] ?? String(one)).join(', ')
    // Lists of numbers are what a gauge read.
    if (entries.every((one) => typeof one === 'number'))
      return inUnit(entries.map((one) => format.digits(one, quantity, { decimals: 3 })).join(', '))
    return `${entries.length} entries`
  }
  return inputWords[path]?.[String(value)] ?? String(value)
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
