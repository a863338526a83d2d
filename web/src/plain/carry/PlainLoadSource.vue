<script setup lang="ts">
import { sideWords } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { usePlainBench } from '../use-plain-bench.ts'

/** Whether load and speed come from the shaft line or are typed here, and the way from one to the other. */
const bench = usePlainBench()
const format = useFormat()
const shaft = computed(() => ({ name: 'shaft', params: { id: bench.detail.value?.machine.id ?? '' } }))
const load = computed(() => bench.effective.value.load)
const newtons = (value: number | null) => format.inline({ kind: 'number', number: value ?? 0 }, 'force')
</script>

<template>
  <p class="source" data-test="load-source">
    <template v-if="bench.fed.value">
      <strong>{{ newtons(load.radialN) }}</strong> {{ sideWords[load.towards] }}, {{ newtons(load.axialN) }} along the
      shaft, from the <RouterLink :to="shaft">shaft line</RouterLink>.
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
