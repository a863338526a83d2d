<script setup lang="ts">
import { isHeated } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import LensSheet from '../LensSheet.vue'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'
import HeatScale from './HeatScale.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.mount)
const figures = computed(() => lens.value.figures)
const outcome = computed(() => bench.assessment.value.outcomes.mount)
const drivenUp = computed(() => outcome.value.taper !== null)
const slipNote = computed(() => {
  const { hot } = outcome.value
  if (!hot || bench.inputs.value.mount.slipUm !== null) return ''
  return `${format.inline({ kind: 'number', number: hot.wantedUm }, 'deviation')} by bore`
})
/** Only a ring that is heated has a place on a scale of temperatures. */
const scale = computed(() => {
  const { hot, way } = outcome.value
  if (!hot || !isHeated(way)) return null
  return { ringC: hot.aimC, limitC: hot.limitC, roomC: hot.roomC }
})
const question = computed(() =>
  drivenUp.value ? 'How far is it driven up?' : 'How does the ring get on, and how hot may it be?',
)
const rest = computed(
  () =>
  ['method', 'ring', 'room', 'limit', 'travel', 'residual', 'press', 'chill'].filter((name) => name !== lens.value.headline), // prettier-ignore
)
</script>

<template>
  <LensSheet :lens="lens" :question="question" @field="emit('field', $event)">
    <template #inputs>
      <div v-if="!drivenUp" class="fields">
        <QuantityField path="mount.roomC" />
        <QuantityField path="mount.coolingC" />
        <QuantityField path="mount.slipUm" :note="slipNote" />
      </div>
    </template>
    <template #figures>
      <FigureLine
        v-if="figures[lens.headline]"
        answer
        :name="lens.headline"
        :figure="figures[lens.headline]!"
        @working="emit('working', $event)"
      />
      <HeatScale v-if="scale" v-bind="scale" />
      <template v-for="name in rest" :key="name">
        <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]!" @working="emit('working', $event)" />
      </template>
    </template>
  </LensSheet>
</template>
