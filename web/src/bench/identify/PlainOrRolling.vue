<script setup lang="ts">
import { plainForDuty } from '@yardfrost/core'
import { computed } from 'vue'
import PlainOrRollingSays from '../../figures/PlainOrRollingSays.vue'
import { useBench } from '../use-bench.ts'

/** Whether a shell in the room of this bearing would do the duty, with what speaks for and against it. */
const bench = useBench()
const answer = computed(() => (bench.bearing.value ? plainForDuty(bench.effective.value, bench.bearing.value) : null))
</script>

<template>
  <section v-if="answer" aria-label="Plain or rolling" data-test="plain-or-rolling">
    <PlainOrRollingSays :answer="answer">
      For a shell as long as this bearing is wide; of swinging, halves and growth it does not know.
      <RouterLink :to="{ name: 'plain-or-rolling' }" data-test="to-plain-or-rolling">For any duty</RouterLink>
    </PlainOrRollingSays>
  </section>
</template>

<style scoped>
section {
  margin-top: 14px;
}
</style>
