<script setup lang="ts">
import type { JudgingState } from '@yardfrost/contract'
import { computed } from 'vue'

/** How far the judging of the whole site is, and what it has changed. */
const { judging, moves } = defineProps<{
  judging: JudgingState
  moves: readonly { from: string; to: string; count: number }[]
}>()
const positions = (count: number) => `${count} ${count === 1 ? 'position' : 'positions'}`
const words = computed(() =>
  moves.map(({ from, to, count }) => `${positions(count)} went from ${from} to ${to}`).join(', '),
)
const shown = 12
</script>

<template>
  <section class="judging" role="status" data-test="judging">
    <template v-if="judging.endedAt === null">
      <p>Judging every position by it: {{ judging.done }} of {{ judging.total || '…' }}.</p>
      <progress :value="judging.done" :max="judging.total || 1" />
    </template>
    <template v-else>
      <p>
        {{ positions(judging.total) }} judged.
        <strong>{{ words === '' ? 'No position has another state now' : words }}.</strong>
      </p>
      <p v-if="judging.changes.length" class="which">
        <template v-for="one in judging.changes.slice(0, shown)" :key="one.id">
          <RouterLink class="link" :to="{ name: 'position', params: { id: one.id } }"
            >{{ one.tag }}, {{ one.position.toLowerCase() }}</RouterLink
          >
        </template>
        <span v-if="judging.changes.length > shown">and {{ judging.changes.length - shown }} more</span>
      </p>
    </template>
  </section>
</template>

<style scoped>
.judging {
  display: grid;
  gap: 6px;
  padding: 12px 16px;
  border: 1px solid var(--hair);
  background: var(--sheet);
}

progress {
  width: min(420px, 100%);
}

.which {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
</style>
