<script setup lang="ts">
import type { ApiFailure } from '../api/client.ts'

/** In place of a page that could not be read: what is wrong, what to do, and the way to try again. */
defineProps<{ failure: ApiFailure }>()
defineEmits<{ again: [] }>()
</script>

<template>
  <div class="failure">
    <h1>{{ failure.message }}.</h1>
    <p>{{ failure.fix }}</p>
    <p>
      <button type="button" @click="$emit('again')">Try again</button> or
      <RouterLink :to="{ name: 'yard' }">go to the Yard</RouterLink>.
    </p>
  </div>
</template>

<style scoped>
.failure {
  display: grid;
  justify-items: start;
  gap: 10px;
  padding: 48px;
}
</style>
