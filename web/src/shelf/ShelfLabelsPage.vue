<script setup lang="ts">
import { bearingTypeNames, findBearing } from '@yardfrost/core'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import LabelSheet, { type Label } from '../field/LabelSheet.vue'
import { useFormat } from '../figures/use-format.ts'
import { sizeWords } from '../figures/size-words.ts'
import { catalogue } from '../references.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useShelf } from './use-shelf.ts'

/** Labels of the shelf's places, to print and stick on: a camera that reads one takes the number to the counter. */
const page = usePageState()
const router = useRouter()
const format = useFormat()
page.saving = null
page.crumbs = [
  { label: 'Counter', to: { name: 'counter' } },
  { label: 'Shelf', to: { name: 'shelf' } },
  { label: 'Labels' },
]
const { shelf, failure, load } = useShelf()
const labels = computed(() =>
  (shelf.value?.lines ?? []).map(({ id, designation, place }): Label => {
    const row = findBearing(designation, catalogue)?.row
    return {
      key: id,
      title: designation,
      lines: row ? [bearingTypeNames[row.type], sizeWords(row, format)] : [],
      typed: place,
      opens: router.resolve({ name: 'counter', query: { here: designation } }).href,
    }
  }),
)
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <LabelSheet v-else :labels="labels" />
</template>
