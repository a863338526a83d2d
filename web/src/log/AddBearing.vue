<script setup lang="ts">
import type { FittedStory, LogLine } from '@yardfrost/contract'
import { FittedEntry, outReasons, outWords } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, reactive } from 'vue'
import { api } from '../api/client.ts'
import ChoiceField from '../form/ChoiceField.vue'
import DayField from '../form/DayField.vue'
import { inLabels } from '../form/form-port.ts'
import QuantityField from '../form/QuantityField.vue'
import TextField from '../form/TextField.vue'
import ThingForm from '../form/ThingForm.vue'
import { damage } from '../references.ts'
import { useAsking } from '../shell/use-asking.ts'

/** A bearing of an old book, typed. */
const { position, machine } = defineProps<{ position: LogLine['position']; machine: LogLine['machine'] }>()
const emit = defineEmits<{ added: [story: FittedStory]; close: [] }>()

const typed = reactive<FittedEntry>({
  designation: '',
  batch: '',
  fittedOn: '',
  outOn: null,
  hoursH: null,
  ended: null,
  cause: null,
  note: '',
})
const unreadable = reactive(new Map<string, string>())
/** What a bearing that still runs cannot have is not sent with it. */
const entry = computed((): FittedEntry => {
  if (typed.outOn === null) return { ...typed, hoursH: null, ended: null, cause: null }
  return typed.ended === 'sound' ? { ...typed, cause: null } : { ...typed }
})
const reasons = outReasons.map((value) => ({ value, label: outWords[value] }))
const causes = [
  { value: null, label: 'nobody said why' },
  ...damage.causes.map(({ cause, title }) => ({ value: cause, label: title })),
]
const { busy, trouble, asking } = useAsking()
const save = () =>
  asking(async () => emit('added', await api.addFitted({ positionId: position.id, entry: entry.value })))
</script>

<template>
  <form class="add" data-test="add-bearing" @submit.prevent="save">
    <h2>A bearing that was in {{ machine.tag }} {{ position.name.toLowerCase() }}</h2>
    <ThingForm
      :schema="FittedEntry"
      :value="entry"
      path="log"
      :unreadable="unreadable"
      @change="Object.assign(typed, $event)"
    >
      <TextField path="designation" />
      <TextField path="batch" />
      <DayField path="fittedOn" />
      <DayField path="outOn" />
      <p v-if="entry.outOn === null" class="label">Leave that day empty while it runs.</p>
      <template v-else>
        <ChoiceField path="ended" :options="reasons" />
        <ChoiceField v-if="entry.ended && entry.ended !== 'sound'" path="cause" :options="causes" />
        <QuantityField path="hoursH" />
      </template>
      <TextField path="note" />
    </ThingForm>
    <p v-if="trouble" class="error" role="alert" data-test="log-error">{{ inLabels(trouble, FittedEntry) }}</p>
    <p class="deeds">
      <Button type="submit" label="Keep it" :disabled="busy || unreadable.size > 0" data-test="keep-bearing" />
      <Button label="Leave it" severity="secondary" variant="outlined" @click="emit('close')" />
    </p>
  </form>
</template>

<style scoped>
.add {
  display: grid;
  gap: 12px;
}

.deeds {
  display: flex;
  gap: 10px;
  margin-top: 4px;
}
</style>
