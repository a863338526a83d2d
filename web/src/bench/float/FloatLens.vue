<script setup lang="ts">
import { computed, type Component } from 'vue'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import ClearancePage from './ClearancePage.vue'
import GrowthPage from './GrowthPage.vue'
import PairPage from './PairPage.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.float)
const pages: Record<string, Component> = { clearance: ClearancePage, growth: GrowthPage, pair: PairPage }
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <component :is="pages[bench.pageOf('float')]" @working="emit('working', $event)" />
    </template>
  </LensSheet>
</template>
