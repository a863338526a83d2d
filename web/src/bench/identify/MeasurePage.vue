<script setup lang="ts">
import { closures, elementWords, shapeWords } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import { choices } from '../options.ts'
import ReadingSheet from '../measure/ReadingSheet.vue'
import TextField from '../../form/TextField.vue'
import { useBench } from '../use-bench.ts'
import AlsoSeenPicker from './AlsoSeenPicker.vue'
import ClosurePicker from './ClosurePicker.vue'
import MarkingPhotos from './MarkingPhotos.vue'
import SlipPanel from './SlipPanel.vue'

/** A worn bearing without a number: readings in several places, what rolls, how it is closed; what it can be follows. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.identify.figures)
const matched = computed(() => figures.value['matched'])
const built = computed(() => figures.value['built'])
const measured = computed(() => bench.assessment.value.outcomes.identify.measured)

const dimensions = [
  { key: 'boreMm', label: 'Bore', measurable: 'bore' },
  { key: 'odMm', label: 'Outside', measurable: 'outside' },
  { key: 'widthMm', label: 'Width', measurable: 'width' },
] as const

function readingsOf(row: number): readonly number[] {
  const dimension = dimensions[row]
  return dimension ? bench.inputs.value.identify[dimension.key] : []
}
/** Three places, and one more whenever they are full. */
const places = computed(() => {
  const most = Math.max(...dimensions.map((_, row) => readingsOf(row).length))
  return Array.from({ length: Math.min(6, Math.max(3, most + 1)) }, (_, index) => `place ${index + 1}`)
})

function set(row: number, place: number, value: number | null) {
  const dimension = dimensions[row]
  if (!dimension) return
  const readings = [...readingsOf(row)]
  if (value === null) readings.splice(place, 1)
  else readings[Math.min(place, readings.length)] = value
  bench.setAt(`identify.${dimension.key}`, readings)
}

const elements = choices(elementWords)
const shapes = choices(shapeWords)
const misfit = (value: number) => format.inline({ kind: 'number', number: value }, 'deviation')
</script>

<template>
  <div class="measure">
    <ReadingSheet
      :rows="dimensions"
      :columns="places"
      :path-of="(row, place) => `identify.${dimensions[row]?.key}.${place}`"
      :value-of="(row, place) => readingsOf(row)[place] ?? null"
      instrument="calliper"
      @read="set"
    />
    <div class="fields">
      <ChoiceField path="identify.rollingElement" :options="elements" />
      <ChoiceField path="identify.ringShape" :options="shapes" />
    </div>
    <ClosurePicker :kinds="closures" />
    <AlsoSeenPicker />
    <TextField path="identify.marking" placeholder="a number or part of it, if any" />
    <MarkingPhotos />
    <section v-if="matched" class="candidates" aria-label="What it can be">
      <FigureLine v-if="built" answer name="built" :figure="built" @working="emit('working', $event)" />
      <FigureLine v-else name="matched" :figure="matched" @working="emit('working', $event)" />
      <ul v-if="built" class="evidence" aria-label="What put it together">
        <li v-for="(one, index) in measured.built?.parts ?? []" :key="index" :class="{ not: !one.inNumber }">
          <strong>{{ one.text }}</strong>
          <span>{{ one.says }}</span>
          <span class="quiet">{{ one.from }}</span>
        </li>
      </ul>
      <ol class="list" data-test="candidates">
        <li v-for="(one, index) in measured.matched?.candidates ?? []" :key="one.designation">
          <button type="button" :data-candidate="one.designation" @click="bench.putOn(one.designation)">
            <span class="rank">{{ index + 1 }}</span>
            <strong>{{ one.designation }}</strong>
            <span class="misfit">{{ misfit(one.misfitUm) }} off</span>
            <span class="quiet why">{{ one.reason }}</span>
          </button>
        </li>
      </ol>
    </section>
    <p v-else class="quiet">
      Clean it first. Two of the three sizes are enough; three places each tell wear from a slipped reading. Bores wear
      larger, outsides and widths smaller.
    </p>
    <SlipPanel />
  </div>
</template>

<style scoped>
.measure {
  display: grid;
  gap: 10px;
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
