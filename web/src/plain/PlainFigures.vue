<script setup lang="ts">
import type { Figure } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../figures/FigureLine.vue'

/** Figures of a lens in the order they are named; those that are not there are left out. The first may be the answer. */
const {
  figures,
  names,
  answer = '',
} = defineProps<{
  figures: Record<string, Figure>
  names: readonly string[]
  /** The one that answers the question, loud. */
  answer?: string
}>()
defineEmits<{ working: [figure: string] }>()
const shown = computed(() => [answer, ...names.filter((one) => one !== answer)].filter((name) => name in figures))
</script>

<template>
  <div>
    <FigureLine
      v-for="name in shown"
      :key="name"
      :answer="name === answer"
      :name="name"
      :figure="figures[name]!"
      @working="$emit('working', $event)"
    />
  </div>
</template>
