<script setup lang="ts">
import type { PositionDetail } from '@yardfrost/contract'
import { markWords, sleeveName, wantedLife, workOutSleeve, type Position } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api } from '../api/client.ts'
import DifferenceTable from '../figures/DifferenceTable.vue'
import { damage } from '../references.ts'
import { inputDifferences } from '../figures/input-differences.ts'
import { useFormat } from '../figures/use-format.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { shownDay, shownWithYear } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import StepDrawing from './StepDrawing.vue'
import { useJob } from './use-job.ts'
import { jobStateWords } from './words.ts'

/** The job on paper: a job card before it is done, an as-left sheet after; black on white, to be signed by hand. */
const { id } = defineProps<{ id: string }>()
const job = useJob(id)
const page = usePageState()
const format = useFormat()
page.saving = null

const details = ref<PositionDetail[]>([])
/** Positions as the job left them; while it goes on, as they are now. */
const sheets = computed(() =>
  details.value.map((detail) => ({ ...detail, inputs: job.job.value?.left?.[detail.id] ?? detail.inputs })),
)
const { failure, load } = useLoading(async () => {
  await job.load()
  const ids = new Set(job.job.value?.steps.flatMap(({ position }) => (position ? [position.id] : [])))
  details.value = await Promise.all([...ids].map((one) => api.position(one)))
  const { number, machine } = job.job.value ?? { number: '', machine: { tag: '' } }
  page.crumbs = [{ label: `Job ${number}`, to: { name: 'job', params: { id } } }, { label: `${machine.tag}, on paper` }]
})
const steps = computed(() => job.progress.value?.steps ?? [])
/** Steps of one position, and those of the machine as a whole. */
const stepsOf = (positionId: string) =>
  steps.value.filter(({ step }) => !step.position || step.position.id === positionId)
const photosOf = (positionId: string) => stepsOf(positionId).flatMap(({ photos }) => photos)
const isLeft = computed(() => job.job.value?.state === 'done')

type Reading = (typeof steps.value)[number]['readings'][number]
const value = ({ reading, entry }: Reading) =>
  !entry
    ? ''
    : entry.value === null
      ? reading.kind === 'marks'
        ? markWords(entry.text, damage)
        : (entry.text ?? '')
      : format.inline({ kind: 'number', number: entry.value }, reading.quantity, { decimals: reading.decimals })
const limits = ({ reading: { low, high, expected, kind, quantity, decimals } }: Reading) => {
  const shown = (number: number) => format.inline({ kind: 'number', number }, quantity, { decimals })
  if (kind !== 'number') return expected ?? ''
  if (low !== null && high !== null)
    return format.inline({ kind: 'range', from: low, to: high }, quantity, { decimals })
  return low !== null ? `≥ ${shown(low)}` : high !== null ? `≤ ${shown(high)}` : ''
}
/** Nothing is within limits that has none. */
const verdict = (one: Reading) =>
  !one.entry ? '' : one.isOut ? `out: ${one.entry.reason ?? 'no reason given'}` : limits(one) && 'within'
const bearingOf = (inputs: Position) =>
  (inputs.kind === 'plain' ? sleeveName(inputs, workOutSleeve(inputs)) : inputs.bearing.designation) || 'none entered'
const print = () => window.print()
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="job.job.value && details.length" class="paper" data-test="job-card">
    <p class="press">
      <Button label="Print, or save as PDF" data-test="print" @click="print" />
    </p>
    <article v-for="(detail, index) in sheets" :key="detail.id" class="sheet">
      <header>
        <div>
          <h1>{{ isLeft ? 'As left' : 'Job card' }}</h1>
          <p>{{ job.job.value.title }}</p>
        </div>
        <dl>
          <div>
            <dt>Job</dt>
            <dd>{{ job.job.value.number }}, {{ jobStateWords[job.job.value.state] }}</dd>
          </div>
          <div>
            <dt>Machine</dt>
            <dd>{{ job.job.value.machine.tag }} {{ job.job.value.machine.name }}</dd>
          </div>
          <div>
            <dt>Position</dt>
            <dd>{{ detail.name }}, {{ job.job.value.machine.area }}</dd>
          </div>
          <div>
            <dt>Bearing</dt>
            <dd>{{ bearingOf(detail.inputs) }}</dd>
          </div>
          <div>
            <dt>Made</dt>
            <dd>{{ shownWithYear(job.job.value.createdAt) }}</dd>
          </div>
          <div>
            <dt>{{ job.ended.value ? 'Closed' : 'Planned for' }}</dt>
            <dd v-if="job.job.value.endedAt">{{ shownWithYear(job.job.value.endedAt) }}</dd>
            <dd v-else>{{ job.job.value.plannedFor ? shownDay(job.job.value.plannedFor) : '' }}</dd>
          </div>
          <div>
            <dt>Runs</dt>
            <dd>{{ wantedLife(detail.machine.duty).label }}</dd>
          </div>
          <div>
            <dt>Sheet</dt>
            <dd>{{ index + 1 }} of {{ details.length }}</dd>
          </div>
        </dl>
      </header>
      <StepDrawing class="drawing" :detail="detail" lens="seat" />
      <DifferenceTable
        v-if="job.job.value.left?.[detail.id] && job.job.value.found[detail.id]"
        class="change"
        :differences="inputDifferences(job.job.value.found[detail.id]!, job.job.value.left[detail.id]!)"
        from="as found"
        to="as left"
        data-test="as-found-as-left"
      />
      <table>
        <thead>
          <tr>
            <th scope="col">Step</th>
            <th scope="col">Reading</th>
            <th scope="col">Limits</th>
            <th scope="col">Read</th>
            <th scope="col">Verdict</th>
            <th scope="col">By</th>
          </tr>
        </thead>
        <tbody v-for="state in stepsOf(detail.id)" :key="state.step.key">
          <tr v-for="(one, row) in state.readings" :key="one.reading.key">
            <th v-if="row === 0" scope="rowgroup" :rowspan="state.readings.length">{{ state.step.title }}</th>
            <td>{{ one.reading.label }}</td>
            <td :class="{ number: one.reading.kind === 'number' }">{{ limits(one) }}</td>
            <td class="value" :class="{ number: one.reading.kind === 'number' }">{{ value(one) }}</td>
            <td>{{ verdict(one) }}</td>
            <td class="by">{{ one.entry?.by ?? '' }}</td>
          </tr>
          <tr v-if="state.skipped">
            <th scope="row">{{ state.step.title }}</th>
            <td colspan="4">Skipped: {{ state.skipped.reason }}</td>
            <td class="by">{{ state.skipped.by }}</td>
          </tr>
          <tr v-if="state.readings.length === 0 && !state.skipped">
            <th scope="row">{{ state.step.title }}</th>
            <td colspan="4">{{ state.step.does.map((line) => format.sentence(line)).join(' ') }}</td>
            <td class="by">{{ state.done?.by ?? '' }}</td>
          </tr>
        </tbody>
      </table>
      <p v-for="note in stepsOf(detail.id).flatMap(({ notes }) => notes)" :key="note.id" class="note">
        {{ note.text }} ({{ note.by }}, {{ shownWithYear(note.at) }})
      </p>
      <p v-if="photosOf(detail.id).length" class="photos">
        <img
          v-for="one in photosOf(detail.id)"
          :key="one.id"
          :src="`/api/jobs/${id}/photos/${one.photo}`"
          :alt="`${one.name}, ${shownWithYear(one.at)}`"
        />
      </p>
      <footer>
        <p>Done by</p>
        <p>Checked by</p>
        <p>Handed over to</p>
      </footer>
      <p class="advice">
        Yardfrost advises; the responsible person decides. Site rules, the makers’ manuals, local codes and licensed
        practice come first.
      </p>
    </article>
  </div>
</template>

<style scoped>
.paper {
  padding: 18px;
  overflow-y: auto;
}

.press {
  margin: 0 auto 12px;
  max-width: 190mm;
}

/* Paper is white and its ink black, whatever the shift. */
.sheet {
  --paper: #fff;
  --sheet: #fff;
  --ink: #000;
  --ink-2: #333;
  --hair: #999;
  --ember: #000;
  --ember-text: #000;
  --ember-soft: #ddd;
  --frost: #000;
  --frost-soft: #eee;
  box-sizing: border-box;
  width: 190mm;
  margin: 0 auto 12mm;
  padding: 9mm 10mm;
  border: 0.6mm solid #000;
  background: #fff;
  color: #000;
  font-size: 11px;
}

header {
  display: grid;
  grid-template-columns: 1fr 1.7fr;
  border-bottom: 0.5mm solid #000;
}

h1 {
  font-size: 26px;
}

dl {
  display: grid;
  grid-template-columns: 1fr 1fr;
  margin: 0;
}

dl div {
  display: grid;
  grid-template-columns: 62px 1fr;
  padding: 2px 6px;
  border-left: 0.2mm solid #000;
  border-bottom: 0.2mm solid #999;
}

dt {
  font: 12px var(--label);
}

dd {
  margin: 0;
  font-weight: 650;
}

.drawing {
  height: 66mm;
  margin: 3mm 0;
}

/* One look for both tables of the sheet. */
table,
.change {
  width: 100%;
  max-width: none;
}

.change {
  margin-bottom: 4mm;
}

th,
td,
.change :deep(:is(th, td)) {
  padding: 1.2mm 2mm;
  border: 0.2mm solid #000;
  vertical-align: top;
}

thead th,
.change :deep(thead th) {
  color: #000;
  font: 650 12px var(--label);
}

tr {
  break-inside: avoid;
}

tbody th {
  font-weight: 700;
}

.by {
  white-space: nowrap;
}

.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 3mm;
  padding-top: 3mm;
}

.photos img {
  height: 38mm;
  max-width: 82mm;
  border: 0.2mm solid #000;
}

.number {
  white-space: nowrap;
}

.value {
  min-width: 22mm;
  font-weight: 700;
}

.note {
  padding-top: 1.5mm;
}

footer {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8mm;
  margin-top: 14mm;
  break-inside: avoid;
}

footer p {
  padding-top: 1mm;
  border-top: 0.3mm solid #000;
}

.advice {
  margin-top: 4mm;
  font-size: 10px;
}

@media print {
  .press {
    display: none;
  }

  .paper {
    padding: 0;
    overflow: visible;
  }

  .sheet {
    width: auto;
    margin: 0;
    break-after: page;
    /* Each page of a sheet is framed. */
    box-decoration-break: clone;
  }

  .sheet:last-child {
    break-after: auto;
  }
}

@page {
  size: A4;
  margin: 10mm;

  @bottom-right {
    content: 'page ' counter(page) ' of ' counter(pages);
    font: 9px var(--label);
  }
}
</style>
