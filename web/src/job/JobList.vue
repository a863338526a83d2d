<script setup lang="ts">
import type { JobSummary } from '@yardfrost/contract'
import { hasEnded } from '@yardfrost/core'
import { shownDay } from '../shell/shown-time.ts'
import { jobStateWords } from './words.ts'

/** Jobs on lines: which machine, how far, who has it. */
defineProps<{ jobs: readonly JobSummary[] }>()

/** Its number and state, the day it is for while it is open, the step it stands at, who has it. */
function toldOf(job: JobSummary): string {
  const day = job.plannedFor && !hasEnded(job.state) ? ` for ${shownDay(job.plannedFor)}` : ''
  const stage = job.stage && !hasEnded(job.state) ? `: ${job.stage}` : ''
  return `Job ${job.number}, ${jobStateWords[job.state]}${day}${stage}${job.who ? `, ${job.who}` : ''}`
}
</script>

<template>
  <ol class="jobs">
    <li v-for="job in jobs" :key="job.id">
      <RouterLink :to="{ name: 'job', params: { id: job.id } }" :data-job="job.number">
        <span>
          <strong>{{ job.machine.tag }}</strong> {{ job.title.toLowerCase() }}
          <span class="quiet">
            {{ toldOf(job) }}
          </span>
        </span>
        <span class="count" :aria-label="`${job.doneSteps} of ${job.steps} steps done`">
          {{ job.doneSteps }}<span class="quiet">/{{ job.steps }}</span>
        </span>
      </RouterLink>
    </li>
  </ol>
</template>

<style scoped>
.jobs {
  margin: 0;
  padding: 0;
  list-style: none;
}

a {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  padding: 8px 0;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

a:hover strong {
  text-decoration: underline;
}

.quiet {
  display: block;
}

.count {
  font-size: 22px;
}

.count .quiet {
  display: inline;
  font-size: 15px;
}
</style>
