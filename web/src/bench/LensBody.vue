<script setup lang="ts">
import { bySeverity, whens, type LensAssessment } from '@yardfrost/core'
import { computed } from 'vue'
import CheckLine from '../figures/CheckLine.vue'

/** What every lens shows, of whichever kind: its question, its inputs, its figures, its checks worst first, its cautions. */
const { lens, question } = defineProps<{ lens: LensAssessment; question: string }>()
defineEmits<{ field: [path: string] }>()

/** What matters now first, worst first; then what matters at the next fitting; questions last. */
const checks = computed(() =>
  [...lens.checks].sort((a, b) => whens.indexOf(a.when) - whens.indexOf(b.when) || bySeverity(a, b)),
)
</script>

<template>
  <div class="lens">
    <slot name="pages" />
    <h2>{{ question }}</h2>
    <slot name="inputs" />
    <div v-if="$slots['figures']" class="figures">
      <slot name="figures" />
    </div>
    <div class="checks">
      <CheckLine v-for="check in checks" :key="check.key" :check="check" @field="$emit('field', $event)" />
    </div>
    <slot name="after" />
    <section v-if="lens.cautions.length" class="cautions" aria-label="Cautions" data-test="cautions">
      <h3 class="label">Before you start</h3>
      <ul>
        <li v-for="caution in lens.cautions" :key="caution">{{ caution }}</li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.lens {
  display: grid;
  gap: 12px;
}

.figures {
  padding: 4px 0;
  border-top: 1px solid var(--hair);
}

.cautions {
  padding: 10px 14px;
  border: 1px solid var(--watch);
  border-radius: 4px;
  background: var(--sheet);
}

.cautions h3 {
  margin: 0 0 4px;
  color: var(--watch);
  font-weight: 650;
}

ul {
  display: grid;
  gap: 4px;
  margin: 0;
  padding-left: 18px;
  font-size: 14px;
}
</style>
