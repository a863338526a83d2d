<script setup lang="ts">
import type { LogStatistics } from '@yardfrost/contract'
import { shallowRef } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { hoursWords } from './life-words.ts'

/** What bearings of this position really reached, beside what they are rated for; nothing where none has failed. */
const { positionId } = defineProps<{ positionId: string }>()
const says = shallowRef<LogStatistics | null>(null)
api.logStatistics({ position: positionId }).then(
  (found) => {
    says.value = found
  },
  (error: unknown) => {
    // The bench goes on without the past.
    if (!(error instanceof ApiFailure)) throw error
  },
)
</script>

<template>
  <p v-if="says?.life && says.failed > 0" class="reached" data-test="reached">
    Reached here: {{ says.failed }} of {{ says.fitted }} failed, half of them by
    <strong>{{ hoursWords(says.life.b50H) }}</strong>.
    <RouterLink :to="{ name: 'log', query: { position: positionId } }">Their stories</RouterLink>
  </p>
</template>
