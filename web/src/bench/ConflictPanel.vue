<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import DifferenceTable from '../figures/DifferenceTable.vue'
import { inputDifferences } from '../figures/input-differences.ts'
import { useBench } from './use-bench.ts'

/** Somebody saved first: what differs, theirs beside mine, and the choice. */
const bench = useBench()
const differences = computed(() =>
  bench.conflict.value ? inputDifferences(bench.inputs.value, bench.conflict.value.inputs) : [],
)
</script>

<template>
  <section
    v-if="bench.conflict.value"
    class="conflict"
    role="alertdialog"
    aria-label="Two versions"
    data-test="conflict"
  >
    <p>
      <strong>{{ bench.conflict.value.savedBy ?? 'Somebody' }} saved this position since you opened it.</strong>
      Nothing is overwritten until you choose.
    </p>
    <DifferenceTable :differences="differences" from="mine" to="theirs" />
    <div class="choice">
      <Button label="Keep mine, save it on top" size="small" data-test="keep-mine" @click="bench.settle('mine')" />
      <Button
        label="Take theirs"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="take-theirs"
        @click="bench.settle('theirs')"
      />
    </div>
  </section>
</template>

<style scoped>
.conflict {
  display: grid;
  gap: 8px;
  padding: 12px 18px;
  border-bottom: 1px solid var(--hair);
  background: var(--sheet);
}

.choice {
  display: flex;
  gap: 10px;
}
</style>
