<script setup lang="ts">
import type { PlantPoint } from '@yardfrost/contract'
import { isCodeOf } from '@yardfrost/core'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import CodeBox from './CodeBox.vue'
import PointCard from './PointCard.vue'

/** Where the label of a point leads: into the round that is open for it, else to the point itself. */
const { id: code } = defineProps<{ id: string }>()
const page = usePageState()
const router = useRouter()
page.saving = null
page.crumbs = [{ label: 'Rounds', to: { name: 'rounds' } }, { label: 'Point' }]
const found = ref<PlantPoint[] | null>(null)

const { failure, load } = useLoading(async () => {
  const [{ points }, rounds] = await Promise.all([api.points(), api.rounds()])
  const mine = points.filter(({ id }) => isCodeOf(id, code))
  const [point] = mine
  const open = await Promise.all(rounds.filter(({ state }) => state === 'open').map(({ id }) => api.round(id)))
  const round = point && open.find((one) => one.points.some(({ id }) => id === point.id))
  if (round && mine.length === 1) {
    await router.replace({ name: 'round', params: { id: round.id, point: point.id } })
    return
  }
  found.value = mine
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <section v-else-if="found" class="door">
    <PointCard v-for="point in found" :key="point.id" :point="point" :making="false" :taken="false" @saved="load" />
    <template v-if="found.length === 0">
      <h1>No point has this code</h1>
      <p class="quiet">{{ code }} is of no point of this site, or of one that is no longer there.</p>
      <CodeBox />
    </template>
  </section>
</template>

<style scoped>
.door {
  display: grid;
  align-content: start;
  gap: 14px;
  max-width: 460px;
  padding: 22px;
}
</style>
