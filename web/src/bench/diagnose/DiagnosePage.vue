<script setup lang="ts">
import { countedByTrade, countedHere, factsOf, handlingOfCause } from '@yardfrost/core'
import { computed } from 'vue'
import SignSearch from '../../damage/SignSearch.vue'
import HandlingList from '../../drawing/handling/HandlingList.vue'
import FigureLine from '../../figures/FigureLine.vue'
import QuantityField from '../../form/QuantityField.vue'
import { signLabel } from '../../references.ts'
import { useSession } from '../../shell/session.ts'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import CauseList from './CauseList.vue'
import NextLooks from './NextLooks.vue'
import PutRight from './PutRight.vue'
import SignList from './SignList.vue'
import { useSigns } from './use-signs.ts'

/** Why it failed, by what it shows: the likeliest causes, what to look at next, what to put right. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const session = useSession()
const { entered, answer } = useSigns()
const lens = computed(() => bench.assessment.value.lenses.diagnose)
const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const ranking = computed(() => outcome.value.ranking)
const rolls = computed(() => outcome.value.examined?.rolls ?? 'ball')
/** Where the leading cause lies in the handling: how it is done. */
const handling = computed(() =>
  ranking.value && ranking.value.verdict !== 'open' ? handlingOfCause(ranking.value.causes[0]?.cause ?? '') : [],
)
const beside = computed(() => outcome.value.beside)
const counted = computed(() => {
  if (!beside.value) return null
  const { by, findings } = beside.value
  const here = countedHere(findings)
  return by === 'plant' ? { large: countedByTrade, small: here } : { large: here, small: countedByTrade }
})
/** Types that are adjusted have an end play to be found. */
const adjusted = computed(() => bench.bearing.value && factsOf(bench.bearing.value.row.type).adjusted)
const unexplained = computed(() => (ranking.value?.unexplained ?? []).map(signLabel))
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <p v-if="!outcome.begun" class="quiet" data-test="nothing-yet">
        Paint where the elements ran, point at the parts, or say what was heard. Nothing is asked until something is
        seen.
      </p>
      <template v-if="ranking">
        <CauseList :ranking="ranking" :labels="outcome.signLabels" :beside="beside" />
        <p v-if="beside && counted" class="quiet" data-test="own-causes">
          Large: {{ counted.large }}. Small: {{ counted.small }}.
          <button v-if="session.mayPlan" type="button" class="link" @click="bench.goBy({ causes: beside.by })">
            go by the small ones
          </button>
        </p>
        <p v-if="unexplained.length" class="quiet" data-test="unexplained">
          The first does not explain: {{ unexplained.join(', ') }}. A second cause may be at work.
        </p>
        <NextLooks :ranking="ranking" :rolls="rolls" @answer="answer" />
        <PutRight
          v-if="ranking.verdict !== 'open' && ranking.causes[0]"
          v-model="bench.inputs.value.diagnose.putRight"
          :cause="ranking.causes[0]"
          @field="emit('field', $event)"
        />
      </template>
      <HandlingList v-if="ranking && handling.length" :keys="handling" />
      <section aria-label="What was seen">
        <h2 v-if="outcome.begun">What counts</h2>
        <SignList />
        <SignSearch
          label="Add what was seen, felt or heard"
          input-id="field-sign"
          test="diagnose.seen"
          :entered="entered"
          :examined="outcome.examined"
          @take="answer($event, true)"
        />
      </section>
      <QuantityField v-if="adjusted" path="diagnose.endPlayFoundMm" />
    </template>
    <template #figures>
      <FigureLine
        v-if="lens.figures['cause']"
        name="cause"
        :figure="lens.figures['cause']"
        @working="emit('working', $event)"
      />
    </template>
  </LensSheet>
</template>

<style scoped>
section {
  display: grid;
  gap: 6px;
}
</style>
