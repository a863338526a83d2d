<script setup lang="ts">
import { searchSigns } from '@yardfrost/core'
import AutoComplete from 'primevue/autocomplete'
import { ref } from 'vue'
import { damage } from '../references.ts'

/** A sign found by its own words or by what it is called at the bench. */
const {
  label,
  inputId,
  test,
  entered = [],
} = defineProps<{
  label: string
  inputId: string
  test: string
  /** Signs that are there already. */
  entered?: readonly string[]
}>()
const emit = defineEmits<{ take: [sign: string] }>()

type Sign = (typeof damage.signs)[number]
const text = ref<string | Sign>('')
const offers = ref<Sign[]>([])
function find({ query }: { query: string }) {
  offers.value = searchSigns(query, damage.signs).filter(({ sign }) => !entered.includes(sign))
}
function take({ value }: { value: Sign }) {
  text.value = ''
  emit('take', value.sign)
}
</script>

<template>
  <div>
    <label class="label" :for="inputId">{{ label }}</label>
    <AutoComplete
      v-model="text"
      :input-id="inputId"
      class="add"
      :suggestions="offers"
      option-label="label"
      :delay="80"
      :min-length="1"
      placeholder="dents, rust, flaking, noisy …"
      empty-search-message="Nothing is called so. Try the part: cage, seal, track, bore, grease."
      :pt="{ pcInputText: { root: { 'data-test': test } } }"
      @complete="find"
      @option-select="take"
    />
  </div>
</template>

<style scoped>
.add,
.add :deep(input) {
  width: 100%;
}
</style>
