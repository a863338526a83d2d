<script setup lang="ts">
import { bearingTypeNames } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { kindNames, useContacts } from './use-contacts.ts'

/** How ball, roller and barrel touch their track, and what load, tilt and dirt do to each. What is tried here is not kept. */
const emit = defineEmits<{ working: [figure: string] }>()
const format = useFormat()
const { bench, loadN, contacts } = useContacts()
const tries = [
  { name: 'as it is', set: { times: 1, tiltArcmin: 0, grainUm: 0 } },
  { name: 'twice the load', set: { times: 2, tiltArcmin: 0, grainUm: 0 } },
  { name: 'tilted by 4′', set: { times: 1, tiltArcmin: 4, grainUm: 0 } },
  { name: 'grain of 10 µm', set: { times: 1, tiltArcmin: 0, grainUm: 10 } },
  { name: 'of 30 µm', set: { times: 1, tiltArcmin: 0, grainUm: 30 } },
  { name: 'of 100 µm', set: { times: 1, tiltArcmin: 0, grainUm: 100 } },
] as const
type Tried = (typeof tries)[number]['set']
const isTried = (set: Tried) =>
  (Object.keys(set) as (keyof Tried)[]).every((name) => bench.look.contact[name] === set[name])
const pressure = (mpa: number) => format.digits(mpa, 'stress', { figures: 2 })
const load = (newton: number) => format.inline({ kind: 'number', number: newton }, 'force', { figures: 2 })
const mm = (value: number) => format.inline({ kind: 'number', number: value }, 'length', { decimals: 2 })
/** What it does to each, in a sentence. */
const told = computed(() =>
  contacts.value.map(({ kind, pressureTimes, distribution }) => {
    const { times, tiltArcmin, grainUm } = bench.look.contact
    const along = distribution.inner.footprintAlongMm * 1000
    if (grainUm > 0)
      return `The grain is ${Math.round((100 * grainUm) / along)} % of what the footprint is long: ${grainUm > along / 4 ? 'it is rolled in as a pit with a rim, and there it spalls first.' : 'it leaves a dent, and each one takes from the life.'}`
    const more = Math.round(100 * (pressureTimes - 1))
    if (times > 1) return `Twice the load presses it ${more} % harder.`
    if (tiltArcmin > 0)
      return kind === 'barrel'
        ? 'It swivels: nothing changes.'
        : kind === 'line'
          ? `One end is pressed ${more} % harder: it is there that it spalls.`
          : more <= 1
            ? 'The balls run up their grooves and take it.'
            : `The balls run up their grooves: ${more} % harder.`
    return kind === 'point'
      ? 'Little ground, so it turns easily; high pressure, so it carries less.'
      : kind === 'line'
        ? 'Much ground, so it carries more; its ends want to be in line.'
        : 'Much ground, and it swivels; it rubs more, so it is slower.'
  }),
)
</script>

<template>
  <div class="contact">
    <p v-if="contacts.length === 0" class="quiet">
      It needs a bearing first: then it sets a ball, a roller and a barrel of its bore side by side.
    </p>
    <template v-else>
      <p class="quiet" data-test="contact-load">
        Under {{ load((loadN?.newton ?? 0) * bench.look.contact.times)
        }}{{ loadN?.given ? '' : ', a usual load of this bearing' }}, without clearance.
      </p>
      <div class="tabs" role="radiogroup" aria-label="What is tried">
        <button
          v-for="one in tries"
          :key="one.name"
          type="button"
          role="radio"
          :aria-checked="isTried(one.set)"
          :data-try="one.name"
          @click="Object.assign(bench.look.contact, one.set)"
        >
          {{ one.name }}
        </button>
      </div>
      <section v-for="(one, index) in contacts" :key="one.kind" class="kind" :data-kind="one.kind">
        <h3>
          {{ kindNames[one.kind] }}
          <span class="quiet">{{ bearingTypeNames[one.bearing.row.type] }} {{ one.bearing.decoded.size }}</span>
        </h3>
        <p>
          <strong data-test="contact-pressure">{{ pressure(one.distribution.inner.maxPressureMPa) }}</strong>
          {{ format.unit('stress') }}
          <button
            type="button"
            class="link"
            :aria-label="`Working of ${kindNames[one.kind]}`"
            @click="emit('working', one.kind)"
          >
            working
          </button>
          <span class="quiet">of {{ pressure(one.dentsAtMPa) }} that dent it</span>
        </p>
        <p class="quiet">
          hardest element {{ load(one.distribution.maxElementN) }}, footprint
          {{ mm(one.distribution.inner.footprintAcrossMm) }} × {{ mm(one.distribution.inner.footprintAlongMm) }}
        </p>
        <p data-test="contact-says">{{ told[index] }}</p>
      </section>
      <p class="quiet source">Hertz and ISO/TS 16281, for stiff rings and an inside that is estimated.</p>
    </template>
  </div>
</template>

<style scoped>
.contact {
  display: grid;
  gap: 10px;
}

.kind {
  display: grid;
  gap: 3px;
  padding-top: 8px;
  border-top: 1px solid var(--hair);
}

.kind h3,
.kind p {
  margin: 0;
}

.kind strong {
  font-size: 26px;
}

.kind .quiet {
  font-weight: 400;
}

.source {
  font-size: 14px;
}
</style>

<style scoped src="../../form/tabs.css"></style>
