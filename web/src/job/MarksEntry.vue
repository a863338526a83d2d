<script setup lang="ts">
import {
  assessRolling,
  becauseWords,
  marksOf,
  marksText,
  nothingSeen,
  percentWords,
  type Part,
  type StepState,
} from '@yardfrost/core'
import type { RollingDetail } from '@yardfrost/contract'
import { computed, ref } from 'vue'
import { bearingParts } from '../damage/damage-words.ts'
import PartSigns from '../damage/PartSigns.vue'
import PartsRow from '../damage/PartsRow.vue'
import SignSearch from '../damage/SignSearch.vue'
import { catalogue, damage, signLabel, signNamed } from '../references.ts'

/** The marks on a bearing that came out, by the signs of Diagnose, and what they say together with what is known of the position. */
const { state, detail, disabled } = defineProps<{
  state: StepState['readings'][number]
  /** The position it came from; null while it is not there. */
  detail: RollingDetail | null
  disabled: boolean
}>()
const emit = defineEmits<{ read: [answer: { value: number | null; text: string | null; reason: string | null }] }>()

const marks = computed(() => marksOf(state.entry?.text ?? null))
const say = (signs: readonly string[]) => emit('read', { value: null, text: marksText(signs), reason: null })

const mostCauses = 3
/** What the marks say, as Diagnose would on the bench; what the bearing that came out can show is known before any. */
const outcome = computed(() => {
  if (!detail) return null
  const seen = marks.value.filter((sign) => signNamed(sign) !== null)
  const inputs = { ...detail.inputs, diagnose: { ...nothingSeen(), seen } }
  return assessRolling(inputs, detail.machine, catalogue, damage).outcomes.diagnose
})
const examined = computed(() => outcome.value?.examined ?? null)
const open = ref<Part | null>(null)
const answer = (sign: string, found: boolean | null) => {
  const rest = marks.value.filter((one) => one !== sign)
  say(found === true ? [...rest, sign] : rest)
}
const causes = computed(() => outcome.value?.ranking?.causes.slice(0, mostCauses) ?? [])
</script>

<template>
  <div class="reading" :data-reading="state.reading.key">
    <template v-if="!disabled">
      <PartSigns
        v-if="open"
        :part="open"
        :examined="examined"
        :seen="marks"
        :not-seen="null"
        @answer="answer"
        @close="open = null"
      />
      <PartsRow v-else :parts="bearingParts" :examined="examined" :seen="marks" @open="open = $event" />
    </template>
    <SignSearch
      v-if="!disabled"
      :label="`${state.reading.label}, if you can`"
      :input-id="`reading-${state.reading.key}`"
      :test="`reading.${state.reading.key}`"
      :entered="marks"
      :examined="examined"
      @take="say([...marks, $event])"
    />
    <ul v-if="marks.length" class="marks" data-test="job-marks">
      <li v-for="sign in marks" :key="sign">
        <span>{{ signLabel(sign) }}</span>
        <button
          v-if="!disabled"
          type="button"
          :aria-label="`Take out ${signLabel(sign)}`"
          @click="say(marks.filter((one) => one !== sign))"
        >
          take out
        </button>
      </li>
    </ul>
    <ol v-if="causes.length && outcome" class="causes" data-test="job-causes">
      <li v-for="one in causes" :key="one.cause">
        <strong>{{ percentWords(one.probability) }}</strong>
        <span>
          {{ one.title }}<br /><span class="quiet">{{ becauseWords(one, outcome.signLabels) }}</span>
        </span>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.reading {
  display: grid;
  gap: 8px;
  padding: 10px 0;
  border-top: 1px solid var(--hair);
}

.reading :deep(input) {
  min-height: 56px;
  font-size: 22px;
}

.marks,
.causes {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.marks li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  font-size: 19px;
}

.marks button {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--ink-2);
  border-radius: 6px;
  background: var(--sheet);
  color: inherit;
  cursor: pointer;
}

.causes li {
  display: grid;
  grid-template-columns: 64px 1fr;
  gap: 10px;
}

.causes strong {
  font-size: 22px;
}
</style>
