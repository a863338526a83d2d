<script setup lang="ts">
import type { MachineDetail } from '@yardfrost/contract'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { JobKind, jobKinds } from '@yardfrost/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiFailure } from '../api/client.ts'

/** Which kind of work is done at which positions of a machine: that makes a job with its steps. */
const { machine } = defineProps<{ machine: MachineDetail }>()
const emit = defineEmits<{ close: [] }>()
const router = useRouter()
/** Kinds of work that some position of this machine is for. */
const kinds = JobKind.options
  .filter((value) => machine.positions.some(({ kind: lies }) => lies === jobKinds[value].takes))
  .map((value) => ({ value, label: jobKinds[value].name }))
const kind = ref<JobKind>(kinds[0]?.value ?? 'bearing-change')
const positions = computed(() => machine.positions.filter(({ kind: lies }) => lies === jobKinds[kind.value].takes))
const chosen = ref<string[]>([])
// What was chosen for another kind of work is not of this one; a single position is meant.
watch(
  positions,
  (now) => {
    const ids = now.map(({ id }) => id)
    chosen.value = ids.length === 1 ? ids : chosen.value.filter((id) => ids.includes(id))
  },
  { immediate: true },
)
const question = computed(() => jobKinds[kind.value].question)
const plannedFor = ref('')
const failure = ref<ApiFailure | null>(null)
const busy = ref(false)

async function make() {
  busy.value = true
  failure.value = null
  try {
    const { id } = await api.addJob({
      machineId: machine.id,
      kind: kind.value,
      positionIds: chosen.value,
      plannedFor: plannedFor.value || null,
    })
    await router.push({ name: 'job', params: { id } })
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    failure.value = error
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="new" :aria-label="question" @submit.prevent="make">
    <Select
      v-if="kinds.length > 1"
      v-model="kind"
      :options="kinds"
      option-label="label"
      option-value="value"
      aria-label="Kind of work"
      data-test="job-kind"
    />
    <h2>{{ question }}</h2>
    <label v-for="position in positions" :key="position.id" class="choice">
      <Checkbox v-model="chosen" :value="position.id" :pt="{ input: { 'data-choose': position.name } }" />
      {{ position.name }} <span class="quiet">{{ position.designation ?? 'no bearing entered' }}</span>
    </label>
    <label class="day">
      <span class="label">Planned for, if a day is set</span>
      <InputText v-model="plannedFor" type="date" data-test="planned-day" />
    </label>
    <p class="quiet">
      The steps and their limits are made from how the positions stand now, and stay so: enter fits, loads and grease
      first.
    </p>
    <p v-if="failure" class="error" role="alert">
      <strong>{{ failure.message }}.</strong> {{ failure.fix }}
    </p>
    <p class="do">
      <Button type="submit" label="Make the job" :disabled="chosen.length === 0 || busy" data-test="make-job" />
      <Button label="Not now" variant="text" @click="emit('close')" />
    </p>
  </form>
</template>

<style scoped>
.new {
  display: grid;
  gap: 8px;
  padding: 14px 18px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  background: var(--sheet);
}

.choice {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
}

.day {
  display: grid;
  justify-items: start;
  gap: 2px;
}

.do {
  display: flex;
  gap: 10px;
}
</style>
