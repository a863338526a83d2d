<script setup lang="ts">
import { becauseWords, percentWords, reportedKey, reportedOf, type Reported } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import SignSearch from '../../damage/SignSearch.vue'
import LensSheet from '../LensSheet.vue'
import { damage } from '../../references.ts'
import { shownDay } from '../../shell/shown-time.ts'
import PositionTrends from '../../trend/PositionTrends.vue'
import { useBench } from '../use-bench.ts'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.diagnose)
const figures = computed(() => lens.value.figures)

const byName = new Map(damage.signs.map((sign) => [sign.sign, sign]))
const entered = computed(() => [...bench.inputs.value.diagnose.seen, ...bench.inputs.value.diagnose.notSeen])
function answer(sign: string, seen: boolean) {
  const { diagnose } = bench.inputs.value
  forget(sign)
  if (seen) diagnose.seen.push(sign)
  else diagnose.notSeen.push(sign)
}
function forget(sign: string) {
  const { diagnose } = bench.inputs.value
  diagnose.seen = diagnose.seen.filter((one) => one !== sign)
  diagnose.notSeen = diagnose.notSeen.filter((one) => one !== sign)
}
const marks = computed(() => {
  const { seen, notSeen } = bench.inputs.value.diagnose
  return [...seen.map((sign) => ({ sign, seen: true })), ...notSeen.map((sign) => ({ sign, seen: false }))]
})
/** What rounds and readings told, with its day; it counts until somebody strikes it out. */
const reported = computed(() => {
  const { inputs, machine } = { inputs: bench.inputs.value, machine: bench.machine.value }
  const counts = new Set(reportedOf(inputs, machine).map(reportedKey))
  return (machine.reported ?? [])
    .filter(({ sign }) => !entered.value.includes(sign))
    .map((one) => ({ one, counts: counts.has(reportedKey(one)), label: byName.get(one.sign)?.label ?? one.sign }))
})
function strike(one: Reported, out: boolean) {
  const { diagnose } = bench.inputs.value
  const rest = diagnose.struckOut.filter((key) => key !== reportedKey(one))
  diagnose.struckOut = out ? [...rest, reportedKey(one)] : rest
}
const ranking = computed(() => bench.assessment.value.outcomes.diagnose.ranking)
/** Causes that are shown, and questions that are asked, the likeliest and most telling first. */
const [mostCauses, mostQuestions] = [5, 3]
const ranked = computed(() => ranking.value?.causes.slice(0, mostCauses) ?? [])
const questions = computed(() => ranking.value?.nextQuestions.slice(0, mostQuestions) ?? [])
const frequencies = ['bpfo', 'bpfi', 'bsf', 'ftf']
</script>

<template>
  <LensSheet :lens="lens" question="What do the marks say?" @field="emit('field', $event)">
    <template #inputs>
      <SignSearch
        label="Add what was seen, felt or heard"
        input-id="field-sign"
        test="diagnose.seen"
        :entered="entered"
        @take="answer($event, true)"
      />
      <ul v-if="reported.length" class="marks" aria-label="From rounds and readings" data-test="reported">
        <li v-for="{ one, counts, label } in reported" :key="one.sign" :data-reported="one.sign">
          <span class="word">{{ shownDay(one.day) }}</span>
          <span :class="{ struck: !counts }"
            >{{ label }}, {{ one.from === 'round' ? 'on a round' : 'by readings' }}</span
          >
          <button
            type="button"
            :aria-label="`${counts ? 'Strike out' : 'Count again'} ${label}`"
            @click="strike(one, counts)"
          >
            {{ counts ? 'strike out' : 'count again' }}
          </button>
        </li>
      </ul>
      <ul v-if="marks.length" class="marks" data-test="marks">
        <li v-for="{ sign, seen } in marks" :key="sign">
          <span class="word">{{ seen ? 'seen' : 'not seen' }}</span>
          <span>{{ byName.get(sign)?.label ?? sign }}</span>
          <button type="button" :aria-label="`Take out ${byName.get(sign)?.label ?? sign}`" @click="forget(sign)">
            take out
          </button>
        </li>
      </ul>
      <div v-if="questions.length" class="questions" data-test="questions">
        <p class="label">Ask next, what tells most first</p>
        <p v-for="{ question, sign } in questions" :key="sign">
          <span>{{ question }}</span>
          <button type="button" :data-yes="sign" @click="answer(sign, true)">yes</button>
          <button type="button" :data-no="sign" @click="answer(sign, false)">no</button>
        </p>
      </div>
    </template>
    <template #figures>
      <FigureLine
        v-if="!bench.assessment.value.outcomes.diagnose.begun"
        name="cause"
        :figure="figures['cause']!"
        @working="emit('working', $event)"
      />
      <ol v-else class="causes" data-test="causes">
        <li v-for="one in ranked" :key="one.cause">
          <strong>{{ percentWords(one.probability) }}</strong>
          <span
            >{{ one.title }}<br /><span class="quiet">{{
              becauseWords(one, bench.assessment.value.outcomes.diagnose.signLabels)
            }}</span></span
          >
        </li>
      </ol>
      <PositionTrends :position-id="bench.id" />
      <template v-for="name in frequencies" :key="name">
        <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]!" @working="emit('working', $event)" />
      </template>
    </template>
  </LensSheet>
</template>

<style scoped>
.add,
.add :deep(input) {
  width: 100%;
  font-size: 17px;
}

ul,
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

.marks li,
.questions p {
  display: flex;
  align-items: baseline;
  gap: 10px;
  padding: 3px 0;
}

.marks li span:nth-child(2),
.questions p span {
  flex: 1;
}

.word {
  width: 62px;
  color: var(--ink-2);
  font-size: 14px;
}

button {
  padding: 3px 10px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  cursor: pointer;
}

.struck {
  color: var(--ink-2);
  text-decoration: line-through;
}

.causes li {
  display: grid;
  grid-template-columns: 96px 1fr;
  gap: 10px;
  padding: 5px 0;
}

.causes strong {
  font-size: 17px;
  white-space: nowrap;
}

.causes li:first-child strong {
  font-size: 34px;
  line-height: 1;
}
</style>
