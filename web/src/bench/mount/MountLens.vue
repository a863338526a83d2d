<script setup lang="ts">
import { numberOf } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import LensSheet from '../LensSheet.vue'
import QuantityField from '../QuantityField.vue'
import { useBench } from '../use-bench.ts'
import ClockPage from './ClockPage.vue'
import HeatScale from './HeatScale.vue'
import WayPage from './WayPage.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.mount)
const figures = computed(() => lens.value.figures)
const drivenUp = computed(() => bench.bearing.value?.decoded.boreShape === 'tapered')
const slipNote = computed(() => {
  const usual = figures.value['ring']?.givens.find(({ symbol }) => symbol === 's')
  return usual && bench.inputs.value.mount.slipUm === null ? `${format.inline(usual.value, 'deviation')} by bore` : ''
})
const scale = computed(() => {
  const ringC = numberOf(figures.value['ring'])
  const limitC = numberOf(figures.value['limit'])
  const { roomC } = bench.inputs.value.mount
  return ringC === null || limitC === null || roomC === null ? null : { ringC, limitC, roomC }
})
const page = computed(() => bench.pageOf('mount'))
</script>

<template>
  <WayPage v-if="page === 'way'" @working="emit('working', $event)" @field="emit('field', $event)" />
  <ClockPage v-else-if="page === 'clock'" @field="emit('field', $event)" />
  <LensSheet
    v-else
    :lens="lens"
    :question="drivenUp ? 'How far is it driven up?' : 'How hot must the ring be, and how hot may it be?'"
    @field="emit('field', $event)"
  >
    <template #inputs>
      <div v-if="!drivenUp" class="fields">
        <QuantityField path="mount.roomC" />
        <QuantityField path="mount.coolingC" />
        <QuantityField path="mount.slipUm" :note="slipNote" />
      </div>
    </template>
    <template #figures>
      <FigureLine answer name="ring" :figure="figures['ring']!" @working="emit('working', $event)" />
      <HeatScale v-if="scale && !drivenUp" v-bind="scale" />
      <template v-for="name in ['rise', 'limit', 'travel', 'residual', 'press', 'chill']" :key="name">
        <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]!" @working="emit('working', $event)" />
      </template>
    </template>
  </LensSheet>
</template>
