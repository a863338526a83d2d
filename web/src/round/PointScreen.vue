<script setup lang="ts">
import type { RoundGun } from '@yardfrost/contract'
import {
  gunCheck,
  oilInBath,
  pointSteps,
  purged,
  skipReasons,
  strokesFor,
  type Noticed,
  type Purged,
  type SkipReason,
} from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import PhotoStrip from '../field/PhotoStrip.vue'
import VerdictMark from '../figures/VerdictMark.vue'
import { shownTime } from '../shell/shown-time.ts'
import BigChoice from './BigChoice.vue'
import PointNotes from './PointNotes.vue'
import PointWhat from './PointWhat.vue'
import type { PointInHand } from './use-round.ts'
import { besides, cameWords, skipWords } from './words.ts'

/** One point: how many strokes of which gun, where, in what order, what came out, and whether it was done. */
const { shown, guns, mayWrite, gun, photos, take } = defineProps<{
  shown: PointInHand
  guns: readonly RoundGun[]
  /** Name of the gun in hand. */
  gun: string
  mayWrite: boolean
  /** Address the photographs of the round lie under, and how another is taken. */
  photos: string
  take: (file: File) => Promise<void>
}>()
interface DoneThere {
  strokes: number | null
  gun: string
  gramsPerStroke: number | null
  came: Purged | null
  noticed: Noticed[]
  note: string
}
const emit = defineEmits<{
  gun: [name: string]
  done: [made: DoneThere]
  skipped: [made: { reason: SkipReason; noticed: Noticed[]; note: string }]
  undone: []
}>()
const format = useFormat()

const point = computed(() => shown.point)
const isGrease = computed(() => point.value.kind === 'grease')
const inHand = computed(() => guns.find(({ name }) => name === gun) ?? null)
const gramsPerStroke = computed(() => inHand.value?.gramsPerStroke ?? point.value.work.gun?.gramsPerStroke ?? null)
/** Strokes of the gun in hand; every gun gives another number. */
const strokes = computed(() => {
  const { quantityG } = shown.plan
  return quantityG === null || gramsPerStroke.value === null ? null : strokesFor(quantityG, gramsPerStroke.value)
})
const wrong = computed(() =>
  isGrease.value && inHand.value ? gunCheck(point.value.work.thickener, inHand.value) : null,
)
/** A bath is drawn to scale, with the oil where it was read. */
const oil = computed(() => {
  const { bath } = point.value.work
  if (!bath || point.value.kind !== 'oil-level') return null
  return { bath, ...oilInBath(bath, shown.progress.readings.level ?? null) }
})
const guide = computed(() => pointSteps(point.value.kind, point.value.work, point.value.own))

const came = ref<Purged | null>(null)
const noticed = ref<Noticed[]>([])
const asking = ref<'number' | 'skip' | 'notes' | null>(null)
/** Where nothing is given, what is seen is all there is to say. */
const notesOpen = computed(() => asking.value === 'notes' || (!isGrease.value && asking.value === null))
const another = ref(0)
const note = ref('')
watch(
  () => point.value.id,
  () => {
    came.value = null
    noticed.value = []
    asking.value = null
    note.value = ''
  },
)
function askNumber() {
  another.value = strokes.value ?? 1
  asking.value = asking.value === 'number' ? null : 'number'
}
function done(count: number | null) {
  asking.value = null
  emit('done', {
    strokes: count,
    gun: inHand.value?.name ?? '',
    gramsPerStroke: isGrease.value ? gramsPerStroke.value : null,
    came: isGrease.value ? came.value : null,
    noticed: noticed.value,
    note: note.value.trim(),
  })
}
function skip(reason: SkipReason) {
  asking.value = null
  emit('skipped', { reason, noticed: noticed.value, note: note.value.trim() })
}
const seenLabel = computed(() => (noticed.value.length > 0 ? `Seen: ${noticed.value.length}` : 'Also seen'))
const doneLabel = computed(() => (strokes.value === null ? 'Done' : `Done, ${strokes.value} strokes`))
const told = computed(() => {
  const { state, strokes: given, reason, by, at, came: out } = shown.progress
  const rest = besides(shown.progress)
  const who = at === null ? '' : `${by}, ${shownTime(at)}`
  if (state === 'skipped') return `Not done: ${reason ? skipWords[reason].toLowerCase() : ''}${rest}. ${who}.`
  return `Done${given === null ? '' : `, ${given} strokes`}${out ? `; ${cameWords[out]} came out` : ''}${rest}. ${who}.`
})
</script>

<template>
  <section class="screen" :aria-label="`${point.machine.tag} ${point.position.name}`" :data-point="point.id">
    <header>
      <h1>{{ point.machine.tag }} {{ point.machine.name }}, {{ point.position.name.toLowerCase() }}</h1>
      <p class="quiet">
        {{ point.work.designation }}{{ point.own.access ? ` · ${point.own.access}` : '' }}
        <template v-if="point.work.speedRpm">
          · {{ format.inline({ kind: 'number', number: point.work.speedRpm }, 'speed') }}</template
        >
      </p>
    </header>

    <PointWhat
      :shown="shown"
      :guns="guns"
      :gun="gun"
      :in-hand="inHand !== null"
      :strokes="strokes"
      :oil="oil"
      @gun="emit('gun', $event)"
    />

    <p v-if="wrong" class="wrong" role="alert" data-test="wrong-gun">
      <VerdictMark state="stop" word /> {{ wrong.reason }} {{ wrong.wayOut }}
    </p>
    <p v-else-if="oil && oil.state !== 'go'" class="wrong" :class="oil.state" role="alert" data-test="oil-off">
      <VerdictMark :state="oil.state" word /> {{ format.sentence(oil.reason) }} {{ oil.wayOut }}
    </p>
    <ol v-else class="steps">
      <li v-for="line in guide.steps" :key="line">{{ line }}</li>
    </ol>

    <template v-if="shown.progress.state !== 'open'">
      <p class="told" data-test="told">
        <VerdictMark :state="shown.progress.state === 'done' ? 'go' : 'watch'" /> {{ told }}
      </p>
      <PhotoStrip :photos="shown.progress.photos" :folder="photos" />
      <p v-if="mayWrite">
        <Button
          class="big plain"
          label="Take it back"
          severity="secondary"
          variant="outlined"
          data-test="undo-point"
          @click="emit('undone')"
        />
      </p>
    </template>
    <template v-else-if="mayWrite">
      <fieldset v-if="isGrease && !wrong && asking !== 'skip'" class="choices">
        <legend class="label">What came out</legend>
        <BigChoice
          v-for="one in purged"
          :key="one"
          :on="came === one"
          :data-came="one"
          @click="came = came === one ? null : one"
        >
          {{ cameWords[one] }}
        </BigChoice>
      </fieldset>
      <div class="ends">
        <Button
          class="big done"
          :label="doneLabel"
          :disabled="wrong !== null"
          data-test="point-done"
          @click="done(strokes)"
        />
        <Button
          v-if="isGrease"
          class="big plain"
          label="Another number"
          severity="secondary"
          variant="outlined"
          :disabled="wrong !== null"
          data-test="another"
          @click="askNumber"
        />
        <Button
          class="big plain"
          label="Not done"
          severity="secondary"
          variant="outlined"
          data-test="not-done"
          @click="asking = asking === 'skip' ? null : 'skip'"
        />
        <Button
          v-if="isGrease"
          class="big plain"
          :label="seenLabel"
          severity="secondary"
          variant="outlined"
          data-test="also-seen"
          @click="asking = asking === 'notes' ? null : 'notes'"
        />
      </div>
      <div v-if="asking === 'number'" class="number" data-test="number">
        <BigChoice aria-label="One stroke less" data-test="fewer" @click="another = Math.max(0, another - 1)"
          >−</BigChoice
        >
        <strong>{{ another }}</strong>
        <BigChoice aria-label="One stroke more" data-test="more" @click="another++">+</BigChoice>
        <Button class="big" :label="`Done, ${another} strokes`" data-test="number-done" @click="done(another)" />
      </div>
      <div v-else-if="asking === 'skip'" class="choices" data-test="skip">
        <BigChoice v-for="one in skipReasons" :key="one" :data-skip="one" @click="skip(one)">
          {{ skipWords[one] }}
        </BigChoice>
      </div>
      <PointNotes v-if="notesOpen || asking === 'skip'" v-model:noticed="noticed" v-model:note="note" :take="take" />
      <PhotoStrip :photos="shown.progress.photos" :folder="photos" />
    </template>
  </section>
</template>

<style src="./choices.css" scoped></style>
<style scoped>
.screen {
  display: grid;
  align-content: start;
  gap: 14px;
  min-height: 0;
  padding: 18px 26px;
  overflow-y: auto;
}

h1 {
  margin: 0;
  font-size: 26px;
}

p {
  margin: 0;
}

.steps {
  display: grid;
  gap: 5px;
  margin: 0;
  padding-left: 24px;
  font-size: 18px;
}

.wrong {
  padding: 14px;
  border: 2px solid var(--stop);
  border-radius: 6px;
  font-size: 18px;
  color: var(--stop);
}

.wrong.watch {
  border-color: var(--watch);
  color: var(--ink);
}

.told {
  font-size: 18px;
}

.ends {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr 1fr;
  gap: 12px;
}

.big {
  min-height: 64px;
  font-size: 19px;
}

.done {
  min-height: 84px;
  font-size: 22px;
}

.number {
  display: flex;
  align-items: center;
  gap: 14px;
}

.number strong {
  min-width: 2ch;
  font-size: 44px;
  text-align: center;
}

@media (width < 700px) {
  .ends {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
