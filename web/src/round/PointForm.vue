<script setup lang="ts">
import { SavePoint, type PlantPoint } from '@yardfrost/contract'
import { PointOwn, type intervalOrigins } from '@yardfrost/core'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { reactive, ref } from 'vue'
import { api, ApiFailure, SaveConflict } from '../api/client.ts'
import ChoiceField from '../form/ChoiceField.vue'
import { inLabels } from '../form/form-port.ts'
import QuantityField from '../form/QuantityField.vue'
import TextField from '../form/TextField.vue'
import TextInput from '../form/TextInput.vue'
import ThingForm from '../form/ThingForm.vue'
import { today } from '../shell/today.ts'

/** What people settle for a point, over what is worked out. */
const { point } = defineProps<{ point: PlantPoint }>()
const emit = defineEmits<{ saved: [] }>()
const own = reactive<PointOwn>({ ...point.own })
const lastDone = ref(point.lastDone ?? '')
const unreadable = reactive(new Map<string, string>())
const trouble = ref<{ message: string; fix: string; field?: string | null } | null>(null)
const busy = ref(false)

const originOptions = [
  { value: 'site', label: 'the site' },
  { value: 'manual', label: 'the maker’s manual' },
  { value: 'learned', label: 'what came out of the drain' },
] satisfies { value: (typeof intervalOrigins)[number]; label: string }[]

async function save() {
  trouble.value = null
  busy.value = true
  try {
    await api.savePoint(point.id, { version: point.version, own: { ...own }, lastDone: lastDone.value || null })
    emit('saved')
  } catch (error) {
    if (error instanceof SaveConflict)
      trouble.value = { message: 'Somebody saved this point since you opened it', fix: 'It is read anew when you close it; what you typed stays here.' } // prettier-ignore
    else if (error instanceof ApiFailure) trouble.value = error
    else throw error
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="settle" @submit.prevent="save">
    <ThingForm
      :schema="PointOwn"
      :value="own"
      path="point"
      :unreadable="unreadable"
      @change="Object.assign(own, $event)"
    >
      <TextInput
        id="point-done"
        v-model="lastDone"
        title="Last done"
        test="point.lastDone"
        type="date"
        :max="today()"
      />
      <template v-if="point.work.intervalH !== null">
        <QuantityField path="intervalH" />
        <ChoiceField v-if="own.intervalH !== null" path="from" :options="originOptions" />
        <TextField v-if="own.intervalH !== null" path="reason" />
      </template>
      <QuantityField path="maxDays" />
      <QuantityField v-if="point.kind === 'grease'" path="quantityG" />
      <QuantityField path="minutes" />
      <TextField path="access" placeholder="1.4 m up, from the gangway" />
      <template v-if="point.kind === 'grease'">
        <label class="check"><Checkbox v-model="own.stopped" binary /> greased with the machine stopped</label>
        <label class="check"><Checkbox v-model="own.nippleInside" binary /> nipple inside a guard</label>
        <label class="check"><Checkbox v-model="own.drain" binary /> has a drain</label>
      </template>
      <label v-if="point.kind === 'oil-level'" class="check"
        ><Checkbox v-model="own.oiler" binary /> has a constant-level oiler</label
      >
      <TextField path="unreachable" placeholder="leave empty where it is reached" />
    </ThingForm>
    <p v-if="trouble" class="trouble" role="alert" data-test="point-trouble">
      {{ inLabels(trouble, SavePoint) }}
    </p>
    <Button type="submit" label="Save" :disabled="busy || unreadable.size > 0" data-test="save-point" />
  </form>
</template>

<style scoped>
.settle {
  display: grid;
  gap: 12px;
  padding: 8px 0 12px;
}

.check {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
}

.trouble {
  margin: 0;
  color: var(--stop);
}
</style>
