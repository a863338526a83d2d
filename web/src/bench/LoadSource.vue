<script setup lang="ts">
import { useBench } from './use-bench.ts'

/** Whether loads, ends and growth come from the shaft line or are typed here, and the way from one to the other. */
const bench = useBench()
</script>

<template>
  <p class="source" data-test="load-source">
    <template v-if="bench.fed.value">
      <strong><slot /></strong>, from the
      <RouterLink :to="{ name: 'shaft', params: { id: bench.detail.value!.machine.id } }">shaft line</RouterLink>.
      <button type="button" class="link" data-test="type-loads" @click="bench.setAt('load.from', 'typed')">
        type it here
      </button>
    </template>
    <button v-else type="button" class="link" data-test="take-loads" @click="bench.setAt('load.from', 'shaft-line')">
      Take it from the shaft line
    </button>
  </p>
</template>

<style scoped>
.source {
  padding: 2px 0;
}
</style>
