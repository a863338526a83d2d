<script setup lang="ts">
import type { PositionDetail } from '@yardfrost/contract'
import { holdsPlain, holdsRolling, type Lens } from '@yardfrost/core'
import PlainStepDrawing from './PlainStepDrawing.vue'
import RollingStepDrawing from './RollingStepDrawing.vue'

/** What lies in a position, drawn to scale with what the step is about. */
const { detail, lens } = defineProps<{ detail: PositionDetail; lens: Lens }>()
</script>

<template>
  <RollingStepDrawing v-if="holdsRolling(detail)" :detail="detail" :lens="lens" />
  <PlainStepDrawing v-else-if="holdsPlain(detail)" :detail="detail" :lens="lens" />
</template>
