<script setup lang="ts">
import type { Check } from '@yardfrost/core'
import { useFormat } from './use-format.ts'
import VerdictMark from './VerdictMark.vue'

defineProps<{ check: Check }>()
const format = useFormat()
defineEmits<{ field: [path: string] }>()
</script>

<template>
  <div class="check" :data-check="check.key" :data-verdict="check.verdict" :data-when="check.when">
    <VerdictMark :state="check.when === 'unknown' ? 'open' : check.verdict" />
    <div>
      <p>
        <span v-if="check.when === 'at-fitting' && check.verdict !== 'go'" class="label">At the next fitting: </span>
        {{ format.sentence(check.reason) }}
      </p>
      <p v-if="check.verdict !== 'go' || check.when === 'unknown'" class="out">
        {{ format.sentence(check.wayOut) }}
        <button v-if="check.field" type="button" class="jump" @click="$emit('field', check.field)">go there</button>
      </p>
    </div>
  </div>
</template>

<style scoped>
.check {
  display: grid;
  grid-template-columns: 20px 1fr;
  align-items: start;
  gap: 10px;
  padding: 7px 0;
  border-top: 1px solid var(--hair);
}

.out {
  color: var(--ink-2);
}

.jump {
  padding: 0 2px;
  border: 0;
  background: none;
  color: var(--ink);
  text-decoration: underline;
  cursor: pointer;
}
</style>
