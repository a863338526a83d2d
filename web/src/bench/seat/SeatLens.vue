<script setup lang="ts">
import { computed, type Component } from 'vue'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import GaugePage from './GaugePage.vue'
import SystemPage from './SystemPage.vue'
import ZonePage from './ZonePage.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.seat)
const pages: Record<string, Component> = { zones: ZonePage, gauge: GaugePage, system: SystemPage }
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <component :is="pages[bench.pageOf('seat')]" @working="emit('working', $event)" />
    </template>
  </LensSheet>
</template>
