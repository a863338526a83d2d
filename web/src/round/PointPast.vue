<script setup lang="ts">
import type { PointHistory } from '@yardfrost/contract'
import type { RoundReading } from '@yardfrost/core'
import { ref } from 'vue'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { shownTime } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import { besides, cameWords, skipWords } from './words.ts'

/** What was done at a point, and how its interval came to be what it is. */
const { pointId } = defineProps<{ pointId: string }>()
const format = useFormat()
const past = ref<PointHistory | null>(null)
const { failure, load } = useLoading(async () => {
  past.value = await api.pointHistory(pointId)
})

const readWords: Record<RoundReading, string> = {
  before: 'housing before',
  after: 'housing after',
  vibration: 'vibration',
  sound: 'ultrasound',
  soundAfter: 'ultrasound after',
  level: 'oil over its mark',
  hours: 'hour meter',
}
type Entry = PointHistory['visits'][number]['entry']
function visitWords(entry: Entry): string {
  switch (entry.kind) {
    case 'done':
      return `done${entry.strokes === null ? '' : `, ${entry.strokes} strokes`}${entry.came ? `; ${cameWords[entry.came]} came out` : ''}${besides(entry)}`
    case 'skipped':
      return `not done: ${skipWords[entry.reason].toLowerCase()}${besides(entry)}`
    case 'photo':
      return 'photograph'
    case 'undone':
      return 'taken back'
    case 'read':
      return `${readWords[entry.what]} ${entry.value}`
    default:
      return entry satisfies never
  }
}
const inHours = (value: number | null) =>
  value === null ? 'as worked out' : format.inline({ kind: 'number', number: value }, 'duration', { figures: 2 })
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="past" class="past" data-test="past">
    <p v-if="past.visits.length + past.changes.length === 0" class="quiet">Nothing yet.</p>
    <ul>
      <template v-for="change in past.changes" :key="change.at">
        <li v-if="change.from.intervalH !== change.to.intervalH">
          <strong>{{ inHours(change.from.intervalH) }} → {{ inHours(change.to.intervalH) }}</strong>
          {{ change.to.reason }} <span class="quiet">{{ change.by }}, {{ shownTime(change.at) }}</span>
        </li>
      </template>
      <li v-for="{ entry, by, round } in past.visits" :key="entry.id">
        {{ visitWords(entry) }} <span class="quiet">{{ by }}, {{ shownTime(entry.at) }}, round {{ round }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
