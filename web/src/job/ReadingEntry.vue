<script setup lang="ts">
import {
  attempt,
  doubtOf,
  formatInput,
  InputError,
  isOutOfLimits,
  outReasons,
  outWords,
  parseQuantity,
  unitSymbol,
  type Beside,
  type StepState,
} from '@yardfrost/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { catalogue } from '../references.ts'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import { useSettings } from '../shell/settings.ts'

/** One reading of a step: large, with its limits beside it, judged as it is entered; out of limits it asks for a reason. */
const {
  state,
  disabled,
  beside = [],
} = defineProps<{
  state: StepState['readings'][number]
  disabled: boolean
  /** Other readings of the step: what does not go with them is asked about. */
  beside?: readonly Beside[]
}>()
const emit = defineEmits<{ read: [answer: { value: number | null; text: string | null; reason: string | null }] }>()

const settings = useSettings()
const format = useFormat()
const reading = computed(() => state.reading)
const inputId = computed(() => `reading-${reading.value.key.replace(/\W/g, '-')}`)
const kept = computed(() => {
  const { entry } = state
  if (!entry) return ''
  return entry.value === null ? (entry.text ?? '') : formatInput(entry.value, reading.value.quantity, settings.units)
})
const text = ref(kept.value)
watch(kept, (now) => (text.value = now))
const trouble = ref('')
/** What is asked before it is kept: it may be a slip. */
const doubt = ref<string | null>(null)

const shown = (value: number) =>
  format.inline({ kind: 'number', number: value }, reading.value.quantity, { decimals: reading.value.decimals })
const limits = computed(() => {
  const { low, high, expected, kind } = reading.value
  if (kind === 'text' || kind === 'designation') return expected === null ? '' : `should be ${expected}`
  if (low !== null && high !== null) {
    const { quantity, decimals } = reading.value
    return format.inline({ kind: 'range', from: low, to: high }, quantity, { decimals })
  }
  if (low !== null) return `at least ${shown(low)}`
  return high === null ? '' : `at most ${shown(high)}`
})

/** What is typed, read; null while it is empty or cannot be. */
function readText(): { value: number | null; text: string | null } | null {
  const typed = text.value.trim()
  trouble.value = ''
  doubt.value = null
  if (typed === '') return null
  if (reading.value.kind !== 'number') return { value: null, text: typed.slice(0, 120) }
  const { label, quantity } = reading.value
  const { value, refusal } = attempt(() => {
    const read = parseQuantity(typed, quantity, settings.units, label)
    if (read !== null && Math.abs(read) <= 1e6) return read
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: label,
      value: typed,
      allowed: 'a number',
      fix: 'Read it again.',
    })
  })
  if (!refusal) return { value, text: null }
  trouble.value = `${refusal.message}. ${refusal.fix}`
  return null
}

function take() {
  if (text.value === kept.value) return
  const answer = readText()
  if (!answer) return
  doubt.value = answer.value === null ? null : doubtOf(reading.value, answer.value, beside)
  // One out of limits is kept at once too: the reason may follow, and nothing is lost meanwhile.
  if (doubt.value === null) emit('read', { ...answer, reason: null })
}
/** A person says that it is so: it is kept, and judged like any other. */
function sure() {
  const answer = readText()
  if (answer) emit('read', { ...answer, reason: null })
}
function again() {
  doubt.value = null
  text.value = kept.value
  document.getElementById(inputId.value)?.focus()
}
const answerYes = (answer: string) => emit('read', { value: null, text: answer, reason: null })

const reason = ref('')
const needsReason = computed(() => state.isOut && !state.entry?.reason)
function giveReason() {
  const { entry } = state
  if (!entry || reason.value.trim() === '') return
  emit('read', { value: entry.value, text: entry.text, reason: reason.value.trim().slice(0, 300) })
  reason.value = ''
}
/** Judged while it is typed, before it is kept; null while what stands there cannot be read. */
const isOut = computed(() => {
  if (text.value === kept.value) return state.entry ? state.isOut : null
  const { value } = attempt(() =>
    reading.value.kind === 'number' ? parseQuantity(text.value, reading.value.quantity, settings.units, '') : null,
  )
  if (reading.value.kind !== 'number') return null
  return value === null ? null : isOutOfLimits(reading.value, { value, text: null }, catalogue)
})
</script>

<template>
  <div class="reading" :class="{ out: isOut === true }" :data-reading="reading.key">
    <div class="head">
      <label class="label" :for="inputId">{{ reading.label }}{{ reading.needed ? '' : ', if you can' }}</label>
      <span v-if="limits" class="limits">{{ limits }}</span>
    </div>
    <div v-if="reading.kind === 'yes'" class="yes" role="group" :aria-label="reading.label">
      <button
        v-for="answer in ['yes', 'no']"
        :key="answer"
        type="button"
        :disabled="disabled"
        :aria-pressed="state.entry?.text === answer"
        :data-answer="answer"
        @click="answerYes(answer)"
      >
        {{ answer }}
      </button>
    </div>
    <div v-else-if="reading.kind === 'ended'" class="yes ended" role="group" :aria-label="reading.label">
      <button
        v-for="one in outReasons"
        :key="one"
        type="button"
        :disabled="disabled"
        :aria-pressed="state.entry?.text === one"
        :data-answer="one"
        @click="answerYes(one)"
      >
        {{ outWords[one] }}
      </button>
    </div>
    <div v-else class="entry">
      <InputText
        :id="inputId"
        v-model="text"
        :inputmode="reading.kind === 'number' ? 'decimal' : 'text'"
        autocomplete="off"
        :disabled="disabled"
        :invalid="Boolean(trouble)"
        :data-test="`reading.${reading.key}`"
        @blur="take"
        @keydown.enter="take"
      />
      <span v-if="reading.kind === 'number'" class="unit">{{ unitSymbol(reading.quantity, settings.units) }}</span>
      <VerdictMark
        v-if="isOut !== null && !trouble && !doubt"
        :state="isOut ? (state.entry?.reason ? 'watch' : 'stop') : 'go'"
        :size="24"
      />
    </div>
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <div v-if="doubt" class="reason" role="alertdialog" aria-label="Is it so?" :data-test="`doubt.${reading.key}`">
      <p class="error" role="alert">{{ format.sentence(doubt) }}</p>
      <Button
        label="It is so"
        severity="secondary"
        variant="outlined"
        :data-test="`sure.${reading.key}`"
        @click="sure"
      />
      <Button label="Read it again" :data-test="`again.${reading.key}`" @click="again" />
    </div>
    <div v-else-if="needsReason && !trouble" class="reason">
      <p class="error" role="alert">Out of limits: read it again, put it right, or say why it stays.</p>
      <InputText v-model="reason" placeholder="Reason" autocomplete="off" :data-test="`reason.${reading.key}`" />
      <Button
        label="Keep it with this reason"
        :disabled="reason.trim() === ''"
        :data-test="`keep.${reading.key}`"
        @click="giveReason"
      />
    </div>
    <p v-else-if="state.isOut" class="quiet">Kept out of limits: {{ state.entry?.reason }}</p>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  gap: 4px;
  padding: 10px 0;
  border-top: 1px solid var(--hair);
}

.head {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}

.limits {
  font: 16px var(--label);
  color: var(--ink-2);
  white-space: nowrap;
}

.entry {
  display: grid;
  grid-template-columns: 1fr auto 28px;
  align-items: center;
  gap: 8px;
}

.entry :deep(input) {
  width: 100%;
  min-height: 56px;
  font-size: 28px;
}

.unit {
  color: var(--ink-2);
  font-size: 19px;
}

.yes {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.yes button {
  min-height: 56px;
  border: 1px solid var(--ink-2);
  border-radius: 6px;
  background: var(--sheet);
  font-size: 22px;
  cursor: pointer;
}

.yes [aria-pressed='true'] {
  border-color: var(--spruce);
  background: var(--spruce);
  color: var(--on-spruce);
}

.reason {
  display: grid;
  gap: 8px;
}

.reason :deep(input) {
  min-height: 48px;
  font-size: 19px;
}
</style>
