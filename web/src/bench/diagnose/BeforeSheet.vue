<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Part } from '@yardfrost/core'
import PartSigns from '../../damage/PartSigns.vue'
import { partWords } from '../../damage/damage-words.ts'
import { useBench } from '../use-bench.ts'
import { useSigns } from './use-signs.ts'

/** What is noticed of a bearing that still runs, and what was done to it, as drawings. */
const bench = useBench()
const { seen, notSeen, answer } = useSigns()
const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const parts: Part[] = ['running', 'lubricant', 'history', 'instruments']
const open = ref<Part>('running')
</script>

<template>
  <div class="before">
    <div class="tabs" role="tablist" aria-label="What is known of it">
      <button
        v-for="part in parts"
        :key="part"
        type="button"
        role="tab"
        :aria-selected="part === open"
        :data-part="part"
        @click="open = part"
      >
        {{ partWords(part, outcome.examined?.rolls ?? 'ball', outcome.examined?.oil ?? false) }}
      </button>
    </div>
    <PartSigns :part="open" :examined="outcome.examined" :seen="seen" :not-seen="notSeen" stays @answer="answer" />
  </div>
</template>

<style scoped src="../../form/tabs.css"></style>
<style scoped>
.before {
  display: grid;
  gap: 12px;
  padding: 10px 22px;
}
</style>
