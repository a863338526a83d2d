<script setup lang="ts">
import { noticeable, type Noticed } from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import PhotoButton from '../field/PhotoButton.vue'
import BigChoice from './BigChoice.vue'
import { noticedWords } from './words.ts'

/** What else was seen at a point: a few big choices, a word, a photograph. */
const { take } = defineProps<{ take: (file: File) => Promise<void> }>()
const noticed = defineModel<Noticed[]>('noticed', { required: true })
const note = defineModel<string>('note', { required: true })
const turn = (one: Noticed) => {
  noticed.value = noticed.value.includes(one) ? noticed.value.filter((other) => other !== one) : [...noticed.value, one]
}
</script>

<template>
  <fieldset class="choices" data-test="notes">
    <legend class="label">Also seen</legend>
    <BigChoice v-for="one in noticeable" :key="one" :on="noticed.includes(one)" :data-noticed="one" @click="turn(one)">
      {{ noticedWords[one] }}
    </BigChoice>
    <div class="rest">
      <InputText
        v-model="note"
        placeholder="a word, if it helps"
        maxlength="300"
        aria-label="A word on it"
        data-test="point-note"
      />
      <PhotoButton :take="take" />
    </div>
  </fieldset>
</template>

<style src="./choices.css" scoped></style>
<style scoped>
.rest {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 8px;
  width: 100%;
}

.rest :deep(input[type='text']) {
  min-height: 56px;
  font-size: 17px;
}
</style>
