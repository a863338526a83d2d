<script setup lang="ts">
import type { PlantPoint } from '@yardfrost/contract'
import { pointCode, pointPlan } from '@yardfrost/core'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import LabelSheet, { type Label } from '../field/LabelSheet.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import { pointKindWords } from './words.ts'

/** Labels of a machine's points, to print and stick on: a camera that reads one opens the point. */
const { id } = defineProps<{ id: string }>()
const page = usePageState()
const router = useRouter()
page.saving = null
const labels = ref<Label[]>([])
const { failure, load } = useLoading(async () => {
  const { points } = await api.points()
  const mine = points.filter(({ machine }) => machine.id === id)
  labels.value = mine.map(labelOf)
  page.crumbs = [{ label: 'Rounds', to: { name: 'rounds' } }, { label: `${mine[0]?.machine.tag ?? ''}, labels` }]
})
function labelOf(point: PlantPoint): Label {
  const { strokes } = pointPlan(point.kind, point.work, point.own)
  return {
    key: point.id,
    title: point.machine.tag,
    lines: [
      `${point.position.name}, ${pointKindWords[point.kind]}`,
      `${point.work.lubricant}${strokes === null ? '' : ` ${strokes} strokes`}`,
    ],
    typed: pointCode(point.id),
    opens: router.resolve({ name: 'point', params: { id: pointCode(point.id) } }).href,
  }
}
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <LabelSheet v-else :labels="labels" />
</template>
