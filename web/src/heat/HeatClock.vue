<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import type { StartHeaterRun } from '@yardfrost/contract'
import { attempt, InputError, parseQuantity, transferWindow, type HeatTarget, type SignedEntry } from '@yardfrost/core'
import { computed, ref } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import { useSettings } from '../shell/settings.ts'
import { clockWords, heatSays, isHotEnough, type HeatEvent } from './heat-says.ts'
import HeatChart from './HeatChart.vue'
import InfraredHint from './InfraredHint.vue'
import { useHeater } from './use-heater.ts'

/**
 * The heat clock: both probes against time while the heater is on, what the ring must reach and must not pass, the moment to
 * lift it, and then how long it stays hot enough to slide.
 */
const {
  target,
  piece,
  heat,
  disabled,
  warned = true,
} = defineProps<{
  target: HeatTarget
  /** What the server is asked to heat for; aim and limit are its own. */
  order: StartHeaterRun
  /** Names the piece to the thermometer. */
  piece: string
  /** What happened last: lifted, home, or stopped short. */
  heat: Extract<SignedEntry, { kind: 'heat' }> | null
  disabled: boolean
  /** Whether the cautions of the step have been acknowledged: the heater is not started before. */
  warned?: boolean
}>()
const emit = defineEmits<{
  heat: [event: HeatEvent, rings: { innerC: number; outerC: number; seconds: number }]
}>()

const format = useFormat()
const settings = useSettings()
const heater = useHeater()
const { samples, last, trouble, running } = heater

/** Ring temperature typed by hand, where no heater is on the line. */
const byHand = ref('')
/** What an entry of the heat clock takes, °C. */
const [coldestC, hottestC] = [-50, 300]
/** What was typed, °C; null where it is no temperature of a ring, and then it says so. */
function typedC(): number | null {
  if (byHand.value.trim() === '') return null
  try {
    const celsius = parseQuantity(byHand.value, 'temperature', settings.units, 'temperature')
    if (celsius !== null && celsius > coldestC && celsius < hottestC) return celsius
    trouble.value = { message: `${byHand.value} is no temperature of a ring`, fix: 'Read the probe again.' }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    trouble.value = { message: error.message, fix: error.fix }
  }
  return null
}
function tell(event: HeatEvent) {
  const typed = typedC()
  const from = last.value ?? (heat ? { innerC: heat.innerC, outerC: heat.outerC, seconds: heat.seconds } : null)
  const rings = from ?? (typed === null ? null : { innerC: typed, outerC: typed, seconds: 0 })
  if (!rings) return
  if (event === 'lifted') heater.stop()
  emit('heat', event, { innerC: rings.innerC, outerC: rings.outerC, seconds: rings.seconds })
  if (event !== 'lifted') samples.value = []
}

const now = ref(Date.now())
useIntervalFn(() => {
  now.value = Date.now()
}, 250)

/** From lifting until it would seize, in still air, s; null before, or where it never slid. */
const windowS = computed(() => {
  if (heat?.event !== 'lifted') return null
  const { value } = attempt(() =>
    transferWindow({
      ringMassKg: target.massKg,
      ringAreaMm2: target.areaMm2,
      startC: Math.min(heat.innerC, 150),
      neededC: target.slidesC,
      roomC: target.roomC,
    }),
  )
  return value?.windowS ?? 0
})
const left = computed(() => {
  if (windowS.value === null || !heat) return null
  return Math.max(0, windowS.value - (now.value - new Date(heat.at).getTime()) / 1000)
})
/** The rings as they were last seen. */
const rings = computed(() => last.value ?? heat ?? { innerC: target.roomC, outerC: target.roomC })
const hotEnough = computed(() => isHotEnough({ target, now: last.value, units: settings.units }))
const says = computed(() =>
  heatSays({
    target,
    event: heat?.event ?? null,
    running: running.value,
    now: last.value,
    leftS: left.value,
    warned,
    units: settings.units,
  }),
)

const degrees = (celsius: number) => format.digits(celsius, 'temperature')
const kelvins = (difference: number) => format.digits(difference, 'temperatureRise', { decimals: 0 })
</script>

<template>
  <section class="clock" aria-label="Heat clock" data-test="heat-clock" :data-busy="running || undefined">
    <h2 class="says" role="status" data-test="heat-says">{{ says }}</h2>
    <HeatChart
      :target="target"
      :samples="samples"
      :lifted="heat?.event === 'lifted' ? heat : null"
      :window-s="windowS"
    />
    <div class="figures">
      <p>
        <span class="label">Inner ring</span>
        <strong class="big ember" data-test="heat-inner">{{ degrees(rings.innerC) }}</strong>
        {{ format.unit('temperature') }}
      </p>
      <p>
        <span class="label">Outer ring</span>
        <strong>{{ degrees(rings.outerC) }}</strong> {{ format.unit('temperature') }}
      </p>
      <p>
        <span class="label">Difference, at most {{ kelvins(target.differenceK) }}</span>
        <strong>{{ kelvins(rings.innerC - rings.outerC) }}</strong> {{ format.unit('temperatureRise') }}
      </p>
      <p v-if="left !== null">
        <span class="label">Time until it seizes, in air</span>
        <strong class="big" :class="left > 0 ? 'frost' : 'stopped'" data-test="heat-left">{{
          clockWords(left)
        }}</strong>
        <span class="quiet">Have it seated within half of that; on the shaft you have 3 to 5 seconds.</span>
      </p>
    </div>
    <p v-if="trouble" class="error" role="alert" data-test="heat-trouble">
      <strong>{{ trouble.message }}.</strong> {{ trouble.fix }}
    </p>
    <div class="buttons">
      <template v-if="heat?.event === 'lifted' && !running">
        <button type="button" class="primary" :disabled="disabled" data-test="heat-home" @click="tell('home')">
          Ring seated
        </button>
        <button type="button" :disabled="disabled" data-test="heat-short" @click="tell('short')">
          It stopped short
        </button>
      </template>
      <template v-else-if="running">
        <button
          type="button"
          :class="{ primary: hotEnough }"
          :disabled="disabled || !last"
          data-test="heat-lift"
          @click="tell('lifted')"
        >
          Lifted{{ hotEnough ? '' : ', though it is not hot enough' }}
        </button>
        <button type="button" data-test="heat-stop" @click="heater.stop">Switch it off</button>
      </template>
      <template v-else>
        <button
          type="button"
          class="primary"
          :disabled="disabled || !warned"
          data-test="heat-start"
          @click="heater.start(order)"
        >
          {{ heat ? 'Heat it again' : 'Start the heater' }}
        </button>
        <span class="hand">
          <label class="label" for="by-hand">or by hand: the probe shows, {{ format.unit('temperature') }}</label>
          <input id="by-hand" v-model="byHand" inputmode="decimal" autocomplete="off" data-test="heat-by-hand" />
          <button type="button" :disabled="disabled || byHand.trim() === ''" @click="tell('lifted')">Lifted</button>
        </span>
      </template>
    </div>
    <InfraredHint :piece="piece" :room-c="target.roomC" @trouble="trouble = $event" />
  </section>
</template>

<style scoped src="./clock.css"></style>
<style scoped>
.clock {
  display: grid;
  gap: 10px;
}

.says {
  font: 700 24px var(--text);
}

.figures {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px 34px;
}

.figures p {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px;
}

.figures .label,
.figures .quiet {
  width: 100%;
}

.figures strong {
  font-size: 28px;
  line-height: 1;
}

.figures .big {
  font-size: 54px;
}

.hand {
  display: flex;
  align-items: center;
  gap: 8px;
}

.hand input {
  width: 74px;
  min-height: 48px;
  border: 0;
  border-bottom: 1px solid var(--ink-2);
  background: none;
  color: inherit;
  font: 22px var(--text);
}

.hand button {
  min-height: 48px;
  padding: 0 14px;
}
</style>
