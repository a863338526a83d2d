<script setup lang="ts">
import { searchSigns, whyNot, type Examined } from '@yardfrost/core'
import AutoComplete from 'primevue/autocomplete'
import { ref } from 'vue'
import SignDrawing from '../drawing/signs/SignDrawing.vue'
import { damage } from '../references.ts'

/** A sign found by its own words or by what it is called at the bench. */
const {
  label,
  inputId,
  test,
  entered = [],
  examined = null,
} = defineProps<{
  label: string
  inputId: string
  test: string
  /** Signs that are there already. */
  entered?: readonly string[]
  /** Only what a bearing like this can have is offered. */
  examined?: Examined | null
}>()
const emit = defineEmits<{ take: [sign: string] }>()

type Sign = (typeof damage.signs)[number]
const text = ref<string | Sign>('')
const offers = ref<Sign[]>([])
function find({ query }: { query: string }) {
  offers.value = searchSigns(query, damage.signs).filter(
    ({ sign }) => !entered.includes(sign) && (!examined || whyNot(sign, examined) === null),
  )
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
    >
      <template #option="{ option }: { option: Sign }">
        <span class="offer">
          <SignDrawing :sign="option.sign" :rolls="examined?.rolls ?? 'ball'" :size="40" />{{ option.label }}
        </span>
      </template>
    </AutoComplete>
  </div>
</template>

<style scoped>
.add,
.add :deep(input) {
  width: 100%;
}
.offer {
  display: flex;
  align-items: center;
  gap: 10px;
}
</style>
