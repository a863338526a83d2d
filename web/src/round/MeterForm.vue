<script setup lang="ts">
import type { MeterReadings } from '@yardfrost/contract'
import { RoundReadings } from '@yardfrost/core'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { reactive, ref } from 'vue'
import { z } from 'zod'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import DayField from '../form/DayField.vue'
import { inLabels } from '../form/form-port.ts'
import QuantityField from '../form/QuantityField.vue'
import ThingForm from '../form/ThingForm.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { shownDay } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import { useAsking } from '../shell/use-asking.ts'
import { today } from '../shell/today.ts'

/** The hour meter of a machine: what it showed, and a new one that goes on from where the old one stood. */
const { hours } = RoundReadings.shape
/** As it is typed. */
const MeterGiven = z.object({
  day: z.iso.date().meta({ title: 'Read on' }),
  shownH: hours.meta({ ...hours.meta(), title: 'It shows' }),
  replacedAt: hours.meta({ ...hours.meta(), title: 'The old one stood at' }),
})
type MeterGiven = z.output<typeof MeterGiven>

const { machineId } = defineProps<{ machineId: string }>()
const emit = defineEmits<{ saved: [] }>()
const format = useFormat()
const meter = ref<MeterReadings | null>(null)
const { failure, load } = useLoading(async () => {
  meter.value = await api.meter(machineId)
})
const form = reactive<MeterGiven>({ day: today(), shownH: null, replacedAt: null })
const replaced = ref(false)
const unreadable = reactive(new Map<string, string>())
const { busy, trouble, asking } = useAsking()

const save = () =>
  asking(async () => {
    const { day, shownH, replacedAt } = form
    if (shownH === null) return
    meter.value = await api.readMeter(machineId, { day, shownH, replacedAt: replaced.value ? replacedAt : null })
    Object.assign(form, { shownH: null, replacedAt: null })
    replaced.value = false
    emit('saved')
  })
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <form v-else-if="meter" class="meter" data-test="meter" @submit.prevent="save">
    <p v-for="one in meter.readings.slice(0, 4)" :key="`${one.day} ${one.hoursH}`" class="quiet">
      {{ shownDay(one.day) }}: {{ format.inline({ kind: 'number', number: one.shownH }, 'duration', { decimals: 0 }) }}
    </p>
    <p v-if="meter.readings.length < 2" class="quiet">It takes two readings to know how much it runs.</p>
    <ThingForm
      :schema="MeterGiven"
      :value="form"
      path="meter"
      :unreadable="unreadable"
      @change="Object.assign(form, $event)"
    >
      <DayField path="day" />
      <QuantityField path="shownH" />
      <label class="check"><Checkbox v-model="replaced" binary /> it is a new meter</label>
      <QuantityField v-if="replaced" path="replacedAt" />
    </ThingForm>
    <p v-if="trouble" class="trouble" role="alert" data-test="meter-trouble">
      {{ inLabels(trouble, MeterGiven) }}
    </p>
    <Button
      type="submit"
      size="small"
      label="Enter it"
      :disabled="busy || unreadable.size > 0 || form.shownH === null || (replaced && form.replacedAt === null)"
      data-test="enter-meter"
    />
  </form>
</template>

<style scoped>
.meter {
  display: grid;
  gap: 10px;
  padding: 6px 0 12px;
}

p {
  margin: 0;
}

.check {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
}

.trouble {
  color: var(--stop);
}
</style>
