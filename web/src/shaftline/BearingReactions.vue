<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { holdsRolling, loadsApart, longestLifeH, referenceSystemH, shaftLevers, type Lever } from '@yardfrost/core'
import { computed, shallowRef } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import { catalogue } from '../references.ts'
import { useShaft } from './use-shaft.ts'

/** What each bearing of the line carries and how long it lasts, and what would make them last longer. */
const shaft = useShaft()
const format = useFormat()

/** The bench of a position, and what was typed there where that is not what the line makes of it. */
function onBench(position: string) {
  const found = shaft.detail.value?.positions.find(({ name }) => name === position)
  const { machine } = shaft.detail.value ?? {}
  const line = shaft.line.value
  const apart =
    found && holdsRolling(found) && machine && line
      ? loadsApart(found.inputs, { ...machine, shaft: line, position })
      : null
  return { id: found?.id ?? null, typedN: apart?.typed.radialN ?? null }
}
const rows = computed(() =>
  (shaft.assessment.value?.supports ?? []).map((support, index) => ({
    ...support,
    letter: String.fromCharCode(65 + index),
    lifeH: shaft.life.value?.lives[index]?.lifeH ?? null,
    boundH: shaft.life.value?.lives[index]?.boundH ?? null,
    ...onBench(support.position),
  })),
)
const bound = computed(() => rows.value.filter(({ boundH }) => boundH !== null))
const times = (ratio: number) => `${format.digits(ratio, 'ratio', { figures: 2 })} ×`
const force = (newton: number) => format.digits(newton, 'force')
function hours(value: number | null) {
  if (value === null) return 'none'
  if (value > longestLifeH) return `> ${format.digits(longestLifeH, 'duration')}`
  return format.digits(value, 'duration', { figures: 2 })
}

/** What buys most life, and all lives together as the insides run, worked out once a drag is over: that solves the shaft a dozen times. */
const levers = shallowRef<Lever[]>([])
const referenceH = shallowRef<number | null>(null)
watchDebounced(
  shaft.whole,
  (whole) => {
    levers.value = whole ? shaftLevers(whole, catalogue).slice(0, 3) : []
    const life = shaft.life.value
    referenceH.value = whole && life ? referenceSystemH(whole, life, catalogue) : null
  },
  { debounce: 250, immediate: true },
)
/** Lives that differ by less are one. */
const alike = 0.05
const reference = computed(() => {
  const [rated, running] = [shaft.life.value?.systemH, referenceH.value]
  if (!rated || running === null || Math.abs(running / rated - 1) < alike) return ''
  return `With clearance and tilt as they run, ${hours(running)} h.`
})
</script>

<template>
  <section aria-label="Bearing reactions">
    <h2>Bearing reactions</h2>
    <table data-test="carried">
      <thead>
        <tr>
          <th scope="col" class="label">position</th>
          <th scope="col" class="label number">radial, {{ format.unit('force') }}</th>
          <th scope="col" class="label number">axial</th>
          <th scope="col" class="label number">life, h</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.position" :data-carried="row.position">
          <td>
            {{ row.letter }}
            <RouterLink v-if="row.id" :to="{ name: 'position', params: { id: row.id, lens: 'carry' } }">{{
              row.position
            }}</RouterLink>
            <template v-else>{{ row.position }}</template>
          </td>
          <td class="number">
            <strong>{{ force(row.downN < 0 ? -row.radialN : row.radialN) }}</strong>
            <span v-if="row.typedN !== null" class="typed" data-test="bench-apart"
              >{{ force(row.typedN) }} on its bench</span
            >
          </td>
          <td class="number" :class="{ ember: row.axialN !== 0 }">{{ force(Math.abs(row.axialN)) }}</td>
          <td class="number">{{ row.slides ? 'plain' : row.designation ? hours(row.lifeH) : 'no bearing' }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="shaft.life.value?.systemH" class="whole" data-test="whole">
      Together {{ hours(shaft.life.value.systemH) }} h<template v-if="shaft.wantedH.value"
        >, required {{ format.digits(shaft.wantedH.value, 'duration') }}</template
      >. The weakest is {{ shaft.life.value.weakest }}.
      <span v-if="reference" class="quiet" data-test="whole-reference">{{ reference }}</span>
    </p>
    <p v-if="bound.length" class="ember" data-test="bound">
      Held at both ends and hot:
      {{ bound.map(({ position, boundH }) => `${position} ${hours(boundH)} h`).join(', ') }}.
    </p>
    <template v-if="levers.length">
      <h3>Most effective improvements</h3>
      <ol class="levers" data-test="levers">
        <li v-for="lever in levers" :key="lever.label">
          <strong>{{ times(lever.ratio) }}</strong> <span>{{ format.sentence(lever.label) }}</span>
        </li>
      </ol>
    </template>
  </section>
</template>

<style scoped>
.typed {
  display: block;
  color: var(--ink-2);
  font: 14px var(--label);
}

table {
  width: 100%;
}

th,
td {
  padding: 4px 8px 4px 0;
  border-bottom: 1px solid var(--hair);
}

.number {
  padding-right: 0;
}

.whole {
  padding: 6px 0;
}

.levers {
  display: grid;
  gap: 3px;
  margin: 0;
  padding: 0;
  list-style: none;
}

/* The factor stands in a column of its own. */
.levers li {
  display: grid;
  grid-template-columns: 62px 1fr;
  align-items: baseline;
}

.levers strong {
  font-size: 17px;
}

h3 {
  padding: 8px 0 4px;
  border-top: 1px solid var(--hair);
  font: 650 16px var(--label);
}
</style>
