<script setup lang="ts">
import { oftenSaid, pointSteps, RoundReadings, type RoundReading } from '@yardfrost/core'
import { computed, reactive, watch } from 'vue'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import QuantityField from '../form/QuantityField.vue'
import ThingForm from '../form/ThingForm.vue'
import VerdictMark from '../figures/VerdictMark.vue'
import { useAsking } from '../shell/use-asking.ts'
import { shownDay } from '../shell/shown-time.ts'
import PositionTrends from '../trend/PositionTrends.vue'
import type { PointInHand } from './use-round.ts'
import { reasonWords } from './words.ts'

/** Beside a point: readings, why so much and so often, and what to mind. */
const { shown, mayWrite } = defineProps<{ shown: PointInHand; mayWrite: boolean }>()
const emit = defineEmits<{ read: [what: RoundReading, value: number] }>()
const format = useFormat()
const guide = computed(() => pointSteps(shown.point.kind, shown.point.work, shown.point.own))
/** What is read here: a bearing that is greased is felt again, a machine with an hour meter tells its hours. */
const asked = computed((): RoundReading[] => [
  ...(shown.point.kind === 'oil-level' ? (['level'] as const) : []),
  'before',
  ...(shown.point.kind === 'grease' ? (['after'] as const) : []),
  'vibration',
  'sound',
  ...(shown.point.kind === 'grease' ? (['soundAfter'] as const) : []),
  ...(shown.point.machine.hoursSource === 'meter' ? (['hours'] as const) : []),
])
const known = (): RoundReadings => ({ ...RoundReadings.parse({}), ...shown.progress.readings })
/** As it is typed; it is read once the field is left. */
const typed = reactive(known())
const unreadable = reactive(new Map<string, string>())
watch(
  () => shown.progress.readings,
  () => Object.assign(typed, known()),
)
function keep() {
  for (const what of asked.value) {
    const value = typed[what]
    if (value !== null && value !== shown.progress.readings[what]) emit('read', what, value)
  }
  // A reading is put right by another one; an emptied field does not take it back.
  Object.assign(typed, known())
}
/** What each of them is read with; an hour meter is looked at. */
const probes: Partial<Record<RoundReading, 'vibration' | 'sound' | 'temperature'>> = {
  before: 'temperature',
  after: 'temperature',
  vibration: 'vibration',
  sound: 'sound',
  soundAfter: 'sound',
}
const { trouble, asking } = useAsking()
const sense = (what: RoundReading, probe: NonNullable<(typeof probes)[RoundReading]>) =>
  asking(async () => {
    const { value } = await api.senseHousing({ positionId: shown.point.position.id, what: probe })
    emit('read', what, value)
  })
const why = computed(() => {
  const { lastDone, work, reason } = shown.point
  return [
    format.sentence(oftenSaid(shown.plan)),
    lastDone ? `Last done ${shownDay(lastDone)}: ${reasonWords[reason]}.` : 'Nobody has said when it was last done.',
    shown.plan.quantityG !== null && work.lubricant ? `The grease is ${work.lubricant}.` : '',
  ].filter(Boolean)
})
</script>

<template>
  <aside class="side" aria-label="Readings and reasons">
    <section v-if="shown.point.kind !== 'oil-change'">
      <h2>Readings</h2>
      <ThingForm
        :schema="RoundReadings"
        :value="typed"
        path="read"
        :unreadable="unreadable"
        @change="Object.assign(typed, $event)"
      >
        <fieldset class="readings" :disabled="!mayWrite" @focusout="keep" @keydown.enter="keep">
          <div v-for="what in asked" :key="what" class="reading">
            <QuantityField :path="what" />
            <button
              v-if="mayWrite && probes[what]"
              type="button"
              class="probe"
              :aria-label="`Read it with the instrument: ${RoundReadings.shape[what].meta()?.title}`"
              :data-probe="what"
              @click="sense(what, probes[what]!)"
            >
              Read
            </button>
          </div>
        </fieldset>
      </ThingForm>
      <p v-if="trouble" class="stop-text" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
    </section>
    <PositionTrends :key="shown.point.position.id" :position-id="shown.point.position.id" />
    <section>
      <h2>Why</h2>
      <p v-for="line in why" :key="line">{{ line }}</p>
    </section>
    <section class="caution" data-test="caution">
      <VerdictMark state="watch" />
      <p v-for="line in guide.cautions" :key="line">{{ line }}</p>
    </section>
  </aside>
</template>

<style scoped>
.side {
  display: grid;
  align-content: start;
  gap: 20px;
  padding: 18px;
  overflow-y: auto;
  border-left: 1px solid var(--hair);
}

h2 {
  margin: 0 0 8px;
  font-size: 18px;
}

p {
  margin: 0 0 6px;
}

.readings {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  border: 0;
}

.reading {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: end;
  gap: 8px;
}

.readings :deep(input) {
  min-height: 56px;
  font-size: 28px;
}

.probe {
  min-width: 72px;
  min-height: 56px;
  border: 1px solid var(--ink-2);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-weight: 600;
  cursor: pointer;
}

.caution {
  padding: 12px;
  border: 1px solid var(--watch);
  border-radius: 6px;
}
</style>
