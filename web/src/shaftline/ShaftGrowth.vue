<script setup lang="ts">
import { computed } from 'vue'
import FigureLine from '../figures/FigureLine.vue'
import PracticeList from '../figures/PracticeList.vue'
import { useShaft } from './use-shaft.ts'

/** How far the shaft grows, and what follows from it. */
const emit = defineEmits<{ working: [figure: string] }>()
const shaft = useShaft()
const figures = computed(() => shaft.assessment.value?.figures ?? {})
const growth = computed(() => figures.value['growth'])
const following = computed(() => ['thrust', 'deflection', 'critical', 'gap'].filter((name) => figures.value[name]))
</script>

<template>
  <section aria-label="How far does it grow?">
    <h2>How far does it grow?</h2>
    <template v-if="growth">
      <FigureLine answer name="growth" :figure="growth" @working="emit('working', $event)" />
      <PracticeList :figure="growth" />
    </template>
    <FigureLine
      v-for="name in following"
      :key="name"
      :name="name"
      :figure="figures[name]!"
      @working="emit('working', $event)"
    />
  </section>
</template>
