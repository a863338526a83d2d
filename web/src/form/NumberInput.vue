<script setup lang="ts">
import { bearingTypeNames, searchCatalogue, type CatalogueRow } from '@yardfrost/core'
import AutoComplete from 'primevue/autocomplete'
import { ref } from 'vue'
import { sizeWords } from '../figures/size-words.ts'
import { useFormat } from '../figures/use-format.ts'
import { catalogue } from '../references.ts'

/** A bearing by its number, suffixes and all; the tables offer base numbers while one types. */
const value = defineModel<string>({ required: true })
defineProps<{ id: string; title: string; test: string; placeholder: string }>()
const format = useFormat()
const offers = ref<CatalogueRow[]>([])
const mostOffered = 12

function offer({ query }: { query: string }) {
  const exact = catalogue.byDesignation.has(query.toUpperCase().trim())
  offers.value = exact ? [] : searchCatalogue(catalogue, { text: query, limit: mostOffered })
}
function take(next: string | CatalogueRow | null) {
  value.value = next === null ? '' : typeof next === 'string' ? next.slice(0, 60) : next.designation
}
</script>

<template>
  <div class="number-input">
    <label class="label" :for="id">{{ title }}</label>
    <AutoComplete
      :input-id="id"
      :model-value="value"
      :suggestions="offers"
      option-label="designation"
      :delay="80"
      :min-length="2"
      :placeholder="placeholder"
      :show-empty-message="false"
      :pt="{ pcInputText: { root: { 'data-test': test, spellcheck: 'false', maxlength: 60 } } }"
      @update:model-value="take"
      @complete="offer"
    >
      <template #option="{ option }: { option: CatalogueRow }">
        <span class="offer">
          {{ option.designation }}
          <span class="quiet">{{ bearingTypeNames[option.type] }}, {{ sizeWords(option, format) }}</span>
        </span>
      </template>
    </AutoComplete>
  </div>
</template>

<style scoped>
.number-input :deep(.p-autocomplete),
.number-input :deep(input) {
  width: 100%;
  font-size: 17px;
}

.offer {
  display: flex;
  justify-content: space-between;
  gap: 18px;
  width: 100%;
}
</style>
