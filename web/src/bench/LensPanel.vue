<script setup lang="ts">
import type { Lens } from '@yardfrost/core'
import { computed } from 'vue'
import { lensPages } from './lens-pages.ts'
import LensSheet from './LensSheet.vue'
import { useBench } from './use-bench.ts'

/** The page of a lens that is open. */
const { lens } = defineProps<{ lens: Lens }>()
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const page = computed(() => lensPages[lens].find(({ key }) => key === bench.pageOf(lens)))
</script>

<template>
  <component
    :is="page.component"
    v-if="page?.ownSheet"
    @working="emit('working', $event)"
    @field="emit('field', $event)"
  />
  <LensSheet v-else :lens="bench.assessment.value.lenses[lens]" @field="emit('field', $event)">
    <template #inputs>
      <component :is="page.component" v-if="page" @working="emit('working', $event)" />
    </template>
  </LensSheet>
</template>
