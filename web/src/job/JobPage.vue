<script setup lang="ts">
import { useEventListener, useNow } from '@vueuse/core'
import type { PositionDetail } from '@yardfrost/contract'
import { holdsRolling } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, reactive, ref, watch, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiFailure } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSettings } from '../shell/settings.ts'
import { shownTime } from '../shell/shown-time.ts'
import { usePageKeys } from '../shell/use-page-keys.ts'
import { useLoading } from '../shell/use-loading.ts'
import { entryWords } from './entry-words.ts'
import HeatClock from '../heat/HeatClock.vue'
import JobQuestion from './JobQuestion.vue'
import JobSteps from './JobSteps.vue'
import StepDrawing from './StepDrawing.vue'
import StepHandling from './StepHandling.vue'
import StepPanel from './StepPanel.vue'
import { useJob } from './use-job.ts'
import type { JobMove } from './words.ts'

/** One bearing change, one step a screen: what to do, what to read, what to mind, and whether it may go on. */
const { id, step: asked = '' } = defineProps<{ id: string; step?: string }>()
const job = useJob(id)
const page = usePageState()
const settings = useSettings()
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

function choose(key: string) {
  void router.replace({ name: 'job', params: { id, step: key } })
}
function turn(by: 1 | -1) {
  const index = steps.value.findIndex(({ step }) => step.key === shown.value?.step.key)
  const next = steps.value[index + by]
  if (next) choose(next.step.key)
}
/** Puts the cursor into the first reading that is not answered, else into the first. */
function toReading() {
  const open = shown.value?.readings.find(({ entry }) => entry === null) ?? shown.value?.readings[0]
  if (!open) return
  const at = document.querySelector<HTMLElement>(`[data-reading="${open.reading.key}"]`)
  at?.querySelector<HTMLElement>('input:not(:disabled), button:not(:disabled)')?.focus()
}
const press = (css: string) => document.querySelector<HTMLElement>(css)?.click()
usePageKeys([
  { key: 'ArrowDown', shown: '↓ ↑', what: 'next step, step before', run: () => turn(1) },
  { key: 'ArrowUp', shown: '', what: '', run: () => turn(-1) },
  { key: 'j', shown: 'j k', what: 'the same', run: () => turn(1) },
  { key: 'k', shown: '', what: '', run: () => turn(-1) },
  { key: 'c', what: 'caution read', run: () => press('[data-test^="acknowledge-"]:enabled') },
  { key: 'r', what: 'to the next reading', run: toReading },
  { key: 'p', what: 'photograph', run: () => press('[data-test="photo"]') },
  { key: 'd', what: 'step done', run: () => press('[data-test="step-done-button"]:enabled') },
])

/** Marks the step on the screen done, and goes on to the next that is open, from here. */
function done() {
  const key = shown.value?.step.key
  if (key === undefined) return
  job.add({ kind: 'done', step: key })
  const from = steps.value.findIndex(({ step }) => step.key === key)
  const next = steps.value.slice(from + 1).find((one) => !one.done) ?? steps.value.find((one) => !one.done)
  if (next) choose(next.step.key)
}

function heated(
  step: string,
  event: 'lifted' | 'home' | 'short',
  rings: { innerC: number; outerC: number; seconds: number },
) {
  const round = (value: number) => Number(value.toFixed(1))
  const innerC = round(rings.innerC)
  job.add({ kind: 'heat', step, event, innerC, outerC: round(rings.outerC), seconds: round(rings.seconds) })
  const lifted = shown.value?.readings.find(({ reading }) => reading.gives?.what === 'lifted')?.reading.key
  if (event === 'lifted' && lifted !== undefined)
    job.add({ kind: 'reading', step, reading: lifted, value: innerC, text: null, reason: null })
}

/** Positions as they stand, for the drawings. */
const details = reactive(new Map<string, PositionDetail>())
const detail = computed(() => details.get(shown.value?.step.position?.id ?? '') ?? null)
/** The same, where its bearing rolls. */
const rolling = computed(() => (detail.value && holdsRolling(detail.value) ? detail.value : null))
watch(
  () => shown.value?.step.position?.id,
  async (positionId) => {
    if (!positionId || details.has(positionId)) return
    try {
      details.set(positionId, await api.position(positionId))
    } catch (error) {
      // Without a network and a kept answer there is no drawing; the step goes on.
      if (!(error instanceof ApiFailure)) throw error
    }
  },
  { immediate: true },
)

/** When the step on the screen was begun. */
const begunAt = computed(() => job.entries.value.find(({ step }) => step === shown.value?.step.key)?.at ?? null)
const minute = useNow({ interval: 10_000 })
const elapsed = computed(() =>
  begunAt.value === null
    ? null
    : Math.max(0, Math.floor((minute.value.getTime() - new Date(begunAt.value).getTime()) / 60_000)),
)

/** What has to be said before the job as a whole is moved. */
const asking = ref<JobMove | null>(null)

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
useEventListener(window, 'beforeunload', (event) => {
  if (job.outbox.value.length > 0) event.preventDefault()
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="job.job.value && shown" class="job">
    <JobSteps :job="job" :here="shown.step.key" @choose="choose" @ask="asking = $event" />
    <section class="step" :aria-label="shown.step.title">
      <div v-for="one in job.refused.value" :key="one.entry.id" class="notice" role="alert" data-test="refused">
        <p>
          <strong>Not taken: {{ entryWords(one.entry, job.job.value.steps, settings.units) }}.</strong>
          {{ one.message }}. {{ one.fix }}
        </p>
        <Button label="Hide" size="small" variant="text" @click="job.hideRefused(one)" />
      </div>
      <JobQuestion v-if="asking" :key="asking" :job="job" :what="asking" @close="asking = null" />
      <p v-if="job.job.value.state === 'waiting' || job.job.value.state === 'cancelled'" class="quiet">
        {{ job.job.value.state === 'waiting' ? 'Waits' : 'Cancelled' }}: {{ job.job.value.reason }}
      </p>
      <header>
        <h1>{{ shown.step.title }}</h1>
        <p v-if="!shown.done && begunAt && elapsed !== null" class="quiet">
          Begun {{ shownTime(begunAt) }}, {{ elapsed < 1 ? 'just now' : `${elapsed} min ago` }}
        </p>
        <p v-if="shown.done" class="quiet" data-test="step-done">
          Done {{ shownTime(shown.done.at) }} by {{ shown.done.by }}
        </p>
      </header>
      <p v-if="shown.step.stage === 'arrival'">
        <RouterLink :to="{ name: 'arrival', params: { id: job.job.value.machine.id } }"
          >To the as-found inspection</RouterLink
        >
      </p>
      <HeatClock
        v-if="shown.step.heat && shown.step.position"
        :key="shown.step.key"
        :target="shown.step.heat"
        :piece="shown.step.position.id"
        :order="{ jobId: id, step: shown.step.key }"
        :heat="shown.heat"
        :disabled="!job.mayWrite.value"
        :warned="shown.waits.length === 0 && shown.acknowledged.size >= shown.step.cautions.length"
        @heat="(event, rings) => heated(shown!.step.key, event, rings)"
      />
      <ol class="does">
        <li v-for="line in shown.step.does" :key="line">{{ format.sentence(line) }}</li>
      </ol>
      <StepHandling v-if="rolling" :detail="rolling" :stage="shown.step.stage" />
      <StepDrawing
        v-if="!shown.step.heat && shown.step.lens && detail"
        class="drawing"
        :detail="detail"
        :lens="shown.step.lens"
      />
    </section>
    <StepPanel :detail="rolling" :job="job" :shown="shown" @done="done" />
  </div>
</template>

<style src="../shell/notices.css"></style>
<style scoped>
.job {
  display: grid;
  grid-template-columns: 232px minmax(0, 1fr) 360px;
  height: 100%;
}

.step {
  display: grid;
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
  margin: 0;
  padding-left: 22px;
  font-size: 17px;
}

.drawing {
  height: 380px;
}

@media (max-width: 1000px) {
  .job {
    grid-template-columns: minmax(0, 1fr);
    height: auto;
  }
}
</style>
