<script setup lang="ts">
import { fieldSchema, RollingPosition, searchCatalogue, type CatalogueRow, type FieldMeta } from '@yardfrost/core'
import AutoComplete from 'primevue/autocomplete'
import { ref } from 'vue'
import { catalogue } from '../../references.ts'
import { useBench } from '../use-bench.ts'

/** The number as it stands on the box, suffixes and all; the catalogue offers base numbers while one types. */
const bench = useBench()
const title = (fieldSchema(RollingPosition, ['bearing', 'designation'])?.meta() as FieldMeta).title
const offers = ref<CatalogueRow[]>([])

function offer({ query }: { query: string }) {
  const exact = catalogue.byDesignation.has(query.toUpperCase().trim())
  offers.value = exact ? [] : searchCatalogue(catalogue, { text: query, limit: 12 })
}

function take(value: string | CatalogueRow | null) {
  bench.setAt(
    'bearing.designation',
    value === null ? '' : typeof value === 'string' ? value.slice(0, 60) : value.designation,
  )
}
</script>

<template>
  <div class="field">
    <label class="label" for="field-designation">{{ title }}</label>
    <AutoComplete
      input-id="field-designation"
      :model-value="bench.inputs.value.bearing.designation"
      :suggestions="offers"
      option-label="designation"
      :delay="80"
      :min-length="2"
      placeholder="6214-C3, NU 210, 22220 EK/C3"
      :show-empty-message="false"
      :pt="{ pcInputText: { root: { 'data-test': 'bearing.designation', spellcheck: 'false', maxlength: 60 } } }"
      @update:model-value="take"
      @complete="offer"
    >
      <template #option="{ option }: { option: CatalogueRow }">
        <span class="offer">
          {{ option.designation }}
          <span class="quiet"
            >{{ option.boreMm }} × {{ option.odMm }} × {{ option.assemblyWidthMm ?? option.widthMm }}</span
          >
        </span>
      </template>
    </AutoComplete>
  </div>
</template>

<style scoped>
.field :deep(.p-autocomplete),
.field :deep(input) {
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
