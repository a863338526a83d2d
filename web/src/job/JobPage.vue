<script setup lang="ts">
import { useNow } from '@vueuse/core'
import type { PositionDetail } from '@yardfrost/contract'
import { runUpPoints, settledCheck, type StepState } from '@yardfrost/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onBeforeUnmount, reactive, ref, watch, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiFailure } from '../api/client.ts'
import CheckLine from '../figures/CheckLine.vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownTime } from '../shell/shown-time.ts'
import { useKeys } from '../shell/use-keys.ts'
import { useLoading } from '../shell/use-loading.ts'
import HeatClock from './HeatClock.vue'
import ReadingEntry from './ReadingEntry.vue'
import StepDrawing from './StepDrawing.vue'
import { useJob } from './use-job.ts'
import { jobStateWords } from './words.ts'

/** One bearing change, one step a screen: what to do, what to read, what to mind, and whether it may go on. */
const { id, step: asked = '' } = defineProps<{ id: string; step?: string }>()
const job = useJob(id)
const page = usePageState()
const session = useSession()
const router = useRouter()
const format = useFormat()
page.saving = null

const { failure, load } = useLoading(job.load)
const steps = computed(() => job.progress.value?.steps ?? [])
/** The step on the screen: the one that was chosen, else the one the job stands at. */
const shown = computed(
  () =>
    steps.value.find(({ step }) => step.key === asked) ??
    steps.value.find(({ step }) => step.key === job.progress.value?.current) ??
    steps.value.at(-1),
)
const mayWrite = computed(() => session.maySave && !job.ended.value)

function choose(key: string) {
  void router.replace({ name: 'job', params: { id, step: key } })
}

const marks = { go: 'go', watch: 'watch', begun: 'open', open: 'open' } as const
const at = (iso: string) => shownTime(iso)

/** Positions as they stand, for the drawings. */
const details = reactive(new Map<string, PositionDetail>())
watch(
  () => shown.value?.step.position?.id,
  async (positionId) => {
    if (!positionId || details.has(positionId)) return
    try {
      details.set(positionId, await api.position(positionId))
    } catch (error) {
      // Without a network there is no drawing; the step goes on.
      if (!(error instanceof ApiFailure)) throw error
    }
  },
  { immediate: true },
)

/** Whether what runs up has settled, position by position. */
const runUp = computed(() =>
  shown.value?.step.key === 'run-up'
    ? [...runUpPoints(shown.value.readings)].flatMap(([name, points]) => {
        const check = settledCheck(points)
        return check ? [{ ...check, key: `settled-${name}`, reason: `${name}: ${check.reason}` }] : []
      })
    : [],
)
/** When the step on the screen was begun. */
const begunAt = computed(() => job.entries.value.find(({ step }) => step === shown.value?.step.key)?.at ?? null)
const minute = useNow({ interval: 10_000 })
const elapsed = computed(() =>
  begunAt.value === null
    ? null
    : Math.max(0, Math.floor((minute.value.getTime() - new Date(begunAt.value).getTime()) / 60_000)),
)

type Answer = { value: number | null; text: string | null; reason: string | null }
function read(state: StepState, reading: string, answer: Answer) {
  job.add({ kind: 'reading', step: state.step.key, reading, ...answer })
}
function heated(
  state: StepState,
  event: 'lifted' | 'home' | 'short',
  rings: { innerC: number; outerC: number; seconds: number },
) {
  const round = (value: number) => Number(value.toFixed(1))
  const { key } = state.step
  const innerC = round(rings.innerC)
  job.add({ kind: 'heat', step: key, event, innerC, outerC: round(rings.outerC), seconds: round(rings.seconds) })
  if (event === 'lifted') read(state, 'lifted', { value: innerC, text: null, reason: null })
}
function done(state: StepState) {
  job.add({ kind: 'done', step: state.step.key })
  // On to the next that is open, from here.
  const from = steps.value.findIndex(({ step }) => step.key === state.step.key)
  const next = steps.value.slice(from + 1).find((one) => !one.done) ?? steps.value.find((one) => !one.done)
  if (next) choose(next.step.key)
}

const note = ref('')
function addNote(state: StepState) {
  if (note.value.trim() === '') return
  job.add({ kind: 'note', step: state.step.key, text: note.value.trim().slice(0, 1000) })
  note.value = ''
}
const reopenReason = ref('')
function reopen(state: StepState) {
  if (reopenReason.value.trim() === '') return
  job.add({ kind: 'reopened', step: state.step.key, reason: reopenReason.value.trim().slice(0, 300) })
  reopenReason.value = ''
}
const photoTrouble = ref('')
async function takePhoto(event: Event, state: StepState) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  photoTrouble.value = ''
  if (file && file.size > 5_000_000)
    photoTrouble.value = `${file.name} is larger than 5 MB; take it at a lower resolution.`
  else if (file) await job.addPhoto(state.step.key, file)
  input.value = ''
}

const trouble = ref<ApiFailure | null>(null)
async function attemptOf(work: () => Promise<void>) {
  trouble.value = null
  try {
    await work()
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
  }
}
const waitReason = ref('')
const asking = ref<'waiting' | 'cancelled' | null>(null)
async function moveOn() {
  const state = asking.value
  if (!state || waitReason.value.trim() === '') return
  await attemptOf(() => job.move(state, waitReason.value.trim()))
  if (!trouble.value) asking.value = null
}

const network = computed(() => {
  const count = job.outbox.value.length
  if (job.away.value) return `No network${count > 0 ? `, ${count} ${count === 1 ? 'entry' : 'entries'} kept here` : ''}`
  return count > 0 ? `Sending ${count}` : 'All sent'
})

useKeys({
  ArrowDown: () => turn(1),
  ArrowUp: () => turn(-1),
})
function turn(by: 1 | -1) {
  const index = steps.value.findIndex(({ step }) => step.key === shown.value?.step.key)
  const next = steps.value[index + by]
  if (next) choose(next.step.key)
}

watchEffect(() => {
  const now = job.job.value
  page.crumbs = now
    ? [
        { label: 'Yard', to: { name: 'yard' } },
        { label: `${now.machine.tag} ${now.machine.name}`, to: { name: 'machine', params: { id: now.machine.id } } },
        { label: `Job ${now.number}` },
      ]
    : [{ label: 'Yard', to: { name: 'yard' } }]
})
const leaveNote = (event: BeforeUnloadEvent) => {
  if (job.outbox.value.length > 0) event.preventDefault()
}
window.addEventListener('beforeunload', leaveNote)
onBeforeUnmount(() => window.removeEventListener('beforeunload', leaveNote))
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="job.job.value && shown" class="job">
    <nav class="steps" aria-label="Steps">
      <p class="state">
        <strong>Job {{ job.job.value.number }}</strong>
        <span data-test="job-state">{{ jobStateWords[job.job.value.state] }}</span>
      </p>
      <p class="network" :class="{ away: job.away.value }" role="status" data-test="network">{{ network }}</p>
      <ol>
        <li v-for="one in steps" :key="one.step.key">
          <button
            type="button"
            :class="{ here: one.step.key === shown.step.key }"
            :aria-current="one.step.key === shown.step.key ? 'step' : undefined"
            :data-step="one.step.key"
            :data-state="one.state"
            @click="choose(one.step.key)"
          >
            <VerdictMark :state="marks[one.state]" />
            <span>{{ one.step.title }}</span>
          </button>
        </li>
      </ol>
      <p class="more">
        <RouterLink :to="{ name: 'job-card', params: { id } }" data-test="to-card">Job card to print</RouterLink>
        <a :href="`/api/jobs/${id}/export.csv`" download>CSV</a>
        <a :href="`/api/jobs/${id}/export.json`" download>JSON</a>
      </p>
      <p v-if="mayWrite" class="more">
        <button
          v-if="job.job.value.state !== 'waiting'"
          type="button"
          class="link"
          data-test="wait"
          @click="asking = 'waiting'"
        >
          Let it wait
        </button>
        <button v-else type="button" class="link" @click="attemptOf(() => job.move('under-way', ''))">Go on</button>
        <button type="button" class="link" data-test="cancel" @click="asking = 'cancelled'">Cancel it</button>
      </p>
    </nav>
    <main class="step" :aria-label="shown.step.title">
      <div v-for="(one, index) in job.refused.value" :key="index" class="notice" role="alert" data-test="refused">
        <p>
          <strong>{{ one.message }}.</strong> {{ one.fix }}
        </p>
        <Button label="Hide" size="small" variant="text" @click="job.refused.value.splice(index, 1)" />
      </div>
      <div v-if="asking" class="notice" role="alertdialog" aria-label="Why">
        <label class="why">
          <span class="label">{{ asking === 'waiting' ? 'What does it wait for?' : 'Why is it cancelled?' }}</span>
          <InputText v-model="waitReason" autofocus data-test="state-reason" />
        </label>
        <Button
          :label="asking === 'waiting' ? 'Let it wait' : 'Cancel the job'"
          :disabled="waitReason.trim() === ''"
          data-test="state-confirm"
          @click="moveOn"
        />
        <Button label="Leave it" variant="text" @click="asking = null" />
      </div>
      <p v-if="job.job.value.state === 'waiting' || job.job.value.state === 'cancelled'" class="quiet">
        {{ job.job.value.state === 'waiting' ? 'Waits' : 'Cancelled' }}: {{ job.job.value.reason }}
      </p>
      <header>
        <h1>{{ shown.step.title }}</h1>
        <p v-if="!shown.done && begunAt && elapsed !== null" class="quiet">
          Begun {{ at(begunAt) }}, {{ elapsed < 1 ? 'just now' : `${elapsed} min ago` }}
        </p>
        <p v-if="shown.done" class="quiet" data-test="step-done">Done {{ at(shown.done.at) }} by {{ shown.done.by }}</p>
      </header>
      <p v-if="shown.step.key === 'arrival'">
        <RouterLink :to="{ name: 'arrival', params: { id: job.job.value.machine.id } }">To the arrival list</RouterLink>
      </p>
      <HeatClock
        v-if="shown.step.heat && shown.step.position"
        :key="shown.step.key"
        :target="shown.step.heat"
        :piece="shown.step.position.id"
        :heat="shown.heat"
        :disabled="!mayWrite"
        :warned="shown.acknowledged.size >= shown.step.cautions.length"
        @heat="(event, rings) => heated(shown!, event, rings)"
      />
      <ol class="does">
        <li v-for="line in shown.step.does" :key="line">{{ format.sentence(line) }}</li>
      </ol>
      <StepDrawing
        v-if="!shown.step.heat && shown.step.lens && shown.step.position && details.get(shown.step.position.id)"
        class="drawing"
        :detail="details.get(shown.step.position.id)!"
        :lens="shown.step.lens"
      />
    </main>
    <aside class="panel" aria-label="To read and to mind">
      <section v-for="(caution, index) in shown.step.cautions" :key="caution" class="caution" :data-caution="index">
        <p><VerdictMark state="watch" /> {{ caution }}</p>
        <p v-if="shown.acknowledged.has(index)" class="quiet">
          Acknowledged {{ at(shown.acknowledged.get(index)!.at) }} by {{ shown.acknowledged.get(index)!.by }}
        </p>
        <button
          v-else
          type="button"
          class="wide"
          :disabled="!mayWrite"
          :data-test="`acknowledge-${index}`"
          @click="job.add({ kind: 'acknowledged', step: shown.step.key, caution: index })"
        >
          I have read it
        </button>
      </section>
      <ReadingEntry
        v-for="one in shown.readings"
        :key="`${shown.step.key}.${one.reading.key}`"
        :state="one"
        :disabled="!mayWrite"
        @read="read(shown, one.reading.key, $event)"
      />
      <CheckLine v-for="check in runUp" :key="check.key" :check="check" />
      <section class="extras">
        <p v-for="one in shown.notes" :key="one.id" class="kept">
          {{ one.text }} <span class="quiet">{{ one.by }}, {{ at(one.at) }}</span>
        </p>
        <div v-if="shown.photos.length" class="photos">
          <a v-for="one in shown.photos" :key="one.id" :href="`/api/jobs/${id}/photos/${one.photo}`" target="_blank">
            <img :src="`/api/jobs/${id}/photos/${one.photo}`" :alt="one.name" loading="lazy" />
          </a>
        </div>
        <template v-if="mayWrite">
          <form class="note" @submit.prevent="addNote(shown)">
            <InputText v-model="note" placeholder="Note" aria-label="Note" autocomplete="off" data-test="note" />
            <Button type="submit" label="Keep" severity="secondary" variant="outlined" data-test="keep-note" />
          </form>
          <label class="wide photo">
            Photograph
            <input
              type="file"
              accept="image/jpeg,image/png,image/webp"
              capture="environment"
              data-test="photo"
              @change="takePhoto($event, shown)"
            />
          </label>
          <p v-if="photoTrouble" class="error" role="alert">{{ photoTrouble }}</p>
        </template>
      </section>
      <section v-if="mayWrite" class="end">
        <template v-if="shown.done">
          <form class="note" @submit.prevent="reopen(shown)">
            <InputText
              v-model="reopenReason"
              placeholder="Why it is opened again"
              aria-label="Why it is opened again"
            />
            <Button type="submit" label="Open again" severity="secondary" variant="outlined" data-test="reopen" />
          </form>
        </template>
        <template v-else>
          <p v-if="shown.blockers.length" class="quiet" data-test="blockers">
            Still to do: {{ shown.blockers.join('; ') }}.
          </p>
          <button
            type="button"
            class="wide primary"
            :disabled="shown.blockers.length > 0"
            data-test="step-done-button"
            @click="done(shown)"
          >
            Step done
          </button>
        </template>
        <button
          v-if="job.progress.value?.complete"
          type="button"
          class="wide primary"
          :disabled="job.outbox.value.length > 0"
          data-test="close-job"
          @click="attemptOf(job.close)"
        >
          Close the job
        </button>
        <p v-if="trouble" class="error" role="alert" data-test="job-trouble">
          <strong>{{ trouble.message }}.</strong> {{ trouble.fix }}
        </p>
      </section>
      <p v-else-if="job.ended.value" class="quiet" data-test="ended">
        This job is {{ jobStateWords[job.job.value.state] }}; nothing more is entered.
      </p>
    </aside>
  </div>
</template>

<style src="../shell/notices.css"></style>
<style scoped>
.job {
  display: grid;
  grid-template-columns: 232px minmax(0, 1fr) 360px;
  height: 100%;
}

.steps {
  display: grid;
  align-content: start;
  gap: 6px;
  padding: 14px 0;
  background: var(--sheet);
  border-right: 1px solid var(--hair);
  overflow-y: auto;
}

.state,
.network,
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  padding: 0 16px;
}

.network.away {
  color: var(--stop);
  font-weight: 650;
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

.steps li button {
  display: grid;
  grid-template-columns: 20px 1fr;
  align-items: center;
  gap: 10px;
  width: 100%;
  min-height: 44px;
  padding: 4px 14px;
  border: 0;
  border-left: 5px solid transparent;
  background: none;
  text-align: left;
  cursor: pointer;
}

.steps .here {
  border-left-color: var(--spruce);
  background: var(--paper);
  font-weight: 700;
}

.step {
  display: grid;
  grid-template-rows: auto auto auto auto auto;
  align-content: start;
  gap: 12px;
  min-height: 0;
  padding: 16px 22px;
  overflow-y: auto;
}

h1 {
  font-size: 28px;
}

.does {
  display: grid;
  gap: 6px;
  padding-left: 22px;
  font-size: 17px;
  list-style: decimal;
}

.drawing {
  height: 380px;
}

.panel {
  display: grid;
  align-content: start;
  gap: 10px;
  padding: 14px 18px;
  border-left: 1px solid var(--hair);
  overflow-y: auto;
}

.caution {
  display: grid;
  gap: 8px;
  padding: 10px 12px;
  border: 1px solid var(--watch);
  border-radius: 6px;
}

.wide {
  display: grid;
  place-items: center;
  width: 100%;
  min-height: 56px;
  border: 1px solid var(--ink-2);
  border-radius: 6px;
  background: var(--sheet);
  font-size: 19px;
  font-weight: 650;
  cursor: pointer;
}

.wide.primary {
  min-height: 64px;
  border-color: var(--spruce);
  background: var(--spruce);
  color: var(--on-spruce);
  font-size: 22px;
}

.wide:disabled {
  opacity: 0.5;
  cursor: default;
}

.photo {
  position: relative;
}

.photo input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}

.photo:focus-within {
  outline: 2px solid var(--spruce);
}

.extras,
.end {
  display: grid;
  gap: 8px;
  padding-top: 10px;
  border-top: 1px solid var(--hair);
}

.note {
  display: flex;
  gap: 8px;
}

.note :deep(input) {
  flex: 1;
  min-width: 0;
  min-height: 48px;
  font-size: 17px;
}

.why {
  flex: 1;
}

.why :deep(input) {
  width: 100%;
}

.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.photos img {
  width: 96px;
  height: 72px;
  border: 1px solid var(--hair);
  object-fit: cover;
}

.link {
  padding: 0;
  border: 0;
  background: none;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}

a {
  color: inherit;
}

.error {
  color: var(--stop);
}

@media (max-width: 1000px) {
  .job {
    grid-template-columns: minmax(0, 1fr);
    height: auto;
  }

  .steps {
    grid-template-columns: minmax(0, 1fr);
  }

  .steps ol {
    /* What only a reader hears stands beside its button and scrolls with it. */
    position: relative;
    display: flex;
    overflow-x: auto;
  }

  .steps li button {
    width: max-content;
    min-height: 56px;
  }

  .panel {
    border-left: 0;
    border-top: 1px solid var(--hair);
  }
}
</style>
