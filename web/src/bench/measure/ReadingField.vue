<script setup lang="ts">
import type { Measurable } from '@yardfrost/contract'
import { attempt, formatInput, InputError, parseQuantity } from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { api, ApiFailure } from '../../api/client.ts'
import { useSettings } from '../../shell/settings.ts'
import { useBench } from '../use-bench.ts'

/** One reading of a calliper, micrometer or bore gauge: typed, or sent by the instrument when g is pressed in the field. */
const { path, label, value, measurable, nominalMm, plane, direction } = defineProps<{
  /** Names the field among the unreadable ones. */
  path: string
  label: string
  value: number | null
  measurable: Measurable
  nominalMm: number | null
  plane: number
  direction: number
}>()
const emit = defineEmits<{ read: [value: number | null]; failed: [message: string] }>()

const bench = useBench()
const settings = useSettings()
/** Readings stand under one another, so each has the decimals of its instrument; a finer one typed in metric keeps its own. */
function written(mm: number): string {
  const text = formatInput(mm, 'length', settings.units)
  if (settings.units === 'inch') return Number(text).toFixed(4)
  const least = measurable === 'shaft' || measurable === 'housing' ? 3 : 2
  return (text.split('.')[1]?.length ?? 0) >= least ? text : Number(text).toFixed(least)
}
const shown = () => (value === null ? '' : written(value))
const text = ref(shown())
const typing = ref(false)
const refusal = computed(() => bench.unreadable.get(path) ?? null)

watch([() => value, () => settings.units], () => {
  if (!typing.value && !refusal.value) text.value = shown()
})

function read(): number | null {
  const parsed = parseQuantity(text.value, 'length', settings.units, label)
  if (parsed === null || (parsed >= 1 && parsed <= 2000)) return parsed
  throw new InputError({
    code: 'OUT_OF_RANGE',
    field: label,
    value: text.value,
    allowed: 'from 1 to 2000 mm',
    fix: 'Check the reading and its unit.',
  })
}

let textAtFocus = ''
function begin() {
  typing.value = true
  textAtFocus = text.value
}

function leave() {
  typing.value = false
  // A rounded text that nobody touched must not become the reading.
  if (text.value === textAtFocus) return
  const { value: parsed, refusal: error } = attempt(read)
  if (error) bench.unreadable.set(path, `${error.message}. ${error.fix}`)
  else {
    bench.unreadable.delete(path)
    emit('read', parsed)
    text.value = parsed === null ? '' : written(parsed)
  }
}

/** The next reading field of the sheet, as the instrument is moved on. */
function next(from: HTMLElement) {
  const fields = [...(from.closest('[data-sheet]')?.querySelectorAll<HTMLElement>('input.reading') ?? [])]
  fields[fields.indexOf(from) + 1]?.focus()
}

async function take(event: KeyboardEvent) {
  const field = event.target as HTMLElement
  try {
    const { valueMm } = await api.takeReading({ positionId: bench.id, measurable, nominalMm, plane, direction })
    bench.unreadable.delete(path)
    emit('read', valueMm)
    text.value = written(valueMm)
    textAtFocus = text.value
    next(field)
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    emit('failed', `${error.message}. ${error.fix}`)
  }
}
</script>

<template>
  <InputText
    v-model="text"
    class="reading"
    inputmode="decimal"
    autocomplete="off"
    :aria-label="label"
    :invalid="Boolean(refusal)"
    :title="refusal ?? undefined"
    :data-test="path"
    @focus="begin"
    @blur="leave"
    @keydown.enter="(leave(), next($event.target as HTMLElement))"
    @keydown.g.prevent="take"
  />
</template>

<style scoped>
.reading {
  width: 100%;
  min-width: 0;
  padding-left: 2px;
  padding-right: 2px;
  font-size: 16px;
  text-align: right;
}
</style>
