<script setup lang="ts">
import { fieldSchema, Position, type FieldMeta } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import { useBench } from './use-bench.ts'

/** Somebody saved first: what differs, theirs beside mine, and the choice. */
const bench = useBench()
const format = useFormat()

type Groups = Record<string, Record<string, unknown>>

const differences = computed(() => {
  const theirs = bench.conflict.value?.inputs as Groups | undefined
  const mine = bench.inputs.value as Groups
  if (!theirs) return []
  return Object.keys(mine).flatMap((group) =>
    Object.keys(mine[group] ?? {})
      .filter((field) => mine[group]?.[field] !== theirs[group]?.[field])
      .map((field) => {
        const meta = fieldSchema(Position, [group, field])?.meta() as FieldMeta | undefined
        return {
          title: meta?.title ?? field,
          mine: told(mine[group]?.[field], meta),
          theirs: told(theirs[group]?.[field], meta),
        }
      }),
  )
})

function told(value: unknown, meta: FieldMeta | undefined): string {
  if (value === null || value === '') return 'empty'
  if (typeof value === 'number')
    return format.inline({ kind: 'number', number: value }, meta?.quantity ?? 'ratio', { figures: 5 })
  return String(value)
}
</script>

<template>
  <section
    v-if="bench.conflict.value"
    class="conflict"
    role="alertdialog"
    aria-label="Two versions"
    data-test="conflict"
  >
    <p>
      <strong>{{ bench.conflict.value.savedBy ?? 'Somebody' }} saved this position since you opened it.</strong>
      Nothing is overwritten until you choose.
    </p>
    <table>
      <thead>
        <tr>
          <th scope="col">what differs</th>
          <th scope="col">mine</th>
          <th scope="col">theirs</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ title, mine, theirs } in differences" :key="title">
          <td>{{ title }}</td>
          <td>{{ mine }}</td>
          <td>{{ theirs }}</td>
        </tr>
        <tr v-if="differences.length === 0">
          <td colspan="3">Nothing: both say the same.</td>
        </tr>
      </tbody>
    </table>
    <div class="choice">
      <Button label="Keep mine, save it on top" size="small" data-test="keep-mine" @click="bench.settle('mine')" />
      <Button
        label="Take theirs"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="take-theirs"
        @click="bench.settle('theirs')"
      />
    </div>
  </section>
</template>

<style scoped>
.conflict {
  display: grid;
  gap: 8px;
  padding: 12px 18px;
  border-bottom: 1px solid var(--hair);
  background: var(--sheet);
}

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
  padding: 4px 24px 4px 0;
  border-bottom: 1px solid var(--hair);
}

.choice {
  display: flex;
  gap: 10px;
}
</style>
