<script setup lang="ts">
import type { RollingDetail } from '@yardfrost/contract'
import { leastSkipReason, runUpPoints, settledCheck, type StepState } from '@yardfrost/core'
import { StorageSerializers, useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { ApiFailure } from '../api/client.ts'
import CheckLine from '../figures/CheckLine.vue'
import PhotoButton from '../field/PhotoButton.vue'
import PhotoStrip from '../field/PhotoStrip.vue'
import VerdictMark from '../figures/VerdictMark.vue'
import FromShelf from '../shelf/FromShelf.vue'
import { shownTime } from '../shell/shown-time.ts'
import MarksEntry from './MarksEntry.vue'
import ReadingEntry from './ReadingEntry.vue'
import type { Job } from './use-job.ts'
import { jobStateWords } from './words.ts'

/** Beside the step: cautions to acknowledge, readings to enter, notes and photographs, and the way on. */
const { job, shown, detail } = defineProps<{ job: Job; shown: StepState; detail: RollingDetail | null }>()
const emit = defineEmits<{ done: [] }>()

type Answer = { value: number | null; text: string | null; reason: string | null }
function read(reading: string, answer: Answer) {
  job.add({ kind: 'reading', step: shown.step.key, reading, ...answer })
}

/** What is read beside a reading, in this step. */
const beside = computed(() => shown.readings.map(({ reading, entry }) => ({ reading, value: entry?.value ?? null })))

/** Positions of this job by their ids. */
const names = computed(
  () =>
    new Map((job.job.value?.steps ?? []).flatMap(({ position }) => (position ? [[position.id, position.name]] : []))),
)
/** Whether what runs up has settled, position by position. */
const runUp = computed(() =>
  [...runUpPoints(shown.readings)].flatMap(([position, points]) => {
    const check = settledCheck(points)
    const name = names.value.get(position) ?? position
    return check ? [{ ...check, key: `settled-${position}`, reason: `${name}: ${check.reason}` }] : []
  }),
)

/** What is typed of a note stays on this device until it is kept. */
const note = useLocalStorage<string | null>(`yardfrost.note.${job.id}`, null, {
  serializer: StorageSerializers.string,
})
function addNote() {
  const text = note.value?.trim() ?? ''
  if (text === '') return
  job.add({ kind: 'note', step: shown.step.key, text })
  note.value = null
}
/** A step is left out only with a reason, which stays on the card. */
const skipReason = ref('')
function skip() {
  const reason = skipReason.value.trim()
  if (reason.length < leastSkipReason) return
  job.add({ kind: 'skipped', step: shown.step.key, reason })
  skipReason.value = ''
}
const reopenReason = ref('')
function reopen() {
  if (reopenReason.value.trim() === '') return
  job.add({ kind: 'reopened', step: shown.step.key, reason: reopenReason.value.trim() })
  reopenReason.value = ''
}

const trouble = ref<ApiFailure | null>(null)
async function close() {
  trouble.value = null
  try {
    await job.close()
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
  }
}
</script>

<template>
  <aside class="panel" aria-label="To read and to mind">
    <section v-for="(caution, index) in shown.step.cautions" :key="caution" class="caution" :data-caution="index">
      <p><VerdictMark state="watch" /> {{ caution }}</p>
      <p v-if="shown.acknowledged.has(index)" class="quiet">
        Acknowledged {{ shownTime(shown.acknowledged.get(index)!.at) }} by {{ shown.acknowledged.get(index)!.by }}
      </p>
      <button
        v-else
        type="button"
        class="wide"
        :disabled="!job.mayWrite.value"
        :data-test="`acknowledge-${index}`"
        @click="job.add({ kind: 'acknowledged', step: shown.step.key, caution: index })"
      >
        I have read it
      </button>
    </section>
    <template v-for="one in shown.readings" :key="`${shown.step.key}.${one.reading.key}`">
      <MarksEntry
        v-if="one.reading.kind === 'marks'"
        :state="one"
        :detail="detail"
        :disabled="!job.mayWrite.value"
        @read="read(one.reading.key, $event)"
      />
      <ReadingEntry
        v-else
        :state="one"
        :disabled="!job.mayWrite.value"
        :beside="beside"
        @read="read(one.reading.key, $event)"
      />
      <FromShelf
        v-if="one.reading.kind === 'designation' && one.reading.expected && !job.ended.value"
        :called-for="one.reading.expected"
        :job-id="job.id"
        :may-take="job.mayWrite.value"
      />
    </template>
    <CheckLine v-for="check in runUp" :key="check.key" :check="check" />
    <section class="extras">
      <p v-for="one in shown.notes" :key="one.id" class="kept">
        {{ one.text }} <span class="quiet">{{ one.by }}, {{ shownTime(one.at) }}</span>
      </p>
      <PhotoStrip :photos="shown.photos" :folder="`/api/jobs/${job.id}/photos`" />
      <template v-if="job.mayWrite.value">
        <form class="note" @submit.prevent="addNote">
          <InputText
            v-model="note"
            placeholder="Note"
            aria-label="Note"
            maxlength="1000"
            autocomplete="off"
            data-test="note"
          />
          <Button type="submit" label="Keep" severity="secondary" variant="outlined" data-test="keep-note" />
        </form>
        <PhotoButton :take="(file) => job.addPhoto(shown.step.key, file)" />
      </template>
    </section>
    <section v-if="job.mayWrite.value" class="end">
      <p v-if="shown.skipped" class="quiet" data-test="skipped">
        Skipped by {{ shown.skipped.by }}, {{ shownTime(shown.skipped.at) }}: {{ shown.skipped.reason }}
      </p>
      <form v-if="shown.done || shown.skipped" class="note" @submit.prevent="reopen">
        <InputText
          v-model="reopenReason"
          placeholder="Why it is opened again"
          aria-label="Why it is opened again"
          maxlength="300"
          data-test="reopen-reason"
        />
        <Button type="submit" label="Open again" severity="secondary" variant="outlined" data-test="reopen" />
      </form>
      <template v-else>
        <p v-if="shown.blockers.length" class="quiet" data-test="blockers">
          Still to do: {{ shown.blockers.join('; ') }}.
        </p>
        <button
          type="button"
          class="wide primary"
          :disabled="shown.blockers.length > 0"
          data-test="step-done-button"
          @click="emit('done')"
        >
          Step done
        </button>
        <form class="note" @submit.prevent="skip">
          <InputText
            v-model="skipReason"
            placeholder="Why it is not needed"
            aria-label="Why it is not needed"
            maxlength="300"
            autocomplete="off"
            data-test="skip-reason"
          />
          <Button
            type="submit"
            label="Skip it"
            severity="secondary"
            variant="outlined"
            :disabled="skipReason.trim().length < leastSkipReason"
            data-test="skip"
          />
        </form>
      </template>
      <button
        v-if="job.progress.value?.complete"
        type="button"
        class="wide primary"
        :disabled="job.outbox.value.length > 0"
        data-test="close-job"
        @click="close"
      >
        Close the job
      </button>
      <p v-if="trouble" class="error" role="alert" data-test="job-trouble">
        <strong>{{ trouble.message }}.</strong> {{ trouble.fix }}
      </p>
    </section>
    <p v-else-if="job.ended.value && job.job.value" class="quiet" data-test="ended">
      This job is {{ jobStateWords[job.job.value.state] }}; nothing more is entered.
    </p>
  </aside>
</template>

<style src="../field/wide.css" scoped></style>
<style scoped>
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

@media (max-width: 1000px) {
  .panel {
    border-left: 0;
    border-top: 1px solid var(--hair);
  }
}
</style>
