<script setup lang="ts">
import { mostImportLines, RegisterLine, type ImportReport } from '@yardfrost/contract'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import { usePageState } from '../shell/page-state.ts'

/** A file of machines: tried first, and brought in when one has seen what it would do, line by line. */
const page = usePageState()
const format = useFormat()
page.saving = null
page.crumbs = [{ label: 'Register', to: { name: 'register' } }, { label: 'Bring in a file' }]

const file = ref<{ name: string; csv: string } | null>(null)
const report = ref<ImportReport | null>(null)
const failure = ref<ApiFailure | null>(null)
const busy = ref(false)
const columns = Object.keys(RegisterLine.shape)

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const [chosen] = input.files ?? []
  if (!chosen) return
  file.value = { name: chosen.name, csv: await chosen.text() }
  // The same file chosen again is read again: it may have been corrected.
  input.value = ''
  await run(false)
}

async function run(save: boolean) {
  if (!file.value) return
  busy.value = true
  failure.value = null
  try {
    report.value = await api.importRegister(file.value.csv, save)
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    failure.value = error
    report.value = null
  } finally {
    busy.value = false
  }
}

const order = ['refused', 'new', 'changed', 'same'] as const
const words = { refused: 'refused', new: 'new', changed: 'changed', same: 'nothing new' }
const counts = computed(() =>
  order.map((outcome) => ({
    outcome,
    count: report.value?.lines.filter((line) => line.outcome === outcome).length ?? 0,
  })),
)
/** What needs looking at comes first. */
const lines = computed(() =>
  [...(report.value?.lines ?? [])].sort(
    (a, b) => order.indexOf(a.outcome) - order.indexOf(b.outcome) || a.line - b.line,
  ),
)
const most = 500
</script>

<template>
  <section class="import">
    <h1>Bring in a file</h1>
    <p class="quiet">
      CSV, one line a position, at most {{ format.digits(mostImportLines, 'ratio') }} lines. The first line names the
      columns: {{ columns.join(', ') }}. Take the <a href="/api/register.csv" download>register as it is</a> for a
      pattern. Nothing is saved until you have seen what it does; machines and positions that are not in the file stay
      as they are.
    </p>
    <p>
      <label class="choose">
        <span class="visually-hidden">File</span>
        <input type="file" accept=".csv,text/csv" data-test="import-file" @change="choose" />
      </label>
    </p>
    <p v-if="failure" role="alert" class="error" data-test="import-failure">
      <strong>{{ failure.message }}.</strong> {{ failure.fix }}
    </p>
    <template v-if="report && file">
      <p class="counts" role="status" data-test="import-counts">
        <span
          v-for="{ outcome, count } in counts"
          :key="outcome"
          :class="{ none: count === 0, refused: outcome === 'refused' }"
        >
          <strong>{{ count }}</strong> {{ words[outcome] }}
        </span>
      </p>
      <p v-if="report.saved" data-test="import-saved">
        {{ report.machines === 1 ? 'One machine is' : `${report.machines} machines are` }} in the register as
        {{ file.name }} has {{ report.machines === 1 ? 'it' : 'them' }}.
        <RouterLink :to="{ name: 'register' }">To the register</RouterLink>
      </p>
      <p v-else-if="report.machines > 0" class="do">
        <Button
          :label="`Save ${report.machines} ${report.machines === 1 ? 'machine' : 'machines'}`"
          :disabled="busy"
          data-test="import-save"
          @click="run(true)"
        />
        <span v-if="counts[0]?.count" class="quiet">Machines with a refused line are left out whole.</span>
      </p>
      <p v-else>Nothing in {{ file.name }} changes the register.</p>
      <table v-if="lines.length">
        <thead>
          <tr>
            <th scope="col" class="label number">line</th>
            <th scope="col" class="label">tag</th>
            <th scope="col" class="label">outcome</th>
            <th scope="col" class="label">what to look at</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines.slice(0, most)" :key="line.line" :data-line="line.line" :class="line.outcome">
            <td class="number">{{ line.line }}</td>
            <td>{{ line.tag }}</td>
            <td>{{ words[line.outcome] }}</td>
            <td>{{ line.message }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="lines.length > most" class="quiet">{{ lines.length - most }} more lines are not shown.</p>
    </template>
  </section>
</template>

<style scoped>
.import {
  display: grid;
  align-content: start;
  gap: 14px;
  max-width: 1000px;
  padding: 22px 24px 40px;
}

.counts {
  display: flex;
  gap: 34px;
}

.counts strong {
  font-size: 34px;
  line-height: 1;
}

.counts .none {
  color: var(--ink-2);
}

.counts .refused:not(.none) {
  color: var(--stop);
}

.do {
  display: flex;
  align-items: center;
  gap: 14px;
}

td,
th {
  padding: 6px 18px 6px 0;
  border-bottom: 1px solid var(--hair);
  vertical-align: top;
}

tr.refused td:nth-child(3) {
  color: var(--stop);
  font-weight: 650;
}

tr.same {
  color: var(--ink-2);
}

input[type='file'] {
  font: inherit;
}

input[type='file']::file-selector-button {
  min-height: 40px;
  margin-right: 12px;
  padding: 0 14px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  background: var(--sheet);
  color: inherit;
  font: 650 15px var(--text);
  cursor: pointer;
}
</style>
