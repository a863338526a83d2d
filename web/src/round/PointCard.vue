<script setup lang="ts">
import type { PlantPoint, RoundSummary } from '@yardfrost/contract'
import { isOverdue, oftenSaid, pointPlan } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import { useSession } from '../shell/session.ts'
import { shownDay } from '../shell/shown-time.ts'
import { useAsking } from '../shell/use-asking.ts'
import PointForm from './PointForm.vue'
import MeterForm from './MeterForm.vue'
import PointPast from './PointPast.vue'
import { today } from '../shell/today.ts'
import { pointKindWords, pointName } from './words.ts'

/** One point: how much and how often, why it is due, and what people settle for it. */
const {
  point,
  making,
  taken,
  rounds = [],
} = defineProps<{
  point: PlantPoint
  making: boolean
  taken: boolean
  /** Rounds that are open: it may be put on one of them. */
  rounds?: readonly RoundSummary[]
}>()
const emit = defineEmits<{ take: [taken: boolean]; saved: [] }>()
const format = useFormat()
const session = useSession()
const settling = ref(false)
const past = ref(false)
const metering = ref(false)

const onto = ref<string | null>(null)
const { trouble, asking } = useAsking()
/** Puts it on a round that is under way; one that has it already keeps it once. */
const putOn = (round: RoundSummary) =>
  asking(async () => {
    const { version } = await api.round(round.id)
    await api.saveRound(round.id, { version, add: [point.id] })
    onto.value = round.id
  })

const plan = computed(() => pointPlan(point.kind, point.work, point.own))
const quantity = computed(() => {
  const { quantityG, strokes } = plan.value
  if (quantityG === null) return null
  const grams = format.inline({ kind: 'number', number: quantityG }, 'gunStroke')
  return strokes === null ? grams : `${strokes} strokes, ${grams}`
})
/** Why it stands where it stands, in one sentence. */
const due = computed(() => {
  const { lastDone, dueOn, earlyOn, lateOn, movedTo } = point
  if (lastDone === null) return 'Nobody has said when it was last done: it is due now.'
  if (dueOn === null) return `Last done ${shownDay(lastDone)}. Its machine stands: it comes due when it runs again.`
  const tolerance =
    earlyOn && lateOn && earlyOn !== lateOn ? `, from ${shownDay(earlyOn)} to ${shownDay(lateOn)} is as good` : ''
  const moved = movedTo ? ` Moved to ${shownDay(movedTo)}.` : ''
  return `Last done ${shownDay(lastDone)}, due ${shownDay(dueOn)}${tolerance}.${moved}`
})
</script>

<template>
  <article class="point" :data-point="`${point.machine.tag} ${point.position.name} ${point.kind}`">
    <header>
      <h3>{{ pointName(point) }}</h3>
      <p class="quiet">
        {{ pointKindWords[point.kind] }}{{ point.work.designation ? `, ${point.work.designation}` : '' }}
      </p>
    </header>
    <p v-if="quantity" class="amount">{{ quantity }}</p>
    <p>{{ format.sentence(oftenSaid(plan)) }}</p>
    <p v-if="plan.usualH !== null" class="quiet">
      Worked out: {{ format.inline({ kind: 'number', number: plan.usualH }, 'duration', { figures: 2 }) }}.
    </p>
    <p :class="{ late: isOverdue(point, today()) }" data-test="due">{{ due }}</p>
    <p v-if="point.own.unreachable" class="late">Nobody can reach it: {{ point.own.unreachable }}.</p>
    <p v-if="session.maySave" class="actions">
      <Button
        v-if="making"
        size="small"
        :variant="taken ? 'outlined' : undefined"
        :severity="taken ? 'secondary' : undefined"
        :label="taken ? 'Leave it out' : 'Take it along'"
        data-test="take"
        @click="emit('take', !taken)"
      />
      <button
        v-for="round in making ? [] : rounds.slice(0, 2)"
        :key="round.id"
        type="button"
        class="link"
        :data-onto="round.number"
        @click="putOn(round)"
      >
        {{ onto === round.id ? `On round ${round.number}` : `Onto round ${round.number}` }}
      </button>
      <button type="button" class="link" data-test="settle" @click="settling = !settling">
        {{ settling ? 'Close' : 'Settle' }}
      </button>
      <button
        v-if="point.machine.hoursSource === 'meter'"
        type="button"
        class="link"
        data-test="meter-of"
        @click="metering = !metering"
      >
        Meter
      </button>
      <button type="button" class="link" data-test="past-of" @click="past = !past">Past</button>
      <RouterLink class="link" :to="{ name: 'position', params: { id: point.position.id, lens: 'grease' } }"
        >Bench</RouterLink
      >
      <RouterLink class="link" :to="{ name: 'labels', params: { id: point.machine.id } }">Labels</RouterLink>
    </p>
    <p v-if="trouble" class="late" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
    <MeterForm v-if="metering" :machine-id="point.machine.id" @saved="emit('saved')" />
    <PointPast v-if="past" :point-id="point.id" />
    <PointForm v-if="settling" :point="point" @saved="((settling = false), emit('saved'))" />
  </article>
</template>

<style scoped>
.point {
  display: grid;
  gap: 6px;
  padding-top: 10px;
  border-top: 1px solid var(--hair);
}

.point:first-child {
  padding-top: 0;
  border-top: none;
}

h3,
p {
  margin: 0;
}

h3 {
  font-size: 17px;
}

.amount {
  font-size: 24px;
  font-weight: 600;
}

.late {
  color: var(--ember-text);
}

.actions {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 16px;
  min-height: 44px;
}
</style>
