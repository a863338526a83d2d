<script setup lang="ts">
import { useRouter } from 'vue-router'
import { useBench } from './use-bench.ts'

/** The way to the page that leads through a change of the end that holds: another type at one end changes both. */
const bench = useBench()
const router = useRouter()

function go() {
  bench.turnTo('float', 'ends')
  void router.replace({ name: 'position', params: { id: bench.id, lens: 'float' } })
}
</script>

<template>
  <p class="quiet">
    Another type may change which end holds the shaft.
    <button type="button" class="link" data-test="to-ends" @click="go">Which end holds, and what to machine</button>
  </p>
</template>
