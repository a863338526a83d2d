<script setup lang="ts">
import { InputError } from '@yardfrost/core'
import { computed } from 'vue'
import { unitSymbol } from '@yardfrost/core'
import QuantityInput from '../../form/QuantityInput.vue'
import { useQuantityText } from '../../form/use-quantity-text.ts'
import { useSettings } from '../../shell/settings.ts'
import { usePlainBench } from '../use-plain-bench.ts'

/** Clearance by strip, wire or feeler at one place. */
const { place, title } = defineProps<{ place: number; title: string }>()
const bench = usePlainBench()
const settings = useSettings()
const name = `mount.stripMm.${place}`
const readings = computed(() => bench.inputs.value.mount.stripMm)
const mostMm = 20
const refusal = computed(() => bench.unreadable.get(name) ?? null)
const value = () => readings.value[place] ?? null
const { text, begin, take, leave } = useQuantityText({
  title,
  quantity: 'length',
  value,
  check: (parsed) => {
    if (parsed === null || (parsed >= 0 && parsed <= mostMm)) return
    throw new InputError({ code: 'OUT_OF_RANGE', field: title, value: parsed, allowed: `from 0 to ${mostMm} mm`, fix: 'Check the reading and its unit.' }) // prettier-ignore
  },
  take: (parsed) => {
    const next = [...readings.value]
    if (parsed === null) next.splice(place, 1)
    else next[place] = parsed
    bench.setAt('mount.stripMm', next)
  },
  refusal: () => refusal.value,
  complain: (message) => (message === null ? bench.unreadable.delete(name) : bench.unreadable.set(name, message)),
})
</script>

<template>
  <QuantityInput
    :id="`strip-${place}`"
    v-model="text"
    :title="title"
    :unit="unitSymbol('length', settings.units)"
    :refusal="refusal"
    :test="name"
    @begin="begin"
    @take="take(false)"
    @leave="leave"
  />
</template>
