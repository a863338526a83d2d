<script setup lang="ts" generic="Step extends Record<keyof Step, number> & { share: number }">
import { attempt, formatInput, InputError, parseQuantity, type Quantity } from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import { computed, reactive, watch } from 'vue'
import { useSettings } from '../shell/settings.ts'
import { useFormat } from '../figures/use-format.ts'

/** Steps of a duty as a small table: what each is, and its share of the time. */
const steps = defineModel<Step[]>({ required: true })
const { path, columns, unreadable } = defineProps<{
  /** Names the table among the unreadable fields. */
  path: string
  columns: { field: keyof Step & string; label: string; quantity: Quantity; most: number; times: number }[]
  /** Fields whose text cannot be read, of the document that the steps are part of. */
  unreadable: Map<string, string>
}>()
const settings = useSettings()
const format = useFormat()
type Column = (typeof columns)[number]

const key = (index: number, field: string) => `${path}.${index}.${field}`
const shown = (step: Step, { field, quantity, times }: Column) =>
  formatInput(Number((step[field] * times).toPrecision(6)), quantity, settings.units)
/** The document outlives this table: it is told through its own map. */
const complaints = () => unreadable

/** Text being typed, by cell; what is not there follows the value. */
const typed = reactive(new Map<string, string>())
watch(
  () => settings.units,
  () => typed.clear(),
)

function take(index: number, column: Column, text: string) {
  const name = `${column.label} of step ${index + 1}`
  typed.set(key(index, column.field), text)
  const { value, refusal } = attempt(() => {
    const read = parseQuantity(text, column.quantity, settings.units, name)
    if (read !== null && read >= 0 && read <= column.most) return read / column.times
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: name,
      value: text,
      allowed: `a number from 0 to ${column.most}`,
      fix: 'Correct it.',
    })
  })
  if (refusal) complaints().set(key(index, column.field), `${refusal.message}.`)
  else {
    complaints().delete(key(index, column.field))
    steps.value = steps.value.map((step, at) => (at === index ? { ...step, [column.field]: value } : step))
  }
}

function leave(index: number, { field }: Column) {
  if (!unreadable.has(key(index, field))) typed.delete(key(index, field))
}

function forget() {
  typed.clear()
  for (const one of [...unreadable.keys()]) if (one.startsWith(`${path}.`)) complaints().delete(one)
}

function add() {
  const last = steps.value[steps.value.length - 1]
  if (last) steps.value = [...steps.value, { ...last, share: Math.max(0, Number((1 - total.value).toFixed(4))) }]
}

function remove(index: number) {
  forget()
  const left = steps.value.filter((_, at) => at !== index)
  // One step alone is a steady load.
  steps.value = left.length > 1 ? left : []
}

const total = computed(() => steps.value.reduce((sum, { share }) => sum + share, 0))
const whole = computed(() => Math.abs(total.value - 1) < 0.005)
const troubles = computed(() =>
  [...unreadable].filter(([one]) => one.startsWith(`${path}.`)).map(([, message]) => message),
)
</script>

<template>
  <div class="steps" :data-test="path">
    <table>
      <thead>
        <tr>
          <th scope="col" class="label">step</th>
          <th v-for="column in columns" :key="column.field" scope="col" class="label">
            {{ column.label }}, {{ format.unit(column.quantity) }}
          </th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(step, index) in steps" :key="index">
          <th scope="row" class="label">{{ index + 1 }}</th>
          <td v-for="column in columns" :key="column.field">
            <InputText
              :model-value="typed.get(key(index, column.field)) ?? shown(step, column)"
              inputmode="decimal"
              autocomplete="off"
              :aria-label="`${column.label} of step ${index + 1}`"
              :invalid="unreadable.has(key(index, column.field))"
              :data-test="key(index, column.field)"
              @update:model-value="take(index, column, $event ?? '')"
              @blur="leave(index, column)"
            />
          </td>
          <td>
            <button type="button" class="small" :aria-label="`Take step ${index + 1} out`" @click="remove(index)">
              ×
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="foot">
      <button v-if="steps.length < 8" type="button" class="small" data-test="add-step" @click="add">
        One more step
      </button>
      <span :class="{ wrong: !whole }">
        together {{ format.digits(total * 100, 'percent', { figures: 3 }) }}{{ '\u00a0' }}%<template v-if="!whole"
          >, must be 100 %</template
        >
      </span>
    </p>
    <p v-for="message in troubles" :key="message" class="wrong" role="alert">{{ message }}</p>
  </div>
</template>

<style scoped>
table {
  width: 100%;
  table-layout: fixed;
}

th {
  text-align: right;
}

thead th:first-child {
  width: 40px;
  text-align: left;
}

thead th:last-child {
  width: 34px;
}

tbody th {
  text-align: left;
}

td {
  padding: 2px 0 2px 10px;
}

td :deep(input) {
  width: 100%;
  padding: 4px 2px;
  font-size: 17px;
  text-align: right;
}

.foot {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding-top: 8px;
}

.small {
  min-width: 26px;
  padding: 3px 8px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  cursor: pointer;
}

.wrong {
  color: var(--stop);
}
</style>
