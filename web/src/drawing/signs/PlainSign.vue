<script setup lang="ts">
import { computed } from 'vue'
import { drawPlainSign } from './plain.ts'
import ShapesDrawing from './ShapesDrawing.vue'

/** A sign of damage to a plain bearing as a small drawing. Its word stands beside it. */
const { sign, size = 64 } = defineProps<{ sign: string; size?: number }>()
const shapes = computed(() => drawPlainSign(sign))
</script>

<template>
  <ShapesDrawing :shapes="shapes" :size="size" />
</template>
