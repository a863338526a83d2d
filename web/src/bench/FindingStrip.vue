<script setup lang="ts">
import type { Finding, PositionState } from '@yardfrost/core'
import { computed, ref } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'

/** The worst finding and its way out; a press goes there. */
const { assessment, names } = defineProps<{
  assessment: { findings: readonly Finding[]; state: PositionState }
  names: Record<string, string>
}>()
const emit = defineEmits<{ go: [lens: string, field: string | null] }>()

const format = useFormat()
const worst = computed(() => assessment.findings[0])
const others = computed(() => assessment.findings.slice(1))
const open = ref(false)
</script>

<template>
  <div class="strip" role="status" data-test="finding">
    <template v-if="worst">
      <VerdictMark :state="worst.verdict" />
      <button
        type="button"
        class="where link"
        :class="worst.verdict"
        @click="emit('go', worst.lens, worst.field ?? null)"
      >
        {{ names[worst.lens] }}
      </button>
      <span class="what"
        ><span v-if="worst.when === 'at-fitting'" class="label">At the next fitting: </span
        >{{ format.sentence(worst.reason) }} {{ format.sentence(worst.wayOut) }}</span
      >
      <button
        v-if="others.length > 0"
        type="button"
        class="more link"
        :aria-expanded="open"
        data-test="more-findings"
        @click="open = !open"
      >
        {{ open ? 'fewer' : `and ${others.length} more` }}
      </button>
      <ul v-if="open" class="others">
        <li v-for="one in others" :key="`${one.lens}.${one.key}`">
          <VerdictMark :state="one.verdict" :size="16" />
          <button
            type="button"
            class="where link"
            :class="one.verdict"
            @click="emit('go', one.lens, one.field ?? null)"
          >
            {{ names[one.lens] }}
          </button>
          <span class="what"
            ><span v-if="one.when === 'at-fitting'" class="label">At the next fitting: </span
            >{{ format.sentence(one.reason) }}</span
          >
        </li>
      </ul>
    </template>
    <template v-else-if="assessment.state === 'open'">
      <VerdictMark state="open" />
      <span class="what">Nothing against it so far; some inputs are still missing.</span>
    </template>
    <template v-else>
      <VerdictMark state="go" />
      <span class="what">Every lens says go.</span>
    </template>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  min-height: 44px;
  padding: 6px 18px;
  border-top: 1px solid var(--hair);
  background: var(--sheet);
}

.where {
  font-weight: 700;
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
  min-height: 32px;
  padding: 0 4px;
  color: var(--ink-2);
  white-space: nowrap;
}

.others {
  display: grid;
  flex-basis: 100%;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.others li {
  display: flex;
  align-items: baseline;
  gap: 10px;
}
</style>
