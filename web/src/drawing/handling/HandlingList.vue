<script setup lang="ts">
import { handlingWords, type HandlingKey } from '@yardfrost/core'
import ShapesDrawing from '../signs/ShapesDrawing.vue'
import { handlingDrawings, struckOut } from './index.ts'

/** How it is handled: what is right, and what ruins a bearing, as drawings with their word. */
defineProps<{ keys: readonly HandlingKey[] }>()
</script>

<template>
  <ul v-if="keys.length" class="handling" aria-label="How it is handled" data-test="handling">
    <li v-for="key in keys" :key="key" :data-handling="key">
      <ShapesDrawing
        :shapes="handlingWords[key].right ? handlingDrawings[key] : [...handlingDrawings[key], struckOut]"
      />
      <span>{{ handlingWords[key].says }}</span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: 8px 20px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 64px 1fr;
  align-items: center;
  gap: 10px;
}
</style>
