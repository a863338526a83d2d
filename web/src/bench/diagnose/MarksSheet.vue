<script setup lang="ts">
import { expectedTracks, racewaysOf, type Part, type RingName } from '@yardfrost/core'
import { computed, ref } from 'vue'
import PaintSheet from '../../damage/PaintSheet.vue'
import PartSigns from '../../damage/PartSigns.vue'
import PartsRow from '../../damage/PartsRow.vue'
import type { Painted } from '../../damage/use-painting.ts'
import { trackWords } from './track-words.ts'
import { useBench } from '../use-bench.ts'
import { useSigns } from './use-signs.ts'

/** The raceways of this bearing to paint on, and its other parts to point at. */
const bench = useBench()
const { seen, notSeen, answer } = useSigns()

const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const loadCase = computed(() => bench.effective.value.seat.loadCase)
const raceways = computed(() => {
  const bearing = bench.bearing.value
  return bearing ? racewaysOf(bearing, loadCase.value, outcome.value.examined?.hasInnerRing === false) : []
})
const loadOn = computed((): RingName => {
  const stands = loadCase.value === 'outer-turns' ? 'inner' : 'outer'
  return loadCase.value === 'load-turns' ? 'inner' : stands
})
const expected = computed(() => {
  const { carry, float } = bench.assessment.value.outcomes
  return expectedTracks(bench.effective.value, carry, float)?.bands ?? []
})
const painted = computed<Painted>({
  get: () => ({ bands: bench.inputs.value.diagnose.bands, marks: bench.inputs.value.diagnose.marks }),
  set: ({ bands, marks }) => {
    const { diagnose } = bench.inputs.value
    diagnose.bands = bands
    diagnose.marks = marks
  },
})
const parts: Part[] = ['raceways', 'elements', 'cage', 'seals', 'lubricant', 'seats', 'housing']
const open = ref<Part | null>(null)
const match = computed(() => outcome.value.trackMatch)
</script>

<template>
  <div class="marks-sheet">
    <PartSigns
      v-if="open"
      :part="open"
      :examined="outcome.examined"
      :seen="seen"
      :not-seen="notSeen"
      @answer="answer"
      @close="open = null"
    />
    <PaintSheet v-show="!open" v-model="painted" :raceways="raceways" :expected="expected" :load-on="loadOn">
      <p v-if="match" class="label match" data-test="track-match">
        {{ outcome.asExpected ? 'Painted tracks are those that this position should show.' : trackWords(match) }}
      </p>
      <p v-else-if="painted.bands.length === 1" class="label match">
        Paint the other ring too, and the tracks are matched.
      </p>
      <PartsRow class="parts" :parts="parts" :examined="outcome.examined" :seen="seen" @open="open = $event" />
    </PaintSheet>
  </div>
</template>

<style scoped>
.marks-sheet {
  min-height: 100%;
  padding: 6px 22px 10px;
}

.match,
.parts {
  padding-left: 56px;
}
</style>
