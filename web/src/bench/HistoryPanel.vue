<script setup lang="ts">
import type { PositionRevision } from '@yardfrost/contract'
import { onMounted, ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import DifferenceTable from '../figures/DifferenceTable.vue'
import { inputDifferences } from '../figures/input-differences.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import { shownWithYear } from '../shell/shown-time.ts'
import type { AnyBench } from './any-bench.ts'

/** Every save of the position: when, who, and how it stood. An old one can be brought back as a draft. */
const { bench } = defineProps<{ bench: AnyBench }>()
const emit = defineEmits<{ close: [] }>()
const revisions = ref<PositionRevision[]>([])
const trouble = ref('')

onMounted(async () => {
  try {
    revisions.value = await api.history(bench.id)
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = `${error.message}. ${error.fix}`
  }
})

/** Version whose inputs are held against those on the bench. */
const compared = ref<number | null>(null)

function bringBack({ inputs, savedAt }: PositionRevision) {
  if (inputs.kind !== bench.inputs.value.kind) return
  bench.change(`The save of ${shownWithYear(savedAt)} is back as a draft.`, inputs)
  emit('close')
}
</script>

<template>
  <section aria-label="Saves" data-test="history-panel">
    <header>
      <h2>Revision history</h2>
      <button type="button" class="close" @click="emit('close')">Close</button>
    </header>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <ol>
      <li v-for="one in revisions" :key="one.version" :data-version="one.version">
        <VerdictMark :state="one.state" />
        <div>
          <p>
            <strong>{{ one.designation ?? 'no bearing' }}</strong>
          </p>
          <p class="quiet">{{ shownWithYear(one.savedAt) }}, {{ one.savedBy ?? 'nobody known' }}</p>
        </div>
        <span class="do">
          <button
            type="button"
            class="close"
            :aria-expanded="compared === one.version"
            data-test="compare"
            @click="compared = compared === one.version ? null : one.version"
          >
            {{ compared === one.version ? 'hide' : 'compare' }}
          </button>
          <button
            v-if="one.version !== bench.detail.value?.version"
            type="button"
            class="close"
            data-test="bring-back"
            @click="bringBack(one)"
          >
            bring back
          </button>
          <span v-else class="quiet">now</span>
        </span>
        <DifferenceTable
          v-if="compared === one.version"
          class="compared"
          :differences="inputDifferences(one.inputs, bench.inputs.value)"
          from="then"
          to="on the bench"
          data-test="difference"
        />
      </li>
    </ol>
  </section>
</template>

<style scoped>
header {
  display: flex;
  justify-content: space-between;
}

.close {
  padding: 4px 9px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  cursor: pointer;
}

ol {
  margin: 12px 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 24px 1fr auto;
  align-items: center;
  gap: 10px;
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}

.do {
  display: flex;
  align-items: center;
  gap: 8px;
}

.compared {
  grid-column: 2 / -1;
}
</style>
