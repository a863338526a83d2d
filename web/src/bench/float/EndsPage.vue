<script setup lang="ts">
import { whichWay, type SitePractices } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import PracticeList from '../../figures/PracticeList.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import { useSession } from '../../shell/session.ts'
import LoadSource from '../LoadSource.vue'
import { notStated } from '../options.ts'
import { useBench } from '../use-bench.ts'

/** Which end holds the shaft, what the caps or rings at both do to it, and what has to be machined. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const session = useSession()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.float.figures)
const ends = computed(() => bench.inputs.value.ends)
const outcome = computed(() => bench.assessment.value.outcomes.float.ends)
const caps = computed(() => ends.value.kind === 'caps')

const kinds = [
  { value: 'caps', label: 'caps with a spigot' },
  { value: 'blocks', label: 'split blocks, locating rings' },
]
const either = [notStated, { value: 'this', label: 'this end' }, { value: 'other', label: 'the other end' }]
const couplings = [...either, { value: 'none', label: 'none' }]
const capSides = [
  { value: 'outer', label: 'on the outer side' },
  { value: 'inner', label: 'on the inner side' },
]
const floats = [
  { value: 'housing', label: 'its housing' },
  { value: 'bearing', label: 'itself: NU, needle, toroidal' },
]
const ringCounts = [notStated, ...[0, 1, 2].map((value) => ({ value, label: String(value) }))]
const ownRing = computed(() => {
  const { value: bearing } = bench.bearing
  if (!bearing || ends.value.ringMm !== null) return ''
  return `${format.inline({ kind: 'number', number: bearing.row.widthMm }, 'length', { decimals: 2 })} by number`
})
const shown = ['cut', 'rings', 'setFrom', 'heldGap', 'offset', 'gapHot', 'usedUp']
/** Said once it is known which end holds, with or without a gap to reckon. */
const wayWords = computed(() => (outcome.value?.holds ? `${whichWay(outcome.value.way)}.` : ''))
const sliding = computed(() => outcome.value?.sliding != null)
</script>

<template>
  <div class="fields">
    <ChoiceField path="ends.holds" :options="either" />
    <ChoiceField path="ends.kind" :options="kinds" />
    <ChoiceField v-if="!bench.fed.value" path="ends.coupling" :options="couplings" />
    <ChoiceField v-if="caps && sliding" path="ends.cap" :options="capSides" />
    <ChoiceField v-if="ends.holds === 'this'" path="ends.otherFloatsIn" :options="floats" />
  </div>
  <LoadSource v-if="bench.onShaft.value">Span, temperatures and coupling</LoadSource>
  <div v-if="!bench.fed.value" class="fields">
    <QuantityField path="float.spanMm" />
    <QuantityField path="float.assemblyC" />
    <QuantityField path="float.hottestC" />
    <template v-if="ends.coupling === 'this' || ends.coupling === 'other'">
      <QuantityField path="ends.overhangMm" />
      <QuantityField path="ends.couplingGapMm" />
      <QuantityField path="ends.leastGapMm" />
      <QuantityField path="ends.otherGrowthMm" />
    </template>
  </div>
  <div class="both">
    <h3 class="label">This end</h3>
    <h3 class="label">The other end</h3>
    <template v-if="caps">
      <QuantityField path="ends.depthMm" />
      <QuantityField path="ends.otherDepthMm" />
      <QuantityField path="ends.ringMm" :note="ownRing" />
      <QuantityField path="ends.otherRingMm" />
      <QuantityField path="ends.spacerMm" />
      <QuantityField path="ends.otherSpacerMm" />
      <QuantityField path="ends.spigotMm" />
      <QuantityField path="ends.otherSpigotMm" />
    </template>
    <template v-else>
      <QuantityField path="ends.seatMm" />
      <QuantityField path="ends.otherSeatMm" />
      <QuantityField path="ends.ringMm" :note="ownRing" />
      <QuantityField path="ends.otherRingMm" />
      <ChoiceField path="ends.rings" :options="ringCounts" />
      <ChoiceField path="ends.otherRings" :options="ringCounts" />
      <QuantityField path="ends.ringWidthMm" />
      <QuantityField path="ends.otherRingWidthMm" />
    </template>
  </div>
  <div class="results">
    <p v-if="wayWords" class="way" data-test="which-way">{{ wayWords }}</p>
    <template v-for="name in shown" :key="name">
      <FigureLine
        v-if="figures[name]"
        :answer="name === 'cut' || name === 'rings'"
        :name="name"
        :figure="figures[name]!"
        @working="emit('working', $event)"
      />
    </template>
    <PracticeList
      v-if="outcome?.growthMm != null"
      :figure="figures['growth']!"
      :choosable="session.mayPlan"
      @choose="bench.goBy({ growth: $event as SitePractices['growth'] })"
    />
  </div>
  <p v-if="!outcome" class="quiet">
    One end holds the shaft, usually the one beside the coupling, and the other lets it grow. Say which, then measure
    both caps with a depth gauge, gasket in place.
  </p>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 16px;
  align-items: start;
  padding-top: 8px;
  border-top: 1px solid var(--hair);
}

.both h3 {
  margin: 0;
  font-weight: 650;
}

.results {
  border-top: 1px solid var(--hair);
}

.way {
  padding-top: 6px;
  font-weight: 650;
}
</style>
