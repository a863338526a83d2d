<script setup lang="ts">
import { pointSteps, type RoundReading } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import { shownDay } from '../shell/shown-time.ts'
import PositionTrends from '../trend/PositionTrends.vue'
import ReadingInput from './ReadingInput.vue'
import type { PointInHand } from './use-round.ts'
import { reasonWords } from './words.ts'

/** Beside a point: readings, why so much and so often, and what to mind. */
const { shown, mayWrite } = defineProps<{ shown: PointInHand; mayWrite: boolean }>()
const emit = defineEmits<{ read: [what: RoundReading, value: number] }>()
const format = useFormat()
const guide = computed(() => pointSteps(shown.point.kind, shown.point.work, shown.point.own))
const read = (what: RoundReading) => shown.progress.readings[what] ?? null
const why = computed(() => {
  const { intervalH, quantityG, lastDone, work } = shown.point
  const often =
    intervalH === null ? null : format.inline({ kind: 'number', number: intervalH }, 'duration', { figures: 2 })
  return [
    often
      ? `Every ${often} of running, ${shown.point.why}.`
      : `${shown.point.why.charAt(0).toUpperCase()}${shown.point.why.slice(1)}.`,
    lastDone
      ? `Last done ${shownDay(lastDone)}: ${reasonWords[shown.point.reason]}.`
      : 'Nobody has said when it was last done.',
    quantityG !== null && work.lubricant ? `The grease is ${work.lubricant}.` : '',
  ].filter(Boolean)
})
</script>

<template>
  <aside class="side" aria-label="Readings and reasons">
    <section v-if="shown.point.kind !== 'oil-change'">
      <h2>Readings</h2>
      <fieldset class="readings" :disabled="!mayWrite">
        <ReadingInput
          id="read-before"
          title="Housing before"
          quantity="temperature"
          :value="read('before')"
          @read="emit('read', 'before', $event)"
        />
        <ReadingInput
          v-if="shown.point.kind === 'grease'"
          id="read-after"
          title="Half an hour after"
          quantity="temperature"
          :value="read('after')"
          @read="emit('read', 'after', $event)"
        />
        <ReadingInput
          id="read-vibration"
          title="Vibration, r.m.s."
          quantity="ratio"
          unit="mm/s"
          :value="read('vibration')"
          @read="emit('read', 'vibration', $event)"
        />
        <ReadingInput
          id="read-sound"
          title="Ultrasound"
          quantity="ratio"
          unit="dB"
          :value="read('sound')"
          @read="emit('read', 'sound', $event)"
        />
        <ReadingInput
          v-if="shown.point.machine.hoursSource === 'meter'"
          id="read-hours"
          title="Hour meter"
          quantity="duration"
          :value="read('hours')"
          @read="emit('read', 'hours', $event)"
        />
      </fieldset>
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
  grid-template-columns: 1fr 1fr;
  gap: 12px 14px;
  margin: 0;
  padding: 0;
  border: 0;
}

.readings :deep(input) {
  min-height: 56px;
  font-size: 28px;
}

.caution {
  padding: 12px;
  border: 1px solid var(--watch);
  border-radius: 6px;
}
</style>
