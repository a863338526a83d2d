<script setup lang="ts">
import { computed, type Component } from 'vue'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import DutyPage from './DutyPage.vue'
import LifePage from './LifePage.vue'
import SweepPage from './SweepPage.vue'
import WhatIfPage from './WhatIfPage.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.carry)
const pages: Record<string, Component> = { life: LifePage, duty: DutyPage, 'what-if': WhatIfPage, sweep: SweepPage }
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <component :is="pages[bench.pageOf('carry')]" @working="emit('working', $event)" />
    </template>
  </LensSheet>
</template>
