<script setup lang="ts">
import {
  assessRolling,
  attempt,
  bearingTypeNames,
  bearingTypes,
  InputError,
  parseQuantity,
  type BearingType,
  type SweepResult,
} from '@yardfrost/core'
import { proxy } from 'comlink'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, defineAsyncComponent, reactive, ref, shallowRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import VerdictMark from '../../figures/VerdictMark.vue'
import { useSettings } from '../../shell/settings.ts'
import { useBenchWork } from '../../workers/use-bench-work.ts'
import { catalogue, damage } from '../../references.ts'
import { useBench } from '../use-bench.ts'

const SweepScatter = defineAsyncComponent(() => import('./SweepScatter.vue'))

/** Every bearing of the catalogue that keeps the limits, worked through this duty and ranked; one press puts it on the bench. */
const bench = useBench()
const settings = useSettings()
const format = useFormat()
const { work, stop } = useBenchWork()

const limitsShown = [
  { key: 'boreMm', label: 'Bore, exactly' },
  { key: 'largestOdMm', label: 'Outside, at most' },
  { key: 'largestWidthMm', label: 'Width, at most' },
] as const
type LimitKey = (typeof limitsShown)[number]['key']
const texts = reactive<Record<LimitKey, string>>({
  boreMm: bench.bearing.value ? format.digits(bench.bearing.value.row.boreMm, 'length', { decimals: 0 }) : '',
  largestOdMm: '',
  largestWidthMm: '',
})
const types = reactive(new Set<BearingType>())
function toggle(type: BearingType) {
  if (!types.delete(type)) types.add(type)
}

const read = computed(() => {
  const limits: Record<LimitKey, number | null> = { boreMm: null, largestOdMm: null, largestWidthMm: null }
  const refusals: string[] = []
  for (const { key, label } of limitsShown) {
    const { value, refusal } = attempt(() => {
      const size = parseQuantity(texts[key], 'length', settings.units, label)
      if (size === null || (size > 0 && size <= 2000)) return size
      throw new InputError({
        code: 'OUT_OF_RANGE',
        field: label,
        value: texts[key],
        allowed: 'above 0 up to 2000 mm, or empty',
        fix: 'Correct it.',
      })
    })
    if (refusal) refusals.push(`${refusal.message}.`)
    else limits[key] = value
  }
  return { limits, refusals }
})

const running = ref(false)
const progress = reactive({ done: 0, of: 0 })
const results = shallowRef<SweepResult[] | null>(null)

const ready = computed(() =>
  bench.assessment.value.lenses.carry.missing.every(({ field }) => field === 'bearing.designation'),
)

async function run() {
  running.value = true
  results.value = null
  Object.assign(progress, { done: 0, of: 0 })
  const { boreMm, largestOdMm, largestWidthMm } = read.value.limits
  // A fresh worker each time: one that was stopped is gone, and its promise never comes back.
  results.value = await work().sweep(
    JSON.parse(JSON.stringify(bench.inputs.value)),
    JSON.parse(JSON.stringify(bench.machine.value)),
    { boreMm, largestOdMm, largestWidthMm, types: types.size > 0 ? [...types] : null },
    proxy((done: number, of: number) => Object.assign(progress, { done, of })),
  )
  running.value = false
}

function cancel() {
  stop()
  running.value = false
}

const rank = { go: 0, open: 1, watch: 2, stop: 3 }
const wantedH = computed(() => bench.assessment.value.outcomes.carry.wantedH)
const sortings = [
  { key: 'mass', label: 'lightest first' },
  { key: 'life', label: 'longest life first' },
] as const
const sorting = ref<'mass' | 'life'>('mass')
const ranked = computed(() =>
  [...(results.value ?? [])].sort(
    (a, b) =>
      rank[a.state] - rank[b.state] ||
      (sorting.value === 'mass' ? a.massKg - b.massKg : (b.lifeH ?? 0) - (a.lifeH ?? 0)) ||
      a.odMm - b.odMm,
  ),
)
const shownRows = 40
const fit = computed(() => ranked.value.filter(({ state }) => state !== 'stop'))

/** The bearing with everything in its number that the machine calls for. */
function choose(designation: string) {
  const base = {
    ...bench.inputs.value,
    bearing: { ...bench.inputs.value.bearing, designation, makerDynamicN: null, makerStaticN: null },
  }
  const order = assessRolling(base, bench.machine.value, catalogue, damage).outcomes.identify.toOrder
  const whole = order ?? designation
  bench.change(`${whole} is on the bench.`, { ...base, bearing: { ...base.bearing, designation: whole } })
}
const sized = (mm: number) => format.digits(mm, 'length', { decimals: Number.isInteger(mm) ? 0 : 1 })
const here = computed(() => bench.bearing.value?.decoded.size ?? '')
</script>

<template>
  <div class="limits">
    <div v-for="{ key, label } in limitsShown" :key="key">
      <label class="label" :for="`sweep-${key}`">{{ label }}</label>
      <InputText
        :id="`sweep-${key}`"
        v-model="texts[key]"
        inputmode="decimal"
        autocomplete="off"
        placeholder="free"
        :data-test="`sweep-${key}`"
      />
    </div>
  </div>
  <p v-for="message in read.refusals" :key="message" class="error" role="alert">{{ message }}</p>
  <div class="types" role="group" aria-label="Types; none chosen means all">
    <button
      v-for="type in bearingTypes"
      :key="type"
      type="button"
      :aria-pressed="types.has(type)"
      @click="toggle(type)"
    >
      {{ bearingTypeNames[type] }}
    </button>
  </div>
  <div class="run">
    <Button
      v-if="!running"
      label="Work them through"
      size="small"
      :disabled="!ready || read.refusals.length > 0"
      data-test="sweep"
      @click="run"
    />
    <Button
      v-else
      label="Stop"
      size="small"
      severity="secondary"
      variant="outlined"
      data-test="sweep-stop"
      @click="cancel"
    />
    <progress v-if="running" :value="progress.done" :max="progress.of || 1" aria-label="Sizes worked through" />
    <span v-if="running" class="quiet">{{ progress.done }} of {{ progress.of || '…' }}</span>
    <span v-else-if="!ready" class="quiet">Give load, speed and how the load turns first.</span>
    <span v-else-if="results" class="quiet" data-test="sweep-count">
      {{ fit.length }} of {{ results.length }} can do it
    </span>
  </div>
  <template v-if="results && results.length > 0">
    <SweepScatter :results="ranked" :wanted-h="wantedH" :here="here" @choose="choose" />
    <div class="sort" role="radiogroup" aria-label="Order">
      <button
        v-for="one in sortings"
        :key="one.key"
        type="button"
        role="radio"
        :aria-checked="sorting === one.key"
        @click="sorting = one.key"
      >
        {{ one.label }}
      </button>
    </div>
    <table data-test="sweep-results">
      <thead>
        <tr>
          <th scope="col" class="label">bearing</th>
          <th scope="col" class="label">size, {{ format.unit('length') }}</th>
          <th scope="col" class="label number">life, h</th>
          <th scope="col" class="label number">{{ format.unit('mass') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="one in ranked.slice(0, shownRows)"
          :key="one.designation"
          :class="{ here: one.designation === here }"
        >
          <td>
            <button type="button" :data-sweep="one.designation" @click="choose(one.designation)">
              <VerdictMark :state="one.state" />
              <strong>{{ one.designation }}</strong>
            </button>
          </td>
          <td class="quiet">{{ sized(one.boreMm) }} × {{ sized(one.odMm) }} × {{ sized(one.widthMm) }}</td>
          <td class="number">
            {{ one.lifeH === null ? 'none' : format.digits(one.lifeH, 'duration', { figures: 2 }) }}
          </td>
          <td class="number">{{ format.digits(one.massKg, 'mass', { figures: 2 }) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="ranked.length > shownRows" class="quiet">
      The first {{ shownRows }} of {{ ranked.length }}; tighter limits show the rest.
    </p>
  </template>
  <p v-else-if="results" class="quiet">No size keeps these limits. Free the bore, or widen the others.</p>
</template>

<style scoped>
.limits {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px 14px;
}

.limits :deep(input) {
  width: 100%;
  font-size: 17px;
}

.types {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
}

.types button,
.sort button {
  padding: 3px 8px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  font: 14px var(--label);
  cursor: pointer;
}

.types [aria-pressed='true'],
.sort [aria-checked='true'] {
  border-color: var(--spruce);
  box-shadow: inset 0 0 0 1px var(--spruce);
}

.run {
  display: flex;
  align-items: center;
  gap: 12px;
}

progress {
  flex: 1;
  height: 8px;
  accent-color: var(--spruce);
}

.sort {
  display: flex;
  gap: 6px;
}

table {
  width: 100%;
}

th,
td {
  padding: 3px 8px 3px 0;
  border-bottom: 1px solid var(--hair);
  white-space: nowrap;
}

.number {
  padding-right: 0;
}

td button {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 2px 0;
  border: 0;
  background: none;
  cursor: pointer;
}

.here {
  background: var(--sheet);
}
</style>
