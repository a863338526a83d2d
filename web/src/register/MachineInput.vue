<script setup lang="ts">
import type { MachineDetail } from '@yardfrost/contract'
import AutoComplete from 'primevue/autocomplete'
import { ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'

/** A machine of the site, chosen by what is typed of its tag, name, area or bearings. */
const machine = defineModel<MachineDetail | null>({ required: true })
defineProps<{ id: string; test: string }>()
const typed = ref<string | MachineDetail>('')
const found = ref<MachineDetail[]>([])
const empty = ref('')
const mostFound = 12

async function find({ query }: { query: string }) {
  try {
    found.value = (await api.searchRegister({ q: query.slice(0, 100), limit: mostFound })).machines
    empty.value = 'No machine in service has that in its name'
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    found.value = []
    empty.value = `${error.message}. ${error.fix}`
  }
}
function take(next: string | MachineDetail | null) {
  typed.value = next ?? ''
  machine.value = next !== null && typeof next === 'object' ? next : null
}
</script>

<template>
  <AutoComplete
    :input-id="id"
    :model-value="typed"
    :suggestions="found"
    :option-label="({ tag, name }: MachineDetail) => `${tag} ${name}`"
    placeholder="tag, name or area"
    :delay="150"
    :min-length="1"
    :empty-search-message="empty"
    auto-option-focus
    :pt="{ pcInputText: { root: { 'data-test': test, spellcheck: 'false', maxlength: 100 } } }"
    @update:model-value="take"
    @complete="find"
  >
    <template #option="{ option }: { option: MachineDetail }">
      <span class="option">
        {{ option.tag }} {{ option.name }} <span class="quiet">{{ option.area }}</span>
      </span>
    </template>
  </AutoComplete>
</template>

<style scoped>
.option {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  width: 100%;
}
</style>
