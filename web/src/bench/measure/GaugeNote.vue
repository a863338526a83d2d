<script setup lang="ts">
/** How an instrument sends its reading, and what went wrong with the last one. */
defineProps<{ instrument: string; trouble: string }>()
</script>

<template>
  <p class="note label"><kbd>g</kbd> in a field takes a reading of the {{ instrument }} (simulated); or type it.</p>
  <p v-if="trouble" class="trouble" role="alert" data-test="gauge-trouble">{{ trouble }}</p>
</template>

<style scoped>
.note {
  font-size: 14px;
}

.trouble {
  color: var(--stop);
  font-size: 14px;
}
</style>
