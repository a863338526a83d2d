<script setup lang="ts">
import {
  attempt,
  InputError,
  parseQuantity,
  sketchShaft,
  unitSymbol,
  usualSketch,
  toShown,
  type MachineKind,
  type Quantity,
} from '@yardfrost/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, reactive, ref, watch } from 'vue'
import { kindOptions } from '../register/words.ts'
import { useSettings } from '../shell/settings.ts'
import { useShaft } from './use-shaft.ts'

/** Nothing is drawn yet: a kind of machine and four sizes make a shaft line to correct by hand. */
const shaft = useShaft()
const settings = useSettings()
const kind = ref<MachineKind>(shaft.detail.value?.machine.kind ?? 'other')

const sizes: {
  key: 'boreMm' | 'spanMm' | 'speedRpm' | 'powerKw'
  label: string
  quantity: Quantity
  from: number
  to: number
}[] = [
  { key: 'boreMm', label: 'Shaft at the bearings', quantity: 'length', from: 10, to: 800 },
  { key: 'spanMm', label: 'Between the bearings', quantity: 'length', from: 50, to: 10_000 },
  { key: 'speedRpm', label: 'Speed', quantity: 'speed', from: 1, to: 100_000 },
  { key: 'powerKw', label: 'Power', quantity: 'power', from: 0, to: 100_000 },
]
const texts = reactive<Record<string, string>>({})
function fill() {
  for (const { key, quantity } of sizes)
    texts[key] = String(Number(toShown(usualSketch[kind.value][key], quantity, settings.units).toPrecision(4)))
}
watch([kind, () => settings.units], fill, { immediate: true })

const read = computed(() => {
  const refusals: string[] = []
  const values = { ...usualSketch[kind.value] }
  for (const { key, label, quantity, from, to } of sizes) {
    const { value, refusal } = attempt(() => {
      const parsed = parseQuantity(texts[key] ?? '', quantity, settings.units, label)
      if (parsed !== null && parsed >= from && parsed <= to) return parsed
      throw new InputError({
        code: 'OUT_OF_RANGE',
        field: label,
        value: texts[key],
        allowed: `from ${from} to ${to}`,
        fix: 'Correct it.',
      })
    })
    if (refusal) refusals.push(`${refusal.message}.`)
    else values[key] = value
  }
  return { refusals, values }
})

function draw() {
  const names = shaft.detail.value?.positions.map(({ name }) => name) ?? []
  shaft.put(sketchShaft(kind.value, read.value.values, names))
}
</script>

<template>
  <section class="sketch" aria-label="Draw the shaft">
    <h1>Nobody has drawn this shaft yet.</h1>
    <p>
      Say what machine it is and give four sizes: that makes a shaft to scale, with what usually stands on it. Drag and
      correct it from there; the benches then take their loads from it.
    </p>
    <div class="fields">
      <div>
        <label class="label" for="sketch-kind">Machine</label>
        <Select
          v-model="kind"
          label-id="sketch-kind"
          :options="kindOptions"
          option-label="label"
          option-value="value"
          aria-label="Machine"
          data-test="sketch-kind"
        />
      </div>
      <div v-for="{ key, label, quantity } in sizes" :key="key">
        <label class="label" :for="`sketch-${key}`">{{ label }}, {{ unitSymbol(quantity, settings.units) }}</label>
        <InputText
          :id="`sketch-${key}`"
          v-model="texts[key]"
          inputmode="decimal"
          autocomplete="off"
          :data-test="`sketch-${key}`"
        />
      </div>
    </div>
    <p v-for="message in read.refusals" :key="message" class="error" role="alert">{{ message }}</p>
    <Button label="Draw it" :disabled="read.refusals.length > 0" data-test="draw-shaft" @click="draw" />
  </section>
</template>

<style scoped>
.sketch {
  display: grid;
  align-content: center;
  justify-items: start;
  gap: 14px;
  max-width: 720px;
  height: 100%;
  padding: 24px 48px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 12px 18px;
  width: 100%;
}

.fields :deep(input),
.fields :deep(.p-select) {
  width: 100%;
  font-size: 17px;
}
</style>
