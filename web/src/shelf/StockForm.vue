<script setup lang="ts">
import type { StockLine } from '@yardfrost/contract'
import { StockEntry } from '@yardfrost/core'
import Button from 'primevue/button'
import { reactive, ref } from 'vue'
import { api, SaveConflict } from '../api/client.ts'
import ChoiceField from '../form/ChoiceField.vue'
import DayField from '../form/DayField.vue'
import { inLabels } from '../form/form-port.ts'
import QuantityField from '../form/QuantityField.vue'
import TextField from '../form/TextField.vue'
import ThingForm from '../form/ThingForm.vue'
import { useAsking } from '../shell/use-asking.ts'
import { conditionOptions } from './words.ts'

/** One line of the shelf: a new one, or one whose words change; how many there are is counted, not written. */
const { line = null, designation = '' } = defineProps<{ line?: StockLine | null; designation?: string }>()
const emit = defineEmits<{ kept: []; close: [] }>()

const fresh: StockEntry = { designation, place: '', condition: 'boxed', greasedOn: null, count: 1, least: 0, note: '' }
const typed = reactive<StockEntry>(line ? StockEntry.strip().parse(line) : fresh)
const unreadable = reactive(new Map<string, string>())
const { busy, trouble, asking } = useAsking()
const asked = ref(false)
const keep = () =>
  asking(async () => {
    const { count, ...entry } = typed
    await (line ? api.saveStock(line.id, { version: line.version, entry }) : api.addStock({ ...entry, count }))
    emit('kept')
  })
const drop = () =>
  asking(async () => {
    if (line) await api.dropStock(line.id)
    emit('kept')
  })
</script>

<template>
  <form class="stock" data-test="stock-form" @submit.prevent="keep">
    <h2>{{ line ? `${line.designation} in ${line.place}` : 'A number in a place' }}</h2>
    <ThingForm
      :schema="StockEntry"
      :value="typed"
      path="stock"
      :unreadable="unreadable"
      @change="Object.assign(typed, $event)"
    >
      <TextField path="designation" />
      <TextField path="place" placeholder="rack and box, as it is written there" />
      <div class="fields">
        <QuantityField v-if="!line" path="count" />
        <QuantityField path="least" />
        <ChoiceField path="condition" :options="conditionOptions" />
        <DayField path="greasedOn" />
      </div>
      <TextField path="note" />
    </ThingForm>
    <p v-if="trouble" class="error" role="alert" data-test="stock-error">
      {{
        trouble instanceof SaveConflict
          ? 'Somebody changed this line since you opened it. Close it and open it again.'
          : inLabels(trouble, StockEntry)
      }}
    </p>
    <p class="deeds">
      <Button type="submit" label="Keep it" :disabled="busy || unreadable.size > 0" data-test="keep-stock" />
      <Button label="Leave it" severity="secondary" variant="outlined" @click="emit('close')" />
      <button v-if="line && !asked" type="button" class="link" data-test="drop-stock" @click="asked = true">
        Take the line off
      </button>
      <Button
        v-if="asked"
        label="Take it off, with its history"
        severity="danger"
        variant="outlined"
        :disabled="busy"
        data-test="drop-yes"
        @click="drop"
      />
    </p>
  </form>
</template>

<style scoped src="../form/fields.css"></style>
<style scoped>
.stock {
  display: grid;
  gap: 12px;
}

.deeds {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
</style>
