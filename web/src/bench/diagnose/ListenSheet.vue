<script setup lang="ts">
import {
  attempt,
  InputError,
  parseQuantity,
  runningSpeed,
  vibrationSeverity,
  type SpectrumFault,
} from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, ref, shallowRef } from 'vue'
import { api, ApiFailure } from '../../api/client.ts'
import { useFormat } from '../../figures/use-format.ts'
import VerdictMark from '../../figures/VerdictMark.vue'
import { readCsv, readWav, type VibrationSamples } from '../../listen/read-record.ts'
import SpectrumSheet from '../../listen/SpectrumSheet.vue'
import { useListening } from '../../listen/use-listening.ts'
import { keepTable } from '../../shell/keep-file.ts'
import { useBench } from '../use-bench.ts'
import { useSigns } from './use-signs.ts'

/** A record of vibration heard through: its spectra with the lines of this bearing, and what they name. */
const bench = useBench()
const format = useFormat()
const { entered, answer } = useSigns()
const { now, before, refusal, busy, listen } = useListening()

const trouble = shallowRef<{ message: string; fix: string } | null>(null)
const sampleRate = ref('')
const overlaid = ref(true)
const taken = ref<string[]>([])

const speedRpm = computed(() => runningSpeed(bench.effective.value)?.meanRpm ?? null)
const ring = computed(() => (bench.effective.value.seat.loadCase === 'outer-turns' ? 'outer' : 'inner'))
async function hearThrough({ samples, sampleRateHz, name }: VibrationSamples, speed = speedRpm.value) {
  if (speed === null) {
    trouble.value = { message: 'The speed is not known', fix: 'Give it in Carry: the lines are counted by it.' }
    return
  }
  const interior = bench.bearing.value?.interior
  const bearing = interior && {
    elements: interior.elements,
    elementDiameterMm: interior.elementDiameterMm,
    pitchDiameterMm: interior.pitchDiameterMm,
    contactAngleDeg: interior.contactAngleDeg,
    rotatingRing: ring.value as 'inner' | 'outer',
  }
  await listen(name, { samples, sampleRateHz, speedRpm: speed, bearing: bearing ?? null, lineHz: 50 })
  const { evidence = [], absent = [] } = now.value?.heard.match ?? {}
  if (refusal.value) return
  // What somebody answered himself stands.
  const fresh = [...evidence, ...absent].filter((sign) => !entered.value.includes(sign))
  for (const sign of fresh) answer(sign, evidence.includes(sign))
  taken.value = fresh
}
async function record() {
  trouble.value = null
  try {
    const { samples, sampleRateHz, speedRpm: speed, instrument } = await api.recordVibration({ positionId: bench.id })
    await hearThrough({ samples: Float64Array.from(samples), sampleRateHz, name: instrument }, speed)
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
  }
}
async function open(event: Event) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  if (!file) return
  trouble.value = null
  const content = await file.arrayBuffer()
  input.value = ''
  const { value, refusal: refused } = attempt(() =>
    file.name.toLowerCase().endsWith('.wav')
      ? readWav(content, file.name)
      : readCsv(new TextDecoder().decode(content), file.name, readRate()),
  )
  if (value) await hearThrough(value)
  else trouble.value = refused
}
/** Samples a second as typed; null where the file has times of its own. @throws InputError */
function readRate(): number | null {
  const title = 'Samples a second'
  const rate = parseQuantity(sampleRate.value, 'frequency', 'metric', title)
  if (rate === null || rate > 0) return rate
  throw new InputError({ code: 'OUT_OF_RANGE', field: title, value: rate, allowed: 'more than 0', fix: 'Leave it empty for a file that has times.' }) // prettier-ignore
}
function takeBack() {
  for (const sign of taken.value) answer(sign, null)
  taken.value = []
}

const faults: Record<SpectrumFault, string> = {
  outer: 'outer ring',
  inner: 'inner ring',
  element: 'rolling element',
  cage: 'cage',
  unbalance: 'unbalance',
  misalignment: 'misalignment',
  looseness: 'looseness',
  electrical: 'the motor’s current',
}
const match = computed(() => now.value?.heard.match ?? null)
const findings = computed(() => match.value?.findings.filter(({ confidence }) => confidence >= 0.1).slice(0, 5) ?? [])
const sureWords = (confidence: number) =>
  confidence >= 0.75 ? 'clear' : confidence >= 0.5 ? 'likely' : confidence >= 0.3 ? 'possible' : 'hardly'
const isFound = (fault: SpectrumFault) => match.value?.found.includes(fault) ?? false
/** Where a fault was found, its own lines: the elements slip a little. */
const measured = (fault: SpectrumFault, expectedHz: number): number => {
  const finding = match.value?.findings.find((one) => one.fault === fault)
  return finding && 'foundHz' in finding && isFound(fault) ? (finding.foundHz ?? expectedHz) : expectedHz
}
const envelopeLines = computed(() => {
  const lines = now.value?.heard.lines
  if (!lines) return []
  return [
    { name: 'BPFO outer', hz: measured('outer', lines.bpfoHz), count: 5, sideHz: null, found: isFound('outer') },
    {
      name: 'BPFI inner',
      hz: measured('inner', lines.bpfiHz),
      count: 4,
      sideHz: lines.turnHz,
      found: isFound('inner'),
    },
    {
      name: '2×BSF',
      hz: measured('element', 2 * lines.bsfHz),
      count: 4,
      sideHz: lines.ftfHz,
      found: isFound('element'),
    },
    { name: 'FTF', hz: measured('cage', lines.ftfHz), count: 4, sideHz: null, found: isFound('cage') },
  ]
})
const velocityLines = computed(() => {
  const turnHz = (match.value?.speedRpm ?? 0) / 60
  if (turnHz === 0) return []
  const found = isFound('unbalance') || isFound('misalignment') || isFound('looseness')
  return [
    { name: '1 × shaft', hz: turnHz, count: 6, sideHz: null, found },
    { name: '2 × line', hz: 100, count: 1, sideHz: null, found: isFound('electrical') },
  ]
})
/** Zone of the machine by the velocity of the whole; the plainest group where nobody has said another. */
const severity = computed(() => {
  const velocityMmPerS = now.value?.heard.summary.velocityRmsMmPerS
  if (velocityMmPerS === undefined) return null
  return attempt(() => vibrationSeverity({ velocityMmPerS, group: 'group-2', mounting: 'rigid' })).value
})
const remarkWords: Record<string, string> = {
  'short-record': 'The record is short: lines are told badly apart.',
  'sample-rate-low': 'The sample rate is low for an envelope.',
  'speed-not-seen': 'The shaft is not seen in it; the speed typed is taken.',
  'near-shaft-multiple': 'A line of the bearing lies on a multiple of the shaft: it is not judged.',
  'line-near-shaft-multiple': 'Twice line frequency lies on a multiple of the shaft: a longer record tells them apart.',
}
function keepCsv() {
  const heard = now.value?.heard
  if (!heard) return
  const of = (kind: string, { heights, resolutionHz }: typeof heard.velocity) =>
    [...heights].map((height, bin) => ({ kind, hz: (bin * resolutionHz).toFixed(3), height: height.toPrecision(5) }))
  keepTable('spectrum', [...of('velocity mm/s', heard.velocity), ...of('envelope depth', heard.envelope)])
}
</script>

<template>
  <div class="listen">
    <div class="bar">
      <Button label="Record with the collector" :disabled="busy" data-test="record" @click="record" />
      <label class="file">
        WAV or CSV <input type="file" accept=".wav,.csv,.txt,audio/wav,text/csv" data-test="wave-file" @change="open" />
      </label>
      <label class="rate label">
        samples a second, for a CSV without times
        <input v-model="sampleRate" inputmode="decimal" data-test="sample-rate" />
      </label>
      <label v-if="before" class="label"
        ><input v-model="overlaid" type="checkbox" /> the record before behind it</label
      >
      <button v-if="now" type="button" class="link" @click="keepCsv">spectrum as CSV</button>
    </div>
    <p v-if="trouble ?? refusal" class="error" role="alert" data-test="listen-error">
      {{ (trouble ?? refusal)?.message }}. {{ (trouble ?? refusal)?.fix }}
    </p>
    <template v-if="now && match">
      <section class="says" data-test="heard">
        <ul>
          <li v-for="one in findings" :key="one.fault" :class="{ found: isFound(one.fault) }" :data-fault="one.fault">
            <strong>{{ faults[one.fault] }}</strong> {{ sureWords(one.confidence) }}
          </li>
          <li v-if="findings.length === 0">Nothing stands out.</li>
        </ul>
        <p v-if="severity" data-test="zone">
          <VerdictMark :state="severity.verdict === 'ok' ? 'go' : severity.verdict" />
          {{ format.digits(now.heard.summary.velocityRmsMmPerS, 'ratio', { figures: 2 }) }} mm/s r.m.s., zone
          {{ severity.zone }}
          <span class="quiet">middle machine on a stiff base</span>
        </p>
        <p class="quiet">
          {{ Math.round(match.speedRpm) }} r/min{{ match.speedMeasured ? ', seen in the record' : ', as typed' }};
          {{ now.heard.summary.seconds.toFixed(1) }} s
        </p>
        <p v-for="remark in match.remarks" :key="remark" class="quiet">{{ remarkWords[remark] }}</p>
        <p v-if="taken.length" data-test="heard-taken">
          {{ taken.length }} signs are taken as evidence.
          <button type="button" class="link" @click="takeBack">take them back</button>
        </p>
      </section>
      <SpectrumSheet
        title="Envelope: what knocks, with the lines of this bearing at this speed"
        unit="depth"
        :spectrum="now.heard.envelope"
        :over="overlaid ? (before?.heard.envelope ?? null) : null"
        :lines="envelopeLines"
      />
      <SpectrumSheet
        title="Velocity: what shakes, with the shaft and twice line frequency"
        unit="mm/s"
        :spectrum="now.heard.velocity"
        :over="overlaid ? (before?.heard.velocity ?? null) : null"
        :lines="velocityLines"
      />
      <p class="label">wheel or two fingers zoom, a drag moves; slip of 2 % is allowed for</p>
    </template>
    <p v-else class="empty">
      Same place, same direction, same load: on the housing, close to the load, on bare metal, never inside a guard.
      Record, or give a file of the waveform; four seconds or more.
    </p>
  </div>
</template>

<style scoped>
.listen {
  display: grid;
  align-content: start;
  gap: 10px;
  padding: 8px 22px 16px;
  min-width: 0;
}

.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 18px;
}

.file {
  position: relative;
  padding: 8px 14px;
  border: 1px solid var(--ink-2);
  border-radius: 5px;
  background: var(--sheet);
  font-weight: 600;
}

.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}

.rate input {
  width: 76px;
  border: 0;
  border-bottom: 1.4px solid var(--ink-2);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
}

.says {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 22px;
}

.says ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.found strong {
  color: var(--ember-text);
  font-size: 20px;
}

.empty {
  max-width: 60ch;
  padding: 24px 0;
  font-size: 17px;
}
</style>
