<script setup lang="ts">
import { usePageState } from './page-state.ts'

const page = usePageState()
page.crumbs = [{ label: 'Not here' }]
page.saving = null
</script>

<template>
  <section class="lost">
    <h1>There is nothing at this address.</h1>
    <p><RouterLink :to="{ name: 'yard' }">Go to the Yard</RouterLink> and walk from there.</p>
  </section>
</template>

<style scoped>
.lost {
  display: grid;
  gap: 12px;
  padding: 48px;
}
</style>
