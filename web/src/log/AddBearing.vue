<script setup lang="ts">
import type { FittedStory, LogLine } from '@yardfrost/contract'
import { outReasons, outWords, type OutReason } from '@yardfrost/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { reactive, ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { damage } from '../references.ts'

/** A bearing of an old book, typed. */
const { position, machine } = defineProps<{ position: LogLine['position']; machine: LogLine['machine'] }>()
const emit = defineEmits<{ added: [story: FittedStory]; close: [] }>()

const entry = reactive({
  designation: '',
  fittedOn: '',
  outOn: '',
  hours: '',
  ended: '',
  cause: '',
  batch: '',
  note: '',
})
const failure = ref<ApiFailure | null>(null)
const isAt = (field: string) => failure.value?.field === `entry.${field}` || failure.value?.field === field

async function save() {
  failure.value = null
  const hours = entry.hours.trim().replace(',', '.')
  try {
    const story = await api.addFitted({
      positionId: position.id,
      entry: {
        designation: entry.designation,
        fittedOn: entry.fittedOn,
        outOn: entry.outOn || null,
        hoursH: hours === '' ? null : Number(hours),
        ended: (entry.ended || null) as OutReason | null,
        cause: entry.cause || null,
        batch: entry.batch,
        note: entry.note,
      },
    })
    emit('added', story)
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    failure.value = error
  }
}
</script>

<template>
  <form class="add" data-test="add-bearing" @submit.prevent="save">
    <h2>A bearing that was in {{ machine.tag }} {{ position.name.toLowerCase() }}</h2>
    <label class="label" for="log-designation">Bearing designation</label>
    <InputText
      id="log-designation"
      v-model="entry.designation"
      :invalid="isAt('designation')"
      data-test="log.designation"
    />
    <label class="label" for="log-in">Fitted on</label>
    <input id="log-in" v-model="entry.fittedOn" type="date" data-test="log.fittedOn" />
    <label class="label" for="log-out">Came out on; leave it empty while it runs</label>
    <input id="log-out" v-model="entry.outOn" type="date" data-test="log.outOn" />
    <template v-if="entry.outOn">
      <label class="label" for="log-ended">Why it came out</label>
      <select id="log-ended" v-model="entry.ended" data-test="log.ended">
        <option value="">say why</option>
        <option v-for="one in outReasons" :key="one" :value="one">{{ outWords[one] }}</option>
      </select>
      <template v-if="entry.ended && entry.ended !== 'sound'">
        <label class="label" for="log-cause">Cause, where it is known</label>
        <select id="log-cause" v-model="entry.cause" data-test="log.cause">
          <option value="">nobody said why</option>
          <option v-for="one in damage.causes" :key="one.cause" :value="one.cause">{{ one.title }}</option>
        </select>
      </template>
      <label class="label" for="log-hours">Hours it ran; empty: as the machine runs</label>
      <InputText id="log-hours" v-model="entry.hours" inputmode="decimal" data-test="log.hours" />
    </template>
    <label class="label" for="log-note">Note</label>
    <InputText id="log-note" v-model="entry.note" data-test="log.note" />
    <p v-if="failure" class="error" role="alert" data-test="log-error">{{ failure.message }}. {{ failure.fix }}</p>
    <p class="deeds">
      <Button type="submit" label="Keep it" data-test="keep-bearing" />
      <Button label="Leave it" severity="secondary" variant="outlined" @click="emit('close')" />
    </p>
  </form>
</template>

<style scoped>
.add {
  display: grid;
  gap: 6px;
}

input[type='date'],
select {
  min-height: 40px;
  padding: 0 8px;
  border: 0;
  border-bottom: 1.6px solid var(--ink-2);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
}

.deeds {
  display: flex;
  gap: 10px;
  margin-top: 8px;
}
</style>
