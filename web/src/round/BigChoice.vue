<script setup lang="ts">
/** A button for a thumb in a glove: it is taken, or turned on and off where `on` is given. */
const { on = undefined } = defineProps<{ on?: boolean }>()
</script>

<template>
  <button type="button" class="choice" :class="{ on }" :aria-pressed="on"><slot /></button>
</template>

<style scoped>
.choice {
  min-width: 64px;
  min-height: 56px;
  padding: 0 14px;
  border: 1.6px solid var(--ink-2);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: 17px;
  font-weight: 600;
  cursor: pointer;
}

.choice.on {
  border-color: var(--spruce);
  background: var(--spruce);
  color: var(--on-spruce);
}
</style>
