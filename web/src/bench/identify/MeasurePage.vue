<script setup lang="ts">
import { closures, ringShapes, rollingElements } from '@yardfrost/core'
import { computed, ref } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../ChoiceField.vue'
import GaugeNote from '../measure/GaugeNote.vue'
import ReadingField from '../measure/ReadingField.vue'
import TextField from '../TextField.vue'
import { useBench } from '../use-bench.ts'
import ClosurePicker from './ClosurePicker.vue'

/** A worn bearing without a number: readings in several places, what rolls, how it is closed; what it can be follows. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const format = useFormat()
const trouble = ref('')
const figures = computed(() => bench.assessment.value.lenses.identify.figures)
const matched = computed(() => figures.value['matched'])
const built = computed(() => figures.value['built'])

const dimensions = [
  { field: 'boreMm', label: 'Bore', measurable: 'bore' },
  { field: 'odMm', label: 'Outside', measurable: 'outside' },
  { field: 'widthMm', label: 'Width', measurable: 'width' },
] as const
type Field = (typeof dimensions)[number]['field']

const slots = computed(() => {
  const most = Math.max(...dimensions.map(({ field }) => bench.inputs.value.identify[field].length))
  return Math.min(6, Math.max(3, most + 1))
})

function set(field: Field, index: number, value: number | null) {
  const readings = [...bench.inputs.value.identify[field]]
  if (value === null) readings.splice(index, 1)
  else readings[Math.min(index, readings.length)] = value
  trouble.value = ''
  bench.setAt(`identify.${field}`, readings)
}

const elementWords = {
  ball: 'balls',
  roller: 'straight rollers',
  taper: 'tapered rollers',
  barrel: 'barrels',
  hidden: 'cannot be seen',
}
const shapeWords = { flat: 'plain', 'sphered-od': 'outside a sphere', 'cone-and-cup': 'cone and cup' }
const elements = rollingElements.map((value) => ({ value, label: elementWords[value] }))
const shapes = ringShapes.map((value) => ({ value, label: shapeWords[value] }))

const troubles = computed(() =>
  [...bench.unreadable].filter(([path]) => path.startsWith('identify.')).map(([, message]) => message),
)

function choose(designation: string) {
  bench.change(`${designation} is on the bench.`, {
    ...bench.inputs.value,
    bearing: { ...bench.inputs.value.bearing, designation },
  })
}
const misfit = (value: number) => format.inline({ kind: 'number', number: value }, 'deviation')
</script>

<template>
  <div class="measure">
    <table data-sheet>
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">what is measured</span></th>
          <th v-for="slot in slots" :key="slot" scope="col" class="label">place {{ slot }}</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ field, label, measurable } in dimensions" :key="field">
          <th scope="row" class="label">{{ label }}</th>
          <td v-for="slot in slots" :key="slot">
            <ReadingField
              :path="`identify.${field}.${slot - 1}`"
              :label="`${label}, place ${slot}`"
              :value="bench.inputs.value.identify[field][slot - 1] ?? null"
              :measurable="measurable"
              :nominal-mm="null"
              :plane="slot - 1"
              :direction="0"
              @read="set(field, slot - 1, $event)"
              @failed="trouble = $event"
            />
          </td>
          <td class="label unit">{{ format.unit('length') }}</td>
        </tr>
      </tbody>
    </table>
    <p v-for="message in troubles" :key="message" class="error" role="alert">{{ message }}</p>
    <GaugeNote instrument="calliper" :trouble="trouble" />
    <div class="fields">
      <ChoiceField path="identify.rollingElement" :options="elements" />
      <ChoiceField path="identify.ringShape" :options="shapes" />
    </div>
    <ClosurePicker :kinds="closures" />
    <TextField path="identify.marking" placeholder="a number or part of it, if any" />
    <section v-if="matched" class="candidates" aria-label="What it can be">
      <FigureLine v-if="built" answer name="built" :figure="built" @working="emit('working', $event)" />
      <FigureLine v-else name="matched" :figure="matched" @working="emit('working', $event)" />
      <ul v-if="built" class="evidence" aria-label="What put it together">
        <li v-for="(one, index) in built.givens" :key="index" :class="{ not: one.label === 'not added' }">
          <strong>{{ one.label }}</strong>
          <span>{{ one.value.kind === 'text' ? one.value.text : '' }}</span>
          <span class="quiet">{{ one.from }}</span>
        </li>
      </ul>
      <ol class="list" data-test="candidates">
        <li v-for="(one, index) in matched.givens" :key="one.label">
          <button type="button" :data-candidate="one.label" @click="choose(one.label)">
            <span class="rank">{{ index + 1 }}</span>
            <strong>{{ one.label }}</strong>
            <span class="misfit">{{ one.value.kind === 'number' ? misfit(one.value.number) : '' }} off</span>
            <span class="quiet why">{{ one.from }}</span>
          </button>
        </li>
      </ol>
    </section>
    <p v-else class="quiet">
      Clean it first. Two of the three sizes are enough; three places each tell wear from a slipped reading. Bores wear
      larger, outsides and widths smaller.
    </p>
  </div>
</template>

<style scoped>
.measure {
  display: grid;
  gap: 10px;
}

table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}

th {
  font-weight: 400;
  text-align: left;
}

thead th:first-child {
  width: 62px;
}

thead th:last-child {
  width: 32px;
}

thead .label {
  padding-right: 4px;
  text-align: right;
}

td {
  padding: 2px 4px;
}

.unit {
  padding-left: 6px;
}

.error {
  color: var(--stop);
  font-size: 14px;
}

.evidence,
.list {
  margin: 0;
  padding: 0;
  list-style: none;
}

.evidence li {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 2px 10px;
  padding: 3px 0;
  font-size: 14px;
}

.evidence .quiet {
  grid-column: 2;
}

.evidence .not strong {
  color: var(--ink-2);
  font-weight: 400;
}

.list {
  margin-top: 8px;
  border-top: 1px solid var(--hair);
}

.list button {
  display: grid;
  grid-template-columns: 20px 1fr auto;
  gap: 0 10px;
  width: 100%;
  padding: 7px 4px;
  border: 0;
  border-bottom: 1px solid var(--hair);
  background: none;
  text-align: left;
  cursor: pointer;
}

.list button:hover {
  background: var(--sheet);
}

.rank,
.misfit {
  color: var(--ink-2);
}

.why {
  grid-column: 2 / -1;
  font-size: 14px;
}
</style>
