<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { ApiFailure } from '../api/client.ts'
import type { Job } from './use-job.ts'
import type { JobMove } from './words.ts'

/** What has to be said before a job waits, goes on, is cancelled, or is planned for a day. */
const { job, what } = defineProps<{ job: Job; what: JobMove }>()
const emit = defineEmits<{ close: [] }>()

const questions = {
  waiting: { asks: 'What does it wait for?', does: 'Let it wait' },
  'under-way': { asks: 'Is what it waited for here?', does: 'Go on' },
  cancelled: { asks: 'Why is it cancelled?', does: 'Cancel the job' },
  plan: { asks: 'For which day is it planned?', does: 'Plan it' },
} satisfies Record<JobMove, object>
const answer = ref(what === 'plan' ? (job.job.value?.plannedFor ?? '') : '')
const needsReason = what === 'waiting' || what === 'cancelled'
const trouble = ref<ApiFailure | null>(null)

async function take() {
  trouble.value = null
  try {
    if (what === 'plan') await job.plan(answer.value || null)
    else if (what === 'under-way') await job.move({ state: what })
    else await job.move({ state: what, reason: answer.value.trim() })
    emit('close')
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
  }
}
</script>

<template>
  <form class="notice" role="alertdialog" :aria-label="questions[what].asks" @submit.prevent="take">
    <label class="answer">
      <span class="label">{{ questions[what].asks }}</span>
      <!-- The day field of the browser itself: a tablet shows its own calendar for it. -->
      <InputText v-if="what === 'plan'" v-model="answer" type="date" autofocus data-test="planned-day" />
      <InputText v-else-if="needsReason" v-model="answer" maxlength="300" autofocus data-test="state-reason" />
    </label>
    <Button
      type="submit"
      :label="questions[what].does"
      :disabled="needsReason && answer.trim() === ''"
      data-test="state-confirm"
    />
    <Button label="Leave it" variant="text" @click="emit('close')" />
    <p v-if="trouble" class="error" role="alert" data-test="question-trouble">
      <strong>{{ trouble.message }}.</strong> {{ trouble.fix }}
    </p>
  </form>
</template>

<style src="../shell/notices.css"></style>
<style scoped>
.answer {
  flex: 1;
}

.answer :deep(input) {
  width: 100%;
}
</style>
