<script setup lang="ts">
import { computed } from 'vue'
import type { SitePractices } from '@yardfrost/core'
import FigureLine from '../../figures/FigureLine.vue'
import PracticeList from '../../figures/PracticeList.vue'
import { useSession } from '../../shell/session.ts'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import LoadSource from '../LoadSource.vue'
import { notStated } from '../options.ts'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'
import GrowthDrawing from './GrowthDrawing.vue'

/** Which end is held, how far the shaft grows by each practice, what room is left, and what a held shaft costs. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const session = useSession()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.float.figures)
const given = computed(() => bench.effective.value.float)

const ends = [
  notStated,
  { value: 1, label: 'one, the other floats' },
  { value: 2, label: 'both' },
  { value: 0, label: 'neither' },
]
const roles = [notStated, { value: 'locating', label: 'located' }, { value: 'floating', label: 'floating' }]
const floats = [
  { value: 'housing', label: 'in the housing' },
  { value: 'bearing', label: 'inside the bearing' },
]
const shafts = [
  { value: 'carbon-steel', label: 'carbon steel' },
  { value: 'stainless-austenitic', label: 'stainless' },
]
const outcome = computed(() => bench.assessment.value.outcomes.float.growth)
const growthMm = computed(() => outcome.value?.growthMm ?? null)
const roomMm = computed(() => outcome.value?.room?.residualMm ?? null)
</script>

<template>
  <GrowthDrawing
    :ends="given.locatedEnds"
    :role="given.role"
    :growth-mm="growthMm"
    :room-mm="roomMm"
    :span-mm="given.spanMm"
  />
  <LoadSource v-if="bench.onShaft.value">Ends, span and temperatures</LoadSource>
  <div v-if="!bench.fed.value" class="fields">
    <ChoiceField path="float.locatedEnds" :options="ends" />
    <ChoiceField path="float.role" :options="roles" />
    <ChoiceField v-if="given.role === 'floating'" path="float.floatsIn" :options="floats" />
    <ChoiceField path="float.shaftMaterial" :options="shafts" />
    <QuantityField path="float.spanMm" />
    <QuantityField path="float.assemblyC" />
    <QuantityField path="float.hottestC" />
    <template v-if="given.locatedEnds !== 2">
      <QuantityField path="float.roomTowardMm" />
      <QuantityField path="float.roomAwayMm" />
    </template>
    <template v-else>
      <QuantityField path="float.shaftDiameterMm" note="as its seat if empty" />
      <QuantityField path="float.housingStiffnessNPerMm" note="rigid if empty" />
    </template>
  </div>
  <div class="results">
    <FigureLine answer name="growth" :figure="figures['growth']!" @working="emit('working', $event)" />
    <PracticeList
      :figure="figures['growth']!"
      :choosable="session.mayPlan"
      @choose="bench.goBy({ growth: $event as SitePractices['growth'] })"
    />
    <template v-for="name in ['room', 'leave', 'thrust', 'lifeLeft']" :key="name">
      <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]!" @working="emit('working', $event)" />
    </template>
  </div>
  <p class="quiet">
    Take the hottest the shaft will ever be in service, not on the test stand. Start the floating ring off the middle:
    most of its room toward the growth, {{ format.sentence('{0.5 mm~d1}') }} on the other side.
  </p>
</template>

<style scoped>
.results {
  border-top: 1px solid var(--hair);
}

.quiet {
  font-size: 14px;
}
</style>
