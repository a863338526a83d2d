<script setup lang="ts">
import { computed } from 'vue'
import { drawSign, type Rolls } from './index.ts'
import ShapesDrawing from './ShapesDrawing.vue'

/** A sign of damage as a small drawing. Its word stands beside it. */
const { sign, rolls = 'ball', size = 64 } = defineProps<{ sign: string; rolls?: Rolls; size?: number }>()
const shapes = computed(() => drawSign(sign, rolls))
</script>

<template>
  <ShapesDrawing :shapes="shapes" :size="size" />
</template>
