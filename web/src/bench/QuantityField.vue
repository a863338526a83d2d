<script setup lang="ts">
import {
  attempt,
  fieldSchema,
  formatInput,
  inputErrorOf,
  parseQuantity,
  Position,
  unitSymbol,
  type FieldMeta,
  type InputError,
  type UnitSystem,
} from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { useSettings } from '../shell/settings.ts'
import { useBench, type FieldPath } from './use-bench.ts'

/** A number with its unit. Takes either system as typed; label, range and unit come from the position's schema. */
const { path, note = '' } = defineProps<{ path: FieldPath; note?: string }>()

const bench = useBench()
const settings = useSettings()
const schema = fieldSchema(Position, path.split('.'))
const meta = schema?.meta() as FieldMeta | undefined
const title = meta?.title ?? path
const quantity = meta?.quantity ?? 'ratio'

const value = computed(() => bench.valueAt(path) as number | null)
const shown = (system: UnitSystem) => (value.value === null ? '' : formatInput(value.value, quantity, system))
const text = ref(shown(settings.units))
const typing = ref(false)
let textAtFocus = text.value
/** What the field held before this edit; a text that cannot be read goes back to it. */
let valueAtFocus = value.value
function begin() {
  typing.value = true
  textAtFocus = text.value
  if (!refusal.value) valueAtFocus = value.value
}
const refusal = computed(() => bench.unreadable.get(path) ?? null)

// While a person types, the text is theirs; otherwise it follows the value and the units.
watch([value, () => settings.units], () => {
  if (!typing.value && !refusal.value) text.value = shown(settings.units)
})

/** Reads the text and checks it against the schema. @throws InputError */
function read(): number | null {
  const parsed = parseQuantity(text.value, quantity, settings.units, title)
  const checked = schema?.safeParse(parsed, { reportInput: true })
  if (checked?.success === false)
    throw inputErrorOf(
      Position,
      checked.error.issues.map((issue) => ({ ...issue, path: path.split('.') })),
      'path',
    )
  return parsed
}

/** Takes what was typed as soon as it can be read; complains only when the person has moved on. */
function take(complain: boolean) {
  const { value: parsed, refusal: error } = attempt(read)
  if (!error) {
    bench.unreadable.delete(path)
    bench.setAt(path, parsed)
  } else {
    bench.setAt(path, valueAtFocus)
    if (complain) bench.unreadable.set(path, sentence(error))
  }
}

function sentence(error: InputError): string {
  return `${title} is “${text.value.trim()}”; it must be ${error.allowed}. ${error.code === 'UNREADABLE' ? error.fix : ''}`.trim()
}

function leave() {
  typing.value = false
  // Text nobody touched is a rounded value; reading it back would change the input.
  if (text.value !== textAtFocus) take(true)
  if (!bench.unreadable.has(path)) text.value = shown(settings.units)
}

const inputId = `field-${path.replace('.', '-')}`
</script>

<template>
  <div class="field" :class="{ refused: refusal }">
    <label class="label" :for="inputId">{{ title }}</label>
    <div class="entry">
      <InputText
        :id="inputId"
        v-model="text"
        inputmode="decimal"
        autocomplete="off"
        :invalid="Boolean(refusal)"
        :aria-describedby="refusal ? `${inputId}-error` : undefined"
        :data-test="path"
        @focus="begin"
        @update:model-value="take(false)"
        @blur="leave"
        @keydown.enter="leave"
      />
      <span class="unit">{{ note || unitSymbol(quantity, settings.units) }}</span>
    </div>
    <p v-if="refusal" :id="`${inputId}-error`" class="error" role="alert" :data-test="`${path}-error`">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}

.entry {
  position: relative;
}

.entry :deep(input) {
  width: 100%;
  padding-right: 64px;
  font-size: 17px;
}

.unit {
  position: absolute;
  right: 0;
  bottom: 6px;
  color: var(--ink-2);
  font-size: 14px;
  pointer-events: none;
}

.error {
  margin-top: 4px;
  color: var(--stop);
  font-size: 14px;
}
</style>
