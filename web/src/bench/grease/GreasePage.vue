<script setup lang="ts">
import {
  contaminationWords,
  lubricationWords,
  moistureWords,
  orientationWords,
  sealMaterialWords,
  thickenerWords,
  vibrationWords,
  type SitePractices,
} from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import PracticeList from '../../figures/PracticeList.vue'
import { useSession } from '../../shell/session.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import LensSheet from '../LensSheet.vue'
import { choices, cleanlinessOptions, notStated } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const session = useSession()
const lens = computed(() => bench.assessment.value.lenses.grease)
const figures = computed(() => lens.value.figures)

const lubricants = choices(lubricationWords)
const thickeners = [notStated, ...choices(thickenerWords)]
const seals = [notStated, ...choices(sealMaterialWords)]
/** What the site has, to be chosen by name. */
const named = (list: readonly { id: string; name: string }[]) =>
  list.length === 0 ? [] : [notStated, ...list.map(({ id, name }) => ({ value: id, label: name }))]
const guns = computed(() => named(bench.machine.value.site?.guns ?? []))
const products = computed(() => named(bench.machine.value.site?.lubricants ?? []))
/** By the other practices, each with its working. */
const otherIntervals = computed(() => Object.keys(figures.value).filter((name) => name.startsWith('interval:')))
const sealed = computed(() => {
  const decoded = bench.bearing.value?.decoded
  return decoded !== undefined && decoded.closedSides > 0 && decoded.closure !== 'shield'
})
const ports = [
  { value: 'side', label: 'at the side' },
  { value: 'centre', label: 'through the middle' },
]
const indexNote = computed(() => (bench.inputs.value.grease.viscosityIndex === null ? '95, mineral' : ''))
</script>

<template>
  <LensSheet :lens="lens" question="How often, how much, and does the film hold?" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <ChoiceField v-if="products.length" class="wide" path="grease.product" :options="products" />
        <ChoiceField path="grease.lubrication" :options="lubricants" />
        <QuantityField path="grease.runningC" />
        <QuantityField path="grease.nu40Cst" />
        <QuantityField path="grease.viscosityIndex" :note="indexNote" />
      </div>
    </template>
    <template #figures>
      <FigureLine answer name="interval" :figure="figures['interval']!" @working="emit('working', $event)" />
      <PracticeList
        :figure="figures['interval']!"
        :choosable="session.mayPlan"
        @choose="bench.goBy({ greaseInterval: $event as SitePractices['greaseInterval'] })"
      />
      <template v-for="name in [...otherIntervals, 'quantity', 'fill', 'kappa']" :key="name">
        <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]!" @working="emit('working', $event)" />
      </template>
    </template>
    <template #after>
      <h2>Where it stands and what is in it</h2>
      <div class="fields">
        <ChoiceField path="grease.contamination" :options="choices(contaminationWords)" />
        <ChoiceField path="grease.moisture" :options="choices(moistureWords)" />
        <ChoiceField path="grease.vibration" :options="choices(vibrationWords)" />
        <ChoiceField path="grease.orientation" :options="choices(orientationWords)" />
        <ChoiceField path="grease.cleanliness" :options="cleanlinessOptions" />
        <ChoiceField path="grease.port" :options="ports" />
        <ChoiceField v-if="guns.length" path="grease.gun" :options="guns" />
        <QuantityField path="grease.gramsPerStroke" />
        <ChoiceField v-if="sealed" path="grease.sealMaterial" :options="seals" />
        <span v-else-if="guns.length === 0" />
        <ChoiceField path="grease.thickener" :options="thickeners" />
        <ChoiceField path="grease.thickenerBefore" :options="thickeners" />
      </div>
    </template>
  </LensSheet>
</template>
