<script setup lang="ts">
import { useElementSize, useIntervalFn } from '@vueuse/core'
import { HeaterSample, type StartHeaterRun } from '@yardfrost/contract'
import {
  attempt,
  cooledFor,
  fromShown,
  InputError,
  parseQuantity,
  ringBehind,
  toShown,
  transferWindow,
  type HeatTarget,
  type SignedEntry,
} from '@yardfrost/core'
import { scaleLinear } from 'd3-scale'
import { computed, onBeforeUnmount, ref, shallowRef, useTemplateRef } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import { useSettings } from '../shell/settings.ts'

/**
 * The heat clock: both probes against time while the heater is on, what the ring must reach and must not pass, the moment to
 * lift it, and then how long it stays hot enough to slide.
 */
const {
  target,
  order,
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
  heat: [event: 'lifted' | 'home' | 'short', rings: { innerC: number; outerC: number; seconds: number }]
}>()

const format = useFormat()
const settings = useSettings()
const samples = shallowRef<HeaterSample[]>([])
const trouble = ref<{ message: string; fix: string } | null>(null)
const running = ref(false)
const last = computed(() => samples.value[samples.value.length - 1] ?? null)
let stream: EventSource | null = null

async function start() {
  stop()
  samples.value = []
  trouble.value = null
  running.value = true
  try {
    const run = await api.startHeater(order)
    // Switched off, or gone, while the answer was on its way: nobody listens, and it goes off by itself.
    if (running.value) listen(run.id)
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
    running.value = false
  }
}
function listen(runId: string) {
  stream = new EventSource(`/api/devices/heater-runs/${runId}`)
  stream.addEventListener('sample', (event: MessageEvent<string>) => {
    samples.value = [...samples.value, HeaterSample.parse(JSON.parse(event.data))]
  })
  stream.addEventListener('trouble', (event: MessageEvent<string>) => {
    trouble.value = JSON.parse(event.data) as { message: string; fix: string }
    stop()
  })
  // A stream that breaks is a heater nobody watches: it has switched itself off, and is not started again by itself.
  stream.addEventListener('error', () => {
    if (!running.value) return
    trouble.value = {
      message: 'The line to the heater broke, and it has switched off',
      fix: 'Start it again: it goes on from the heat that is left. Or heat by hand and type what the probe shows.',
    }
    stop()
  })
}
function stop() {
  running.value = false
  stream?.close()
  stream = null
}
onBeforeUnmount(stop)

/** Ring temperature typed by hand, where no heater is on the line. */
const byHand = ref('')
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
/** What an entry of the heat clock takes, °C. */
const [coldestC, hottestC] = [-50, 300]
function tell(event: 'lifted' | 'home' | 'short') {
  const typed = typedC()
  const from = last.value ?? (heat ? { innerC: heat.innerC, outerC: heat.outerC, seconds: heat.seconds } : null)
  const rings = from ?? (typed === null ? null : { innerC: typed, outerC: typed, seconds: 0 })
  if (!rings) return
  if (event === 'lifted') stop()
  emit('heat', event, { innerC: rings.innerC, outerC: rings.outerC, seconds: rings.seconds })
  if (event !== 'lifted') samples.value = []
}

const now = ref(Date.now())
useIntervalFn(() => {
  now.value = Date.now()
}, 250)

/** From lifting until it would grab, in still air, s; null before, or where it never slid. */
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
const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

const inner = computed(() => last.value?.innerC ?? heat?.innerC ?? target.roomC)
const outer = computed(() => last.value?.outerC ?? heat?.outerC ?? target.roomC)
const difference = computed(() => inner.value - outer.value)
/** Temperatures are compared as they are shown: a display that reads the target is there. */
const shown = (celsius: number) => Math.round(toShown(celsius, 'temperature', settings.units))
/** From here up it seats with its room after what is lost on the way. */
const liftC = computed(() => target.liftC ?? target.aimC)
const hotEnough = computed(() => last.value !== null && shown(last.value.innerC) >= shown(liftC.value))
const tooHot = computed(() => shown(inner.value) > shown(target.limitC))
const says = computed(() => {
  if (heat?.event === 'home' && !running.value)
    return 'It is seated. Hold it until it grips, and again when it is cold.'
  if (heat?.event === 'short' && !running.value)
    return 'Stopped short: no hammer. Pull it off at once, let it cool, look, heat it again.'
  if (left.value !== null && !running.value)
    return left.value > 0
      ? 'Slide it home in one move and hold it against the shoulder.'
      : 'It would seize now: do not force it. Heat it again.'
  if (tooHot.value) return 'Too hot: switch off, let it cool. Look whether cage, grease and seals have suffered.'
  if (hotEnough.value) return 'Lift it now.'
  if (running.value)
    return difference.value > target.differenceK - 3 ? 'The heater waits for the outer ring to follow.' : 'Heating.'
  return warned
    ? 'Probe on the inner ring, gloves on, the way clear: start.'
    : 'Acknowledge the cautions beside it first.'
})

const degrees = (celsius: number) => format.digits(celsius, 'temperature')
const kelvins = (difference: number) => format.digits(difference, 'temperatureRise', { decimals: 0 })
/** What the infrared thermometer shows of it; null until somebody points it. */
const pointed = ref<number | null>(null)
async function point() {
  trouble.value = null
  try {
    pointed.value = await api.pointThermometer({ piece, roomC: Math.min(60, Math.max(-20, target.roomC)) })
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
  }
}
/** Bright ground steel, on a thermometer set to 0.95. */
const brightSteel = 0.15
const behind = computed(() => (pointed.value === null ? null : ringBehind(pointed.value, target.roomC, brightSteel)))

const box = useTemplateRef('box')
const { width, height } = useElementSize(box)
const heatedS = computed(() => last.value?.seconds ?? heat?.seconds ?? 0)
const x = computed(() =>
  scaleLinear()
    .domain([0, Math.max(150, heatedS.value + (windowS.value ?? 30))])
    .range([52, Math.max(120, width.value - 12)]),
)
const y = computed(() =>
  scaleLinear()
    .domain([target.roomC - 5, target.limitC + 15])
    .range([Math.max(100, height.value - 34), 16]),
)
const pathOf = (pick: (sample: HeaterSample) => number) =>
  samples.value
    .map(
      (sample, index) =>
        `${index === 0 ? 'M' : 'L'}${x.value(sample.seconds).toFixed(1)} ${y.value(pick(sample)).toFixed(1)}`,
    )
    .join('')
/** How it cools in the air, from lifting to where it would grab. */
const cooling = computed(() => {
  if (windowS.value === null || windowS.value <= 0 || heat?.event !== 'lifted') return ''
  return Array.from({ length: 25 }, (_, index) => {
    const seconds = ((windowS.value ?? 0) * index) / 24
    const celsius = cooledFor(target, heat.innerC, seconds)
    return `${index === 0 ? 'M' : 'L'}${x.value(heatedS.value + seconds).toFixed(1)} ${y.value(celsius).toFixed(1)}`
  }).join('')
})
/** Round degrees of the scale that is read in. */
const ticks = computed(() =>
  scaleLinear()
    .domain(y.value.domain().map((celsius) => toShown(celsius, 'temperature', settings.units)))
    .ticks(6)
    .map((shown) => fromShown(shown, 'temperature', settings.units)),
)
/** Times below the curve, at most seven of them, in steps a clock has. */
const minutes = computed(() => {
  const [, end = 0] = x.value.domain()
  const step = [30, 60, 120, 300, 600, 1800].find((seconds) => end / seconds <= 7) ?? 3600
  return Array.from({ length: Math.floor(end / step) + 1 }, (_, index) => index * step)
})
</script>

<template>
  <section class="clock" aria-label="Heat clock" data-test="heat-clock">
    <h2 class="says" role="status" data-test="heat-says">{{ says }}</h2>
    <div ref="box" class="box">
      <svg v-if="width > 0" :width="width" :height="height" role="img" aria-label="Both rings against time">
        <rect
          class="lift"
          :x="x.range()[0]"
          :width="(x.range()[1] ?? 0) - (x.range()[0] ?? 0)"
          :y="y(target.aimC)"
          :height="Math.max(2, y(liftC) - y(target.aimC))"
        />
        <g v-for="tick in ticks" :key="tick" class="grid">
          <line :x1="x.range()[0]" :x2="x.range()[1]" :y1="y(tick)" :y2="y(tick)" />
          <text :x="44" :y="y(tick) + 5" text-anchor="end">{{ degrees(tick) }}</text>
        </g>
        <g v-for="tick in minutes" :key="`m${tick}`" class="grid">
          <text :x="x(tick)" :y="height - 10" text-anchor="middle">{{ clock(tick) }}</text>
        </g>
        <line class="limit" :x1="x.range()[0]" :x2="x.range()[1]" :y1="y(target.limitC)" :y2="y(target.limitC)" />
        <text class="stop" :x="x.range()[1]" :y="y(target.limitC) - 7" text-anchor="end">
          limit {{ degrees(target.limitC) }}
        </text>
        <line class="slides" :x1="x.range()[0]" :x2="x.range()[1]" :y1="y(target.slidesC)" :y2="y(target.slidesC)" />
        <text class="cold" :x="x.range()[1]" :y="y(target.slidesC) + 18" text-anchor="end">
          below {{ degrees(target.slidesC) }} it seizes
        </text>
        <text class="aim" :x="(x.range()[0] ?? 0) + 8" :y="y(target.aimC) - 5">
          aim {{ degrees(target.aimC) }}, lift from {{ degrees(liftC) }}
        </text>
        <path class="outer" :d="pathOf(({ outerC }) => outerC)" />
        <path class="inner" :d="pathOf(({ innerC }) => innerC)" />
        <path v-if="cooling" class="cooling" :d="cooling" />
        <template v-if="last">
          <circle class="inner-dot" :cx="x(last.seconds)" :cy="y(last.innerC)" r="7" />
          <text class="outer-word" :x="x(last.seconds) + 10" :y="y(last.outerC) + 18">outer ring</text>
        </template>
      </svg>
    </div>
    <div class="figures">
      <p>
        <span class="label">Inner ring</span>
        <strong class="big ember" data-test="heat-inner">{{ degrees(inner) }}</strong> {{ format.unit('temperature') }}
      </p>
      <p>
        <span class="label">Outer ring</span>
        <strong>{{ degrees(outer) }}</strong> {{ format.unit('temperature') }}
      </p>
      <p>
        <span class="label">Difference, at most {{ kelvins(target.differenceK) }}</span>
        <strong>{{ kelvins(difference) }}</strong> {{ format.unit('temperatureRise') }}
      </p>
      <p v-if="left !== null">
        <span class="label">Time until it seizes, in air</span>
        <strong class="big" :class="left > 0 ? 'frost' : 'stopped'" data-test="heat-left">{{ clock(left) }}</strong>
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
        <button type="button" data-test="heat-stop" @click="stop">Switch it off</button>
      </template>
      <template v-else>
        <button type="button" class="primary" :disabled="disabled || !warned" data-test="heat-start" @click="start">
          {{ heat ? 'Heat it again' : 'Start the heater' }}
        </button>
        <span class="hand">
          <label class="label" for="by-hand">or by hand: the probe shows, {{ format.unit('temperature') }}</label>
          <input id="by-hand" v-model="byHand" inputmode="decimal" autocomplete="off" data-test="heat-by-hand" />
          <button type="button" :disabled="disabled || byHand.trim() === ''" @click="tell('lifted')">Lifted</button>
        </span>
      </template>
    </div>
    <p class="quiet">
      Read with a contact probe, and demagnetise before it leaves the heater. An infrared thermometer reads far too
      little off bright steel: it sees an emissivity of {{ brightSteel }} and is set to 0.95.
      <button type="button" class="point" data-test="point" @click="point">Point it at the ring</button>
    </p>
    <p v-if="pointed !== null && behind !== null" role="status" data-test="infrared">
      It shows <strong>{{ degrees(pointed) }} {{ format.unit('temperature') }}</strong
      >; the ring behind that is at about <strong>{{ degrees(behind) }} {{ format.unit('temperature') }}</strong
      >. Black tape or a matt mark on the ring makes it honest.
    </p>
  </section>
</template>

<style scoped>
.clock {
  display: grid;
  gap: 10px;
}

.says {
  font: 700 24px var(--text);
}

.box {
  height: 300px;
}

.grid line {
  stroke: var(--hair);
}

text {
  fill: var(--ink-2);
  font: 15px var(--label);
}

.lift {
  fill: var(--ember-soft);
}

.limit {
  stroke: var(--stop);
  stroke-width: 2;
}

text.stop {
  fill: var(--stop);
  font-weight: 650;
}

.slides {
  stroke: var(--frost);
  stroke-width: 2;
  stroke-dasharray: 8 5;
}

text.cold {
  fill: var(--frost);
  font-weight: 650;
}

text.aim {
  fill: var(--ember-text);
}

path {
  fill: none;
}

.inner {
  stroke: var(--ember);
  stroke-width: 4;
}

.outer {
  stroke: var(--ink-2);
  stroke-width: 2.5;
}

.cooling {
  stroke: var(--ember);
  stroke-width: 2.5;
  stroke-dasharray: 2 6;
}

.inner-dot {
  fill: var(--ember);
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

.stopped,
.error {
  color: var(--stop);
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
}

.buttons button {
  min-height: 64px;
  padding: 0 26px;
  border: 2px solid var(--ink-2);
  border-radius: 6px;
  background: var(--sheet);
  font-size: 20px;
  font-weight: 650;
  cursor: pointer;
}

.buttons .primary {
  border-color: var(--spruce);
  background: var(--spruce);
  color: var(--on-spruce);
}

.buttons button:disabled {
  opacity: 0.55;
  cursor: default;
}

.point {
  min-height: 44px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  text-decoration: underline;
  cursor: pointer;
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
