<script setup lang="ts">
import type { Measurable } from '@yardfrost/contract'
import { computed, ref } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useBench } from '../use-bench.ts'
import ReadingField from './ReadingField.vue'

/** A sheet of readings, what is measured in rows and the places in columns, with the instrument that takes them. */
const {
  rows,
  columns,
  pathOf,
  valueOf,
  nominalMm = null,
  instrument,
} = defineProps<{
  rows: readonly { key: string; label: string; measurable: Measurable }[]
  columns: readonly string[]
  /** Names the field of a reading among the unreadable ones. */
  pathOf: (row: number, column: number) => string
  valueOf: (row: number, column: number) => number | null
  nominalMm?: number | null
  instrument: string
}>()
const emit = defineEmits<{ read: [row: number, column: number, value: number | null] }>()

const bench = useBench()
const format = useFormat()
/** What went wrong with the last reading of the instrument. */
const trouble = ref('')

function take(row: number, column: number, value: number | null) {
  trouble.value = ''
  emit('read', row, column, value)
}

const unreadable = computed(() =>
  rows.flatMap((_, row) => columns.flatMap((__, column) => bench.unreadable.get(pathOf(row, column)) ?? [])),
)
</script>

<template>
  <div class="sheet">
    <table data-sheet>
      <thead>
        <tr>
          <th scope="col" class="label">{{ format.unit('length') }}</th>
          <th v-for="column in columns" :key="column" scope="col" class="label number">{{ column }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, r) in rows" :key="row.key">
          <th scope="row" class="label">{{ row.label }}</th>
          <td v-for="(column, c) in columns" :key="column">
            <ReadingField
              :path="pathOf(r, c)"
              :label="`${row.label}, ${column}`"
              :value="valueOf(r, c)"
              :measurable="row.measurable"
              :nominal-mm="nominalMm"
              :plane="row.measurable === 'shaft' || row.measurable === 'housing' ? r : c"
              :direction="c"
              @read="take(r, c, $event)"
              @failed="trouble = $event"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <p v-for="message in unreadable" :key="message" class="trouble" role="alert">{{ message }}</p>
    <p class="note label"><kbd>g</kbd> in a field takes a reading of the {{ instrument }} (simulated); or type it.</p>
    <p v-if="trouble" class="trouble" role="alert" data-test="gauge-trouble">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 8px;
}

table {
  width: 100%;
  table-layout: fixed;
}

thead th:first-child {
  width: 76px;
}

.number {
  padding-right: 4px;
}

td {
  padding: 2px 0 2px 10px;
}

.note,
.trouble {
  font-size: 14px;
}

.trouble {
  color: var(--stop);
}
</style>
