<script setup lang="ts">
import type { Lens, LensAssessment } from '@yardfrost/core'
import { computed } from 'vue'
import LensBody from './LensBody.vue'
import LensPages from './LensPages.vue'
import { lensPages } from './lens-pages.ts'
import { useBench } from './use-bench.ts'

/** A lens with its pages, as words to press. */
const { lens, question = '' } = defineProps<{
  lens: LensAssessment<Lens>
  /** For a lens of one page; the pages bring their own. */
  question?: string
}>()
defineEmits<{ field: [path: string] }>()

const bench = useBench()
const open = computed({ get: () => bench.pageOf(lens.lens), set: (page) => bench.turnTo(lens.lens, page) })
const asked = computed(() => question || (lensPages[lens.lens].find(({ key }) => key === open.value)?.question ?? ''))
</script>

<template>
  <LensBody :lens="lens" :question="asked" @field="$emit('field', $event)">
    <template #pages><LensPages v-model="open" :pages="lensPages[lens.lens]" /></template>
    <template #inputs><slot name="inputs" /></template>
    <template v-if="$slots['figures']" #figures><slot name="figures" /></template>
    <template #after><slot name="after" /></template>
  </LensBody>
</template>
