<script setup lang="ts">
import { attempt, InputError, overallWidth, parseQuantity, searchCatalogue, unitSymbol } from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import { computed, reactive, ref } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useSettings } from '../../shell/settings.ts'
import { catalogue } from '../../references.ts'
import { useBench } from '../use-bench.ts'

/** Looks a bearing up by what can be measured: bore, outside diameter, width; one of them is enough. */
const bench = useBench()
const settings = useSettings()
const format = useFormat()
const open = ref(false)
const texts = reactive({ boreMm: '', odMm: '', widthMm: '' })
const labels = { boreMm: 'Bore', odMm: 'Outside diameter', widthMm: 'Width' } as const
type Dimension = keyof typeof texts

const largestMm = 2000

const read = computed(() => {
  const sizes: Partial<Record<Dimension, number | null>> = {}
  const refusals: Partial<Record<Dimension, string>> = {}
  for (const name of Object.keys(texts) as Dimension[]) {
    const { value, refusal } = attempt(() => readSize(name))
    if (refusal) refusals[name] = `${refusal.message}. ${refusal.fix}`
    else sizes[name] = value
  }
  return { sizes, refusals }
})

function readSize(name: Dimension): number | null {
  const value = parseQuantity(texts[name], 'length', settings.units, labels[name])
  if (value === null || (value > 0 && value <= largestMm)) return value
  throw new InputError({
    code: 'OUT_OF_RANGE',
    field: labels[name],
    value: texts[name],
    allowed: `above 0 up to ${largestMm} mm`,
    fix: 'Check the reading and its unit.',
  })
}

const asked = computed(() => Object.values(read.value.sizes).some((size) => size !== null))
const found = computed(() => (asked.value ? searchCatalogue(catalogue, { ...read.value.sizes, limit: 60 }) : []))

/** When nothing fits, the nearest standard bore tells whether a digit or the unit slipped. */
const nearest = computed(() => {
  const bore = read.value.sizes.boreMm
  if (bore === null || bore === undefined || found.value.length > 0) return ''
  const bores = [...new Set(catalogue.everyRow.map(({ boreMm }) => boreMm))].sort(
    (a, b) => Math.abs(a - bore) - Math.abs(b - bore),
  )
  const sized = (mm: number) => format.inline({ kind: 'number', number: mm }, 'length', { decimals: 2 })
  const largest = Math.max(...bores)
  return bore > largest
    ? `The largest bore in the tables is ${sized(largest)}; larger ones need the maker’s drawing.`
    : `The nearest bores in the tables are ${bores.slice(0, 2).map(sized).join(' and ')}.`
})

function choose(designation: string) {
  bench.setAt('bearing.designation', designation)
  open.value = false
}

const sized = (mm: number) => format.digits(mm, 'length', { decimals: Number.isInteger(mm) ? 0 : 2 })
</script>

<template>
  <section class="search" aria-label="Look up by size">
    <button type="button" class="toggle link" :aria-expanded="open" data-test="size-search" @click="open = !open">
      {{ open ? 'Close the look-up by size' : 'No number to read? Look it up by size' }}
    </button>
    <div v-if="open" class="sizes">
      <div v-for="(label, name) in labels" :key="name">
        <label class="label" :for="`size-${name}`">{{ label }}</label>
        <InputText
          :id="`size-${name}`"
          v-model="texts[name]"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="unitSymbol('length', settings.units)"
          :invalid="Boolean(read.refusals[name])"
          :data-test="`size-${name}`"
        />
      </div>
      <p v-for="(text, name) in read.refusals" :key="name" class="error" role="alert">{{ text }}</p>
      <p v-if="asked && found.length === 0" class="none" data-test="size-none">
        No size in the tables fits within half a millimetre. {{ nearest }}
      </p>
      <ul v-if="found.length" class="found" data-test="size-found">
        <li v-for="row in found" :key="row.designation">
          <button type="button" @click="choose(row.designation)">
            <strong>{{ row.designation }}</strong>
            <span class="quiet">{{ sized(row.boreMm) }} × {{ sized(row.odMm) }} × {{ sized(overallWidth(row)) }}</span>
          </button>
        </li>
      </ul>
      <p class="quiet hint">
        A size says which base numbers fit. Clearance, closure and taper are read from the ring or the box, never
        guessed.
      </p>
    </div>
  </section>
</template>

<style scoped>
.toggle {
  color: var(--ink-2);
}

.sizes {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px 14px;
  margin-top: 8px;
}

.sizes :deep(input) {
  width: 100%;
  font-size: 17px;
}

.error,
.none,
.found,
.hint {
  grid-column: 1 / -1;
}

.hint {
  font-size: 14px;
}

.found {
  max-height: 190px;
  margin: 0;
  padding: 0;
  border: solid var(--hair);
  border-width: 1px 0;
  list-style: none;
  overflow-y: auto;
}

.found button {
  display: flex;
  justify-content: space-between;
  width: 100%;
  padding: 6px 4px;
  border: 0;
  background: none;
  cursor: pointer;
}

.found button:hover {
  background: var(--sheet);
}
</style>
