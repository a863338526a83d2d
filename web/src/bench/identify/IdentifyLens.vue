<script setup lang="ts">
import { computed, type Component } from 'vue'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import CalledForPage from './CalledForPage.vue'
import MeasurePage from './MeasurePage.vue'
import NumberPage from './NumberPage.vue'
import TypesPage from './TypesPage.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.identify)
const pages: Record<string, Component> = {
  number: NumberPage,
  measure: MeasurePage,
  'called-for': CalledForPage,
  types: TypesPage,
}
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <component :is="pages[bench.pageOf('identify')]" @working="emit('working', $event)" />
    </template>
  </LensSheet>
</template>
