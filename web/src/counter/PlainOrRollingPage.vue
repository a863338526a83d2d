<script setup lang="ts">
import { plainOrRolling, PlainOrRollingInput, quantity, shockWords, dirtWords } from '@yardfrost/core'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { z } from 'zod'
import PlainOrRollingSays from '../figures/PlainOrRollingSays.vue'
import { useFormat } from '../figures/use-format.ts'
import SchemaForm from '../form/SchemaForm.vue'
import { usePageState } from '../shell/page-state.ts'

/** A duty without a machine: would a plain bearing do it, or a rolling one? */
const page = usePageState()
page.crumbs = [{ label: 'Counter', to: { name: 'counter' } }, { label: 'Plain or rolling?' }]
page.saving = null
const route = useRoute()
const router = useRouter()
const format = useFormat()

const yesNo = (title: string) => z.enum(['no', 'yes']).default('no').meta({ title })
const Duty = z.object({
  journalDiameterMm: quantity(z.number().min(5).max(1000), 'Journal diameter', 'length', 'mm'),
  lengthMm: quantity(z.number().min(1).max(2000), 'Length; empty: as the journal', 'length', 'mm'),
  speedRpm: quantity(z.number().min(0).max(100_000), 'Speed', 'speed', 'r/min'),
  loadN: quantity(z.number().min(0).max(1e8), 'Radial load', 'force', 'N'),
  axialN: quantity(z.number().min(0).max(1e8), 'Axial load', 'force', 'N'),
  lubrication: z.enum(['none', 'grease', 'oil-fed']).default('grease').meta({ title: 'Lubrication' }),
  shock: PlainOrRollingInput.shape.shock.meta({ title: 'Shock' }),
  dirt: PlainOrRollingInput.shape.dirt.meta({ title: 'Dirt' }),
  radialSpace: PlainOrRollingInput.shape.radialSpace.meta({ title: 'Room round the shaft' }),
  noise: PlainOrRollingInput.shape.noise.meta({ title: 'Noise' }),
  failureCost: PlainOrRollingInput.shape.failureCost.meta({ title: 'What a failure costs' }),
  startsPerDay: quantity(z.number().min(0).max(1e6), 'Starts a day', 'ratio', ''),
  growthMm: quantity(z.number().min(0).max(1000), 'Slides along its axis by', 'length', 'mm'),
  oscillating: yesNo('It swings'),
  splitNeeded: yesNo('It goes in over the shaft'),
  wet: yesNo('Water comes to it'),
  lowFriction: yesNo('It must start easily'),
})
const words: Record<string, Record<string, string>> = {
  lubrication: { none: 'none', grease: 'grease', 'oil-fed': 'oil' },
  shock: shockWords,
  dirt: dirtWords,
}
const wordFor = (key: string, option: string) => words[key]?.[option] ?? option

/** What was given, kept in the address: a closed tab opens as it was. */
function given(): z.output<typeof Duty> {
  const said = Object.entries(route.query).flatMap(([key, value]) =>
    typeof value === 'string' ? [[key, value !== '' && !Number.isNaN(Number(value)) ? Number(value) : value]] : [],
  )
  const read = Duty.safeParse(Object.fromEntries(said))
  return read.success ? read.data : Duty.parse({})
}
const duty = ref(given())
watch(duty, (now) => {
  const said = Object.entries(now).filter(([, value]) => value !== null)
  void router.replace({ name: 'plain-or-rolling', query: Object.fromEntries(said.map(([key, value]) => [key, String(value)])) }) // prettier-ignore
})
const unreadable = reactive(new Map<string, string>())

const answer = computed(() => {
  const { oscillating, splitNeeded, wet, lowFriction, ...rest } = duty.value
  const flags = Object.fromEntries(Object.entries({ oscillating, splitNeeded, wet, lowFriction }).map(([key, value]) => [key, value === 'yes'])) // prettier-ignore
  const said = Object.fromEntries(Object.entries(rest).filter(([, value]) => value !== null))
  const read = PlainOrRollingInput.safeParse({ ...said, ...flags })
  return read.success ? plainOrRolling(read.data) : null
})
const slides = computed(() =>
  answer.value
    ? `It slides at ${format.digits(answer.value.velocityMPerS, 'ratio', { figures: 2 })} m/s under ${format.inline({ kind: 'number', number: answer.value.pressureMPa }, 'stress', { figures: 2 })}.`
    : '',
)
</script>

<template>
  <div class="page">
    <section aria-label="The duty">
      <h1>Plain or rolling?</h1>
      <p class="quiet">A duty, and what speaks for a plain bearing and for a rolling one.</p>
      <SchemaForm
        :schema="Duty"
        :value="duty"
        path="duty"
        :unreadable="unreadable"
        :word-for="wordFor"
        @change="duty = { ...duty, ...$event }"
      />
    </section>
    <section aria-label="Plain or rolling" data-test="plain-or-rolling">
      <PlainOrRollingSays v-if="answer" :answer="answer">{{ slides }}</PlainOrRollingSays>
      <p v-else class="quiet">Give journal, speed and load first.</p>
    </section>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(320px, 2fr);
  gap: 40px;
  padding: 20px 24px 40px;
}

section {
  display: grid;
  align-content: start;
  gap: 10px;
}

@media (max-width: 900px) {
  .page {
    grid-template-columns: 1fr;
  }
}
</style>
