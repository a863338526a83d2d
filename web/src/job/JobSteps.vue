<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import VerdictMark from '../figures/VerdictMark.vue'
import { useSession } from '../shell/session.ts'
import { shownDay } from '../shell/shown-time.ts'
import type { Job } from './use-job.ts'
import { jobStateWords, type JobMove } from './words.ts'

/** The steps of a job with how each stands, whether all is sent, and what can be done with the job as a whole. */
const { job, here } = defineProps<{ job: Job; here: string }>()
const emit = defineEmits<{ choose: [key: string]; ask: [what: JobMove] }>()
const session = useSession()
const router = useRouter()

/** The step on the screen stays in sight in the list, which runs across on a tablet held upright. */
const list = useTemplateRef('list')
watch(
  [() => here, list],
  async () => {
    await nextTick()
    const button = list.value?.querySelector('[aria-current]')
    button?.scrollIntoView({ block: 'nearest', inline: 'center' })
  },
  { immediate: true },
)

const marks = { go: 'go', watch: 'watch', begun: 'open', open: 'open', skipped: 'idle' } as const
const network = computed(() => {
  const count = job.outbox.value.length
  const kept = count > 0 ? `, ${count} ${count === 1 ? 'entry' : 'entries'} kept here` : ''
  if (!session.account) return `Signed out${kept}`
  if (job.away.value) return `No network${kept}`
  return count > 0 ? `Sending ${count}` : 'All sent'
})
</script>

<template>
  <nav v-if="job.job.value" class="steps" aria-label="Steps">
    <p class="state">
      <strong>Job {{ job.job.value.number }}</strong>
      <span data-test="job-state">{{ jobStateWords[job.job.value.state] }}</span>
      <span v-if="job.job.value.plannedFor && !job.ended.value" class="quiet" data-test="planned-for">
        for {{ shownDay(job.job.value.plannedFor) }}
      </span>
    </p>
    <p class="network" :class="{ away: job.away.value || !session.account }" role="status" data-test="network">
      {{ network }}
    </p>
    <ol ref="list">
      <li v-for="one in job.progress.value?.steps" :key="one.step.key">
        <button
          type="button"
          :class="{ here: one.step.key === here }"
          :aria-current="one.step.key === here ? 'step' : undefined"
          :data-step="one.step.key"
          :data-state="one.state"
          @click="emit('choose', one.step.key)"
        >
          <VerdictMark :state="marks[one.state]" />
          <span>{{ one.step.title }}<template v-if="one.state === 'skipped'">, skipped</template></span>
        </button>
      </li>
    </ol>
    <p class="more">
      <RouterLink :to="{ name: 'job-card', params: { id: job.id } }" data-test="to-card">Job card to print</RouterLink>
      <a :href="`/api/jobs/${job.id}/export.csv`" download>CSV</a>
      <a :href="`/api/jobs/${job.id}/export.json`" download>JSON</a>
    </p>
    <p v-if="!session.account" class="more">
      <button
        type="button"
        class="link"
        data-test="sign-in-again"
        @click="router.push({ name: 'sign-in', query: { to: router.currentRoute.value.fullPath } })"
      >
        Sign in again
      </button>
    </p>
    <p v-else-if="job.mayWrite.value" class="more">
      <button type="button" class="link" data-test="plan" @click="emit('ask', 'plan')">Plan it</button>
      <button
        v-if="job.job.value.state !== 'waiting'"
        type="button"
        class="link"
        data-test="wait"
        @click="emit('ask', 'waiting')"
      >
        Let it wait
      </button>
      <button v-else type="button" class="link" data-test="go-on" @click="emit('ask', 'under-way')">Go on</button>
      <button type="button" class="link" data-test="cancel" @click="emit('ask', 'cancelled')">Cancel it</button>
    </p>
  </nav>
</template>

<style scoped>
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
  gap: 0 12px;
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

li button {
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

.here {
  border-left-color: var(--spruce);
  background: var(--paper);
  font-weight: 700;
}

.more > * {
  display: inline-flex;
  align-items: center;
  min-width: 44px;
  min-height: 44px;
}

@media (max-width: 1000px) {
  .steps {
    grid-template-columns: minmax(0, 1fr);
  }

  ol {
    display: flex;
    overflow-x: auto;
  }

  li button {
    width: max-content;
    min-height: 56px;
  }
}
</style>
