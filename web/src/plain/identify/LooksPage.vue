<script setup lang="ts">
import { lookWords, materialLooks, materialWords, type MaterialLook } from '@yardfrost/core'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import TextField from '../../form/TextField.vue'
import SleevePhotos from './SleevePhotos.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** What it is made of, by what eye, magnet, file and water say. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const looks = computed({
  get: () => bench.inputs.value.bearing.looks,
  set: (next: MaterialLook[]) => bench.setAt('bearing.looks', next),
})
const most = 4
const looked = computed(() => bench.assessment.value.outcomes.identify.looked.slice(0, most))
const said = (words: readonly MaterialLook[]) => words.map((one) => lookWords[one]).join(', ')
</script>

<template>
  <fieldset class="looks" data-test="looks">
    <legend class="label">What you see and feel</legend>
    <label v-for="look in materialLooks" :key="look">
      <Checkbox v-model="looks" :value="look" :pt="{ input: { 'data-look': look } }" /> {{ lookWords[look] }}
    </label>
  </fieldset>
  <ol v-if="looked.length" class="found" data-test="looked">
    <li v-for="one in looked" :key="one.material" :data-material="one.material">
      <span>
        <b>{{ materialWords[one.material] }}</b>
        <span class="quiet">
          <template v-if="one.agrees.length">for it: {{ said(one.agrees) }}</template>
          <template v-if="one.agrees.length && one.against.length">; </template>
          <template v-if="one.against.length">against it: {{ said(one.against) }}</template>
        </span>
      </span>
      <button
        v-if="bench.inputs.value.bearing.material !== one.material"
        type="button"
        class="link"
        :data-take="one.material"
        @click="bench.setAt('bearing.material', one.material)"
      >
        take it
      </button>
      <span v-else class="quiet">on the bench</span>
    </li>
  </ol>
  <p v-else class="quiet">
    Tick what you see: a scratch, a magnet, a file stroke where it does not matter and a chip in water tell most bushes
    apart.
  </p>
  <TextField path="bearing.marking" />
  <SleevePhotos />
</template>

<style scoped>
.looks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 2px 14px;
  margin: 0;
  padding: 0;
  border: 0;
}

.looks label {
  display: flex;
  align-items: center;
  gap: 7px;
  min-height: 32px;
}

.found {
  display: grid;
  gap: 0;
  margin: 4px 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 7px 0;
  border-top: 1px solid var(--hair);
}

b {
  display: block;
}

.quiet {
  font-size: 14px;
}
</style>
