<script setup lang="ts">
import { reportedKey, reportedOf, type Reported } from '@yardfrost/core'
import { computed } from 'vue'
import { signLabel } from '../../references.ts'
import { shownDay } from '../../shell/shown-time.ts'
import { useBench } from '../use-bench.ts'
import { useSigns } from './use-signs.ts'

/** Everything that counts: what was painted, seen, looked for, and what rounds and readings told. */
const bench = useBench()
const { seen, notSeen, entered, answer } = useSigns()

const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const cannotBe = (sign: string) => outcome.value.impossible.find((one) => one.sign === sign)?.why ?? null
const marks = computed(() => [
  ...seen.value.map((sign) => ({ sign, word: 'seen' })),
  ...notSeen.value.map((sign) => ({ sign, word: 'not there' })),
])
/** What rounds and readings told, with its day; it counts until somebody strikes it out. */
const reported = computed(() => {
  const counts = new Set(reportedOf(bench.inputs.value, bench.machine.value).map(reportedKey))
  return (bench.machine.value.reported ?? [])
    .filter(({ sign }) => !entered.value.includes(sign))
    .map((one) => ({ one, counts: counts.has(reportedKey(one)), label: signLabel(one.sign) }))
})
function strike(one: Reported, out: boolean) {
  const { diagnose } = bench.inputs.value
  const rest = diagnose.struckOut.filter((key) => key !== reportedKey(one))
  diagnose.struckOut = out ? [...rest, reportedKey(one)] : rest
}
</script>

<template>
  <div>
    <ul v-if="reported.length" class="marks" aria-label="From rounds and readings" data-test="reported">
      <li v-for="{ one, counts, label } in reported" :key="one.sign" :data-reported="one.sign">
        <span class="word">{{ shownDay(one.day) }}</span>
        <span :class="{ struck: !counts }">{{ label }}, {{ one.from === 'round' ? 'on a round' : 'by readings' }}</span>
        <button
          type="button"
          :aria-label="`${counts ? 'Strike out' : 'Count again'} ${label}`"
          @click="strike(one, counts)"
        >
          {{ counts ? 'strike out' : 'count again' }}
        </button>
      </li>
    </ul>
    <ul v-if="outcome.painted.length" class="marks" aria-label="Painted" data-test="painted">
      <li v-for="{ sign, where } in outcome.painted" :key="sign" :data-painted="sign">
        <span class="word">painted</span>
        <span>{{ signLabel(sign) }}, {{ where }}</span>
      </li>
    </ul>
    <ul v-if="marks.length" class="marks" data-test="marks">
      <li v-for="{ sign, word } in marks" :key="sign">
        <span class="word">{{ word }}</span>
        <span :class="{ struck: cannotBe(sign) !== null }">
          {{ signLabel(sign) }}<template v-if="cannotBe(sign)">. {{ cannotBe(sign) }} It does not count.</template>
        </span>
        <button type="button" :aria-label="`Take out ${signLabel(sign)}`" @click="answer(sign, null)">take out</button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: baseline;
  gap: 10px;
  padding: 3px 0;
}

li span:nth-child(2) {
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
}
</style>
