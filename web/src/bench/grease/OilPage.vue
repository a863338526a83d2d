<script setup lang="ts">
import { bathOf, lubricationWords, oilInBath } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import LensSheet from '../LensSheet.vue'
import { choices } from '../options.ts'
import { useBench } from '../use-bench.ts'

/** An oil bath: which grade, how high it stands, when it is changed, and whether it starts in the cold. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.grease)
const figures = computed(() => lens.value.figures)
const inBath = computed(() => bench.inputs.value.grease.lubrication === 'oil-bath')
const level = computed(() => {
  const { bearing } = bench.assessment.value.outcomes.grease
  if (!bearing) return ''
  const bath = bathOf(bearing)
  return `${format.rough(bath.pitchDiameterMm / 2)} below the shaft centre, ± ${format.rough(oilInBath(bath, null).toleranceMm)}: the middle of the lowest element, at standstill.`
})
const indexNote = computed(() => (bench.inputs.value.grease.viscosityIndex === null ? '95, mineral' : ''))
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <ChoiceField path="grease.lubrication" :options="choices(lubricationWords)" />
        <QuantityField path="grease.runningC" />
        <QuantityField path="grease.nu40Cst" />
        <QuantityField path="grease.viscosityIndex" :note="indexNote" />
        <QuantityField v-if="inBath" path="grease.coldStartC" />
      </div>
    </template>
    <template #figures>
      <p v-if="!inBath" class="quiet" data-test="oil-open">
        It is greased. Say oil bath, and this page gives the grade, the level and when it is changed.
      </p>
      <template v-else>
        <FigureLine
          v-if="figures['grade']"
          answer
          name="grade"
          :figure="figures['grade']"
          @working="emit('working', $event)"
        />
        <p v-else class="quiet">It needs the speed and how warm it runs.</p>
        <template v-for="name in ['kappa', 'oilChange']" :key="name">
          <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]" @working="emit('working', $event)" />
        </template>
        <p v-if="level" data-test="oil-mark"><span class="label">Level</span> {{ level }}</p>
      </template>
    </template>
  </LensSheet>
</template>
