<script setup lang="ts">
import type { PositionTrend } from '@yardfrost/contract'
import { ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import TrendLine from './TrendLine.vue'

/** What was read at a position until now; without a network what this device has kept of it. */
const { positionId } = defineProps<{ positionId: string }>()
const rows = ref<PositionTrend[]>([])
api.trends(positionId).then(
  (found) => {
    rows.value = found
  },
  (error: unknown) => {
    // The round goes on without the past.
    if (!(error instanceof ApiFailure)) throw error
  },
)
</script>

<template>
  <section v-if="rows.length" aria-label="Read until now" class="trends">
    <TrendLine v-for="row in rows" :key="row.quantity" :row="row" />
  </section>
</template>

<style scoped>
.trends {
  display: grid;
  gap: 16px;
}
</style>
