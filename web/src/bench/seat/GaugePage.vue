<script setup lang="ts">
import { remedies } from '@yardfrost/core'
import { computed, ref } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import VerdictMark from '../../figures/VerdictMark.vue'
import ReadingSheet from '../measure/ReadingSheet.vue'
import QuantityField from '../../form/QuantityField.vue'
import { useBench } from '../use-bench.ts'
import SeatProfile from './SeatProfile.vue'

/** One seat at a time: readings in planes and directions, the seat as it is drawn exaggerated, and what to do with it. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const format = useFormat()
const seat = ref<'shaft' | 'housing'>('shaft')

const path = computed(() => `seat.${seat.value}ReadingsMm` as const)
const sheet = computed(() => bench.inputs.value.seat[`${seat.value}ReadingsMm`])
const figures = computed(() => bench.assessment.value.lenses.seat.figures)
const gauged = computed(() => figures.value[`${seat.value}Gauged`])
const actual = computed(() => figures.value[`${seat.value}Actual`])
const check = computed(() => bench.assessment.value.lenses.seat.checks.find(({ key }) => key === `${seat.value}Gauge`))
const choice = computed(() => bench.assessment.value.outcomes.seat[seat.value])
const nominalMm = computed(() => choice.value.nominalMm)

const directions = ['0°', '45°', '90°', '135°']
/** A wide seat is gauged in three planes, a short one in two; a third is always there to fill. */
const planes = ['shoulder', 'middle', 'outer end']

function set(plane: number, direction: number, value: number | null) {
  const next = planes.map((_, p) => directions.map((_, d) => sheet.value[p]?.[d] ?? null))
  const row = next[plane]
  if (row) row[direction] = value
  const empty = next.every((one) => one.every((reading) => reading === null))
  bench.setAt(path.value, empty ? [] : next)
}

function clear() {
  for (const key of [...bench.unreadable.keys()]) if (key.startsWith(path.value)) bench.unreadable.delete(key)
  bench.change(`The readings of the ${seat.value} are out.`, {
    ...bench.inputs.value,
    seat: { ...bench.inputs.value.seat, [`${seat.value}ReadingsMm`]: [] },
  })
}

const ways = computed(() => remedies(seat.value, bench.inputs.value, bench.machine.value, bench.lookup.value))
const limits = computed(() => {
  const value = figures.value[`${seat.value}Limits`]?.value
  return value?.kind === 'range' ? value : null
})
const hours = ({ from, to }: { from: number; to: number }) => (to === 0 ? 'no time' : `${from} … ${to} h`)
const micrometres = (um: number) => format.inline({ kind: 'number', number: um }, 'deviation', { decimals: 0 })
const form = computed(() => choice.value.gauged.gauging)
</script>

<template>
  <div class="which" role="radiogroup" aria-label="Seat">
    <button
      v-for="one in ['shaft', 'housing'] as const"
      :key="one"
      type="button"
      role="radio"
      :aria-checked="seat === one"
      :data-test="`gauge-${one}`"
      @click="seat = one"
    >
      {{ one }}
      <span v-if="figures[`${one}Limits`]" class="quiet">{{ format.figure(figures[`${one}Limits`]!)?.digits }}</span>
    </button>
  </div>
  <template v-if="nominalMm !== null">
    <ReadingSheet
      :key="seat"
      :rows="planes.map((label) => ({ key: label, label, measurable: seat }))"
      :columns="directions"
      :path-of="(plane, direction) => `${path}.${plane}.${direction}`"
      :value-of="(plane, direction) => sheet[plane]?.[direction] ?? null"
      :nominal-mm="nominalMm"
      :instrument="seat === 'shaft' ? 'micrometer' : 'bore gauge'"
      :data-test="path"
      @read="set"
    />
    <div class="fields">
      <QuantityField :key="seat" :path="seat === 'shaft' ? 'seat.boreDeviationUm' : 'seat.outsideDeviationUm'" />
      <div class="clear">
        <button v-if="sheet.length > 0" type="button" class="press" @click="clear">Clear the sheet</button>
      </div>
    </div>
    <div v-if="gauged" class="found">
      <div class="verdict">
        <FigureLine answer :name="`${seat}Gauged`" :figure="gauged" @working="emit('working', $event)" />
        <p v-if="check" class="says" :data-test="`${seat}-verdict`">
          <VerdictMark :state="check.verdict" />
          {{ { go: 'accept', watch: 'watch', stop: 'reject' }[check.verdict] }}
        </p>
      </div>
      <p v-if="form" class="form">
        oval {{ micrometres(form.ovalityUm) }}, taper {{ micrometres(form.taperUm) }}, allowed
        {{ micrometres(form.formLimitUm) }}
      </p>
      <SeatProfile v-if="limits" :seat="seat" :sheet="sheet" :nominal-mm="nominalMm" :limits="limits" />
      <FigureLine v-if="actual" :name="`${seat}Actual`" :figure="actual" @working="emit('working', $event)" />
    </div>
    <section v-if="ways.length" class="ways" aria-label="What may be done">
      <h3 class="label">What may be done, and what it costs</h3>
      <ul>
        <li v-for="way in ways" :key="way.key" :class="{ barred: way.barred }" :data-remedy="way.key">
          <strong>{{ way.title }}</strong>
          <span>{{ hours(way.hours) }}</span>
          <span class="quiet">{{ way.barred ?? `Trust: ${way.trust}.` }}</span>
        </li>
      </ul>
      <p class="caution">
        Lock out and prove dead before gauging. Never gauge a turning shaft; emery on one takes fingers. Never
        centre-punch, knurl or shim a seat.
      </p>
    </section>
    <p v-if="!gauged" class="quiet">
      Clean, deburred, gauge and part at one temperature. Two planes and three directions at least; the first plane is
      at the shoulder. A calliper does not do for a bearing seat.
    </p>
  </template>
  <p v-else class="quiet">Put a bearing on the bench first: its size says what the seat is held against.</p>
</template>

<style scoped>
.which {
  display: flex;
  gap: 8px;
}

.which button,
.press {
  padding: 5px 12px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  cursor: pointer;
}

.which [aria-checked='true'] {
  border-color: var(--spruce);
  box-shadow: inset 0 0 0 1px var(--spruce);
}

.clear {
  display: flex;
  align-items: end;
  justify-content: end;
}

.found,
.ways {
  padding-top: 4px;
  border-top: 1px solid var(--hair);
}

.verdict {
  position: relative;
}

.says {
  position: absolute;
  top: 8px;
  right: 0;
  display: flex;
  align-items: center;
  gap: 8px;
  font-weight: 700;
}

ul {
  display: grid;
  gap: 6px;
  margin: 4px 0 8px;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 12px;
}

li .quiet {
  grid-column: 1 / -1;
  font-size: 14px;
}

.barred strong {
  font-weight: 400;
  text-decoration: line-through;
  color: var(--ink-2);
}

.caution {
  color: var(--watch);
  font-size: 14px;
}
</style>
