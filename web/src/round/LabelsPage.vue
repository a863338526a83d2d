<script setup lang="ts">
import type { PlantPoint } from '@yardfrost/contract'
import { pointCode, pointPlan } from '@yardfrost/core'
import Button from 'primevue/button'
import QRCode from 'qrcode'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import { pointKindWords } from './words.ts'

/** Labels of a machine's points, to print and stick on: a camera that reads one opens the point. */
const { id } = defineProps<{ id: string }>()
const page = usePageState()
const router = useRouter()
page.saving = null
const labels = ref<{ point: PlantPoint; picture: string }[]>([])
const { failure, load } = useLoading(async () => {
  const { points } = await api.points()
  const mine = points.filter(({ machine }) => machine.id === id)
  labels.value = await Promise.all(
    mine.map(async (point) => ({
      point,
      picture: await QRCode.toDataURL(address(point), { margin: 0, width: 440, errorCorrectionLevel: 'M' }),
    })),
  )
  page.crumbs = [{ label: 'Rounds', to: { name: 'rounds' } }, { label: `${mine[0]?.machine.tag ?? ''}, labels` }]
})
const address = (point: PlantPoint) =>
  new URL(router.resolve({ name: 'point', params: { id: pointCode(point.id) } }).href, location.origin).href
const print = () => window.print()
const strokesOf = ({ kind, work, own }: PlantPoint) => pointPlan(kind, work, own).strokes
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else class="labels">
    <p class="press"><Button label="Print" @click="print" /></p>
    <ul>
      <li v-for="{ point, picture } in labels" :key="point.id" :data-label="point.machine.tag">
        <img class="code" :src="picture" :alt="`Leads to ${pointCode(point.id)}`" />
        <span>
          <strong>{{ point.machine.tag }}</strong>
          <span>{{ point.position.name }}, {{ pointKindWords[point.kind] }}</span>
          <span>{{ point.work.lubricant }}{{ strokesOf(point) === null ? '' : ` ${strokesOf(point)} strokes` }}</span>
          <span class="typed">{{ pointCode(point.id) }}</span>
        </span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.labels {
  height: 100%;
  padding: 20px;
  overflow-y: auto;
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 14px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 14px;
  padding: 12px;
  border: 1px solid #000;
  background: #fff;
  color: #000;
  break-inside: avoid;
}

.code {
  width: 110px;
  image-rendering: pixelated;
}

li span span,
li strong {
  display: block;
}

li strong {
  font-size: 22px;
}

.typed {
  font-size: 20px;
  font-weight: 600;
}

@media print {
  .press {
    display: none;
  }

  .labels {
    padding: 0;
    overflow: visible;
  }
}
</style>
