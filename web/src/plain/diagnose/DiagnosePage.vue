<script setup lang="ts">
import { plainSignLabels } from '@yardfrost/core'
import { computed } from 'vue'
import CauseList from '../../bench/diagnose/CauseList.vue'
import PutRight from '../../bench/diagnose/PutRight.vue'
import PlainSign from '../../drawing/signs/PlainSign.vue'
import { usePlainSigns } from './use-plain-signs.ts'

/** The likeliest causes with their reasons, what to look at next, and what to put right. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const { bench, seen, notSeen, answer } = usePlainSigns()
const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const marks = computed(() => [
  ...seen.value.map((sign) => ({ sign, word: 'seen' })),
  ...notSeen.value.map((sign) => ({ sign, word: 'not there' })),
])
const cannotBe = (sign: string) => outcome.value.impossible.find((one) => one.sign === sign)?.why ?? null
const most = 3
const questions = computed(() => outcome.value.ranking?.nextQuestions.slice(0, most) ?? [])
const putRight = computed({
  get: () => bench.inputs.value.diagnose.putRight,
  set: (next) => bench.setAt('diagnose.putRight', next),
})
</script>

<template>
  <p v-if="!outcome.begun" class="quiet" data-test="diagnose.seen">
    Press on the left what you see on bearing, journal and oil. Every press ranks the causes anew.
  </p>
  <template v-if="outcome.ranking">
    <CauseList :ranking="outcome.ranking" :labels="plainSignLabels" />
    <p v-if="outcome.facts.length" class="quiet" data-test="facts">
      Known of it: {{ outcome.facts.map(({ label }) => label.toLowerCase()).join('; ') }}.
    </p>
    <section v-if="questions.length" aria-label="Look next" data-test="questions">
      <h2>Look next</h2>
      <div v-for="{ sign, question } in questions" :key="sign" class="look">
        <PlainSign :sign="sign" :size="46" />
        <p>{{ question }}</p>
        <button type="button" :data-yes="sign" @click="answer(sign, true)">yes</button>
        <button type="button" :data-no="sign" @click="answer(sign, false)">no</button>
      </div>
    </section>
  </template>
  <ul v-if="marks.length" class="marks" data-test="marks">
    <li v-for="{ sign, word } in marks" :key="sign">
      <span class="word">{{ word }}</span>
      <span :class="{ quiet: cannotBe(sign) }">
        {{ plainSignLabels[sign] ?? sign
        }}<template v-if="cannotBe(sign)">: {{ cannotBe(sign) }}; it does not count</template>
      </span>
      <button type="button" class="link" @click="answer(sign, null)">take out</button>
    </li>
  </ul>
  <PutRight
    v-if="outcome.ranking?.causes[0] && outcome.ranking.verdict !== 'open'"
    v-model="putRight"
    :cause="outcome.ranking.causes[0]"
    @field="emit('field', $event)"
  />
</template>

<style scoped>
.look {
  display: grid;
  grid-template-columns: 46px 1fr auto auto;
  align-items: center;
  gap: 8px;
  padding: 6px 0;
}

.look button {
  min-width: 48px;
  min-height: 44px;
  border: 1px solid var(--ink-2);
  border-radius: 5px;
  background: var(--sheet);
  font-weight: 650;
  cursor: pointer;
}

.marks {
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
  width: 66px;
  color: var(--ink-2);
  font-size: 14px;
}
</style>
