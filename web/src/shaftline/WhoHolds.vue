<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import type { ShaftSupport } from '@yardfrost/core'
import { computed } from 'vue'
import CheckLine from '../figures/CheckLine.vue'
import { useShaft } from './use-shaft.ts'

/** Which bearing locates the shaft and which floats, and what is wrong with that. */
const shaft = useShaft()
const supports = computed(() => shaft.line.value?.supports ?? [])

const located = { both: 'located', left: 'located to the left', right: 'located to the right' }
function wayOf({ holds, floatsIn }: ShaftSupport) {
  if (holds !== 'none') return located[holds]
  return floatsIn === 'housing' ? 'floating in its housing' : 'floating inside the bearing'
}
</script>

<template>
  <section aria-label="Who holds the shaft?">
    <h2>Who holds the shaft?</h2>
    <p>
      <RouterLink :to="{ name: 'arrival', params: { id: shaft.id } }" data-test="to-arrival"
        >As-found inspection</RouterLink
      >: what others have left in it
    </p>
    <p v-for="(support, index) in supports" :key="support.position" class="holder">
      <button type="button" class="link" @click="shaft.picked.value = { what: 'support', index }">
        {{ support.position }}
      </button>
      {{ wayOf(support) }}
    </p>
    <CheckLine v-for="check in shaft.checks.value" :key="check.key" :check="check" />
    <p class="feed">
      <label>
        <Checkbox v-model="shaft.feed.value" binary :pt="{ input: { 'data-test': 'feed' } }" />
        The benches of these positions take their loads from here, once this is saved
      </label>
    </p>
    <ul class="cautions">
      <li v-for="caution in shaft.assessment.value?.cautions" :key="caution">{{ caution }}</li>
    </ul>
  </section>
</template>

<style scoped>
.holder {
  padding: 2px 0;
}

.feed {
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}

.cautions {
  margin: 0;
  padding-left: 18px;
  color: var(--watch);
  font-size: 14px;
}
</style>
