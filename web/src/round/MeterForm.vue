<script setup lang="ts">
import type { MeterReadings } from '@yardfrost/contract'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, reactive, ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import TextInput from '../form/TextInput.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { shownDay } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import { today } from '../shell/today.ts'

/** The hour meter of a machine: what it showed, and a new one that goes on from where the old one stood. */
const { machineId } = defineProps<{ machineId: string }>()
const emit = defineEmits<{ saved: [] }>()
const format = useFormat()
const meter = ref<MeterReadings | null>(null)
const { failure, load } = useLoading(async () => {
  meter.value = await api.meter(machineId)
})
const form = reactive({ day: today(), shown: '', replaced: false, old: '' })
const trouble = ref<ApiFailure | null>(null)
const read = (text: string): number => Number(text.trim().replace(',', '.'))
const ready = computed(
  () =>
    form.shown.trim() !== '' &&
    Number.isFinite(read(form.shown)) &&
    (!form.replaced || (form.old.trim() !== '' && Number.isFinite(read(form.old)))),
)
async function save() {
  trouble.value = null
  try {
    const replacedAt = form.replaced ? read(form.old) : null
    meter.value = await api.readMeter(machineId, { day: form.day, shownH: read(form.shown), replacedAt })
    Object.assign(form, { shown: '', replaced: false, old: '' })
    emit('saved')
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
  }
}
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <form v-else-if="meter" class="meter" data-test="meter" @submit.prevent="save">
    <p v-for="one in meter.readings.slice(0, 4)" :key="`${one.day} ${one.hoursH}`" class="quiet">
      {{ shownDay(one.day) }}: {{ format.inline({ kind: 'number', number: one.shownH }, 'duration', { decimals: 0 }) }}
    </p>
    <p v-if="meter.readings.length < 2" class="quiet">It takes two readings to know how much it runs.</p>
    <TextInput id="meter-day" v-model="form.day" title="Read on" test="meter-day" type="date" :max="today()" />
    <TextInput id="meter-shown" v-model="form.shown" title="It shows, h" test="meter-shown" inputmode="decimal" />
    <label class="check"><Checkbox v-model="form.replaced" binary /> it is a new meter</label>
    <TextInput
      v-if="form.replaced"
      id="meter-old"
      v-model="form.old"
      title="The old one stood at, h"
      test="meter-old"
      inputmode="decimal"
    />
    <p v-if="trouble" class="trouble" role="alert" data-test="meter-trouble">
      {{ trouble.message }}. {{ trouble.fix }}
    </p>
    <Button type="submit" size="small" label="Enter it" :disabled="!ready" data-test="enter-meter" />
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
