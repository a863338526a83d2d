<script setup lang="ts">
import {
  arrivalQuestions,
  attempt,
  formatInput,
  InputError,
  parseQuantity,
  unitSymbol,
  type ArrivalQuestion,
  type Found,
} from '@yardfrost/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onBeforeUnmount, watchEffect } from 'vue'
import CheckLine from '../figures/CheckLine.vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import DocumentNotices from '../shell/DocumentNotices.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import { useSettings } from '../shell/settings.ts'
import ShaftConflict from './ShaftConflict.vue'
import { openShaft } from './use-shaft.ts'

/** What to ask and look at when others have worked on the machine: answered at the machine, in gloves. */
const { id } = defineProps<{ id: string }>()
const shaft = openShaft(id)
const page = usePageState()
const settings = useSettings()
const format = useFormat()

const { failure, load } = useLoading(shaft.load)

const line = computed(() => shaft.line.value)
const questions = computed(() =>
  shaft.whole.value ? arrivalQuestions(shaft.whole.value.line, shaft.whole.value.positions) : [],
)
/** The machine first, then end by end. */
const groups = computed(() => {
  const names = [...new Set(questions.value.map(({ position }) => position))]
  return names.map((position) => ({ position, asked: questions.value.filter((one) => one.position === position) }))
})
const foundOf = ({ key }: ArrivalQuestion): Found | undefined => line.value?.arrival[key]
const answered = computed(() => questions.value.filter((question) => foundOf(question)?.answer).length)
const checkOf = ({ key }: ArrivalQuestion) => shaft.arrived.value.find(({ question }) => question === key)
const stops = computed(() => shaft.arrived.value.filter(({ verdict }) => verdict === 'stop').length)

function put({ key }: ArrivalQuestion, changes: Partial<Found>) {
  if (!line.value) return
  const { [key]: before, ...others } = line.value.arrival
  const next: Found = { answer: '', note: '', valueMm: null, ...before, ...changes }
  const empty = next.answer === '' && next.note === '' && next.valueMm === null
  shaft.changeLine({ arrival: empty ? others : { ...others, [key]: next } })
}
/** The same answer pressed again is taken back. */
function answer(question: ArrivalQuestion, value: string) {
  put(question, { answer: foundOf(question)?.answer === value ? '' : value })
}

function measure(question: ArrivalQuestion, text: string) {
  const name = question.measures ?? ''
  const { value, refusal } = attempt(() => {
    const mm = parseQuantity(text, 'length', settings.units, name)
    if (mm === null || (mm >= 0 && mm <= 100)) return { mm }
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: name,
      value: text,
      allowed: `from 0 to ${format.inline({ kind: 'number', number: 100 }, 'length', { decimals: 0 })}`,
      fix: 'Measure it again.',
    })
  })
  if (refusal) shaft.unreadable.set(question.key, `${refusal.message}.`)
  else {
    shaft.unreadable.delete(question.key)
    put(question, { valueMm: value.mm })
  }
}
const measuredText = (question: ArrivalQuestion) => {
  const mm = foundOf(question)?.valueMm ?? null
  return mm === null ? '' : formatInput(mm, 'length', settings.units)
}

/** Everything to ask again: another visit, other hands in between. */
function startAgain() {
  shaft.changeLine({ arrival: {} })
}

watchEffect(() => {
  const now = shaft.detail.value
  page.crumbs = now
    ? [
        { label: `${now.machine.tag} ${now.machine.name}`, to: { name: 'machine', params: { id } } },
        { label: 'As-found inspection' },
      ]
    : [{ label: 'Yard', to: { name: 'yard' } }]
  page.saving = now && line.value ? shaft.saving.value : null
})
onBeforeUnmount(() => {
  page.saving = null
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="shaft.detail.value && !line" class="arrival">
    <h1>Draw the shaft first.</h1>
    <p>
      The list asks of each end what it is to do: hold the shaft or let it grow. Four sizes are enough to say which end
      is which. <RouterLink :to="{ name: 'shaft', params: { id } }">To the shaft line</RouterLink>
    </p>
  </div>
  <div v-else-if="line">
    <DocumentNotices :document="shaft" what="list" conflicts>
      <ShaftConflict />
    </DocumentNotices>
    <section class="arrival" aria-label="As-found inspection">
      <header>
        <div>
          <h1>What have others left in it?</h1>
          <p class="quiet">Ask and look before you balance, align or run it hot.</p>
        </div>
        <p class="count" role="status" data-test="arrival-count">
          <strong>{{ answered }}</strong> of {{ questions.length }} answered<template v-if="shaft.arrived.value.length"
            >,
            <span class="findings"
              ><VerdictMark :state="stops > 0 ? 'stop' : 'watch'" />
              {{ stops > 0 ? `${stops} to stop for` : 'some to watch' }}</span
            ></template
          >
        </p>
        <Button
          v-if="answered > 0"
          label="Start again"
          size="small"
          severity="secondary"
          variant="outlined"
          data-test="arrival-again"
          @click="startAgain"
        />
      </header>
      <p class="caution">
        Lock out and prove dead before a cover comes off or the shaft is pushed. Site rules and the maker’s manual come
        first.
      </p>
      <section v-for="{ position, asked } in groups" :key="position ?? ''" :aria-label="position ?? 'The machine'">
        <h2>{{ position ?? 'The machine' }}</h2>
        <div v-for="question in asked" :key="question.key" class="question" :data-question="question.key">
          <div>
            <p class="ask">{{ question.ask }}</p>
            <p class="quiet">{{ question.why }}</p>
          </div>
          <div>
            <div class="answers" role="group" :aria-label="question.ask">
              <button
                v-for="option in question.answers"
                :key="option.value"
                type="button"
                :aria-pressed="foundOf(question)?.answer === option.value"
                :data-answer="option.value"
                @click="answer(question, option.value)"
              >
                {{ option.label }}
              </button>
            </div>
            <div class="more">
              <label v-if="question.measures" class="measure">
                <span class="label">{{ question.measures }}, {{ unitSymbol('length', settings.units) }}</span>
                <InputText
                  :model-value="measuredText(question)"
                  inputmode="decimal"
                  autocomplete="off"
                  :invalid="shaft.unreadable.has(question.key)"
                  :data-test="`measure-${question.key}`"
                  @change="measure(question, ($event.target as HTMLInputElement).value)"
                />
              </label>
              <label class="note">
                <span class="label">Note</span>
                <InputText
                  :model-value="foundOf(question)?.note ?? ''"
                  maxlength="300"
                  autocomplete="off"
                  @update:model-value="put(question, { note: $event ?? '' })"
                />
              </label>
            </div>
            <p v-if="shaft.unreadable.get(question.key)" class="error" role="alert">
              {{ shaft.unreadable.get(question.key) }}
            </p>
            <CheckLine v-if="checkOf(question)" :check="checkOf(question)!" />
          </div>
        </div>
      </section>
    </section>
  </div>
</template>

<style scoped>
.arrival {
  display: grid;
  gap: 14px;
  max-width: 1080px;
  padding: 20px 24px 48px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 12px 24px;
}

.count strong {
  font-size: 34px;
  line-height: 1;
}

.findings {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}

.caution {
  color: var(--watch);
}

.question {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 10px 28px;
  padding: 14px 0;
  border-top: 1px solid var(--hair);
}

.ask {
  font-size: 19px;
  font-weight: 650;
}

.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.answers button {
  min-height: 56px;
  min-width: 64px;
  padding: 6px 16px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  background: var(--sheet);
  font-size: 17px;
  cursor: pointer;
}

.answers [aria-pressed='true'] {
  border-color: var(--spruce);
  background: var(--spruce);
  color: var(--on-spruce);
}

.more {
  display: flex;
  gap: 20px;
  padding: 8px 0;
}

.measure {
  width: 130px;
}

.note {
  flex: 1;
}

.more input {
  width: 100%;
  font-size: 17px;
}

@media (max-width: 760px) {
  .question {
    grid-template-columns: 1fr;
  }
}
</style>
