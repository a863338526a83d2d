<script setup lang="ts">
import type { Assessment, Lens } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import { lensNames } from './lens-names.ts'

/** The worst finding and its way out; a press goes there. */
const { assessment } = defineProps<{ assessment: Assessment }>()
const emit = defineEmits<{ go: [lens: Lens, field: string | null] }>()

const format = useFormat()
const worst = computed(() => assessment.findings[0])
const others = computed(() => assessment.findings.length - 1)
</script>

<template>
  <footer class="strip" role="status" data-test="finding">
    <template v-if="worst">
      <VerdictMark :state="worst.verdict" />
      <button type="button" class="where" :class="worst.verdict" @click="emit('go', worst.lens, worst.field ?? null)">
        {{ lensNames[worst.lens] }}
      </button>
      <span class="what">{{ format.sentence(worst.reason) }} {{ format.sentence(worst.wayOut) }}</span>
      <span v-if="others > 0" class="more quiet">and {{ others }} more</span>
    </template>
    <template v-else-if="assessment.state === 'open'">
      <VerdictMark state="open" />
      <span class="what">Nothing against it so far; some inputs are still missing.</span>
    </template>
    <template v-else>
      <VerdictMark state="go" />
      <span class="what">Every lens says go.</span>
    </template>
  </footer>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 44px;
  padding: 6px 18px;
  border-top: 1px solid var(--hair);
  background: var(--sheet);
}

.where {
  padding: 0;
  border: 0;
  background: none;
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}

.where.stop {
  color: var(--stop);
}

.where.watch {
  color: var(--watch);
}

.what {
  flex: 1;
  min-width: 0;
}

.more {
  white-space: nowrap;
}
</style>
