<script setup lang="ts">
import { formatInput, InputError, parseQuantity, unitSymbol, type Quantity } from '@yardfrost/core'
import { ref, watch } from 'vue'
import { useSettings } from '../shell/settings.ts'
import QuantityInput from '../form/QuantityInput.vue'

/** One reading at a point: kept as soon as it can be read, in either system of units. */
const { title, quantity, value, id, unit } = defineProps<{
  id: string
  title: string
  quantity: Quantity
  /** Unit it is shown with, where the quantity has none of its own. */
  unit?: string
  value: number | null
}>()
const emit = defineEmits<{ read: [value: number] }>()
const settings = useSettings()
const shownText = () => (value === null ? '' : formatInput(value, quantity, settings.units))
const text = ref(shownText())
const refusal = ref<string | null>(null)
watch([() => value, () => settings.units], () => {
  text.value = shownText()
})

function leave() {
  try {
    const read = parseQuantity(text.value, quantity, settings.units, title)
    refusal.value = null
    if (read !== null && read !== value) emit('read', read)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    refusal.value = `${error.message}. ${error.fix}`
  }
}
</script>

<template>
  <QuantityInput
    :id="id"
    v-model="text"
    :title="title"
    :unit="unit ?? unitSymbol(quantity, settings.units)"
    :refusal="refusal"
    :test="id"
    @leave="leave"
  />
</template>
