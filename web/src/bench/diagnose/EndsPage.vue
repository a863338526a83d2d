<script setup lang="ts">
import { endsOnShaft, facings, hasShown, togetherWords } from '@yardfrost/core'
import { computed } from 'vue'
import ChoiceField from '../../form/ChoiceField.vue'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import CauseList from './CauseList.vue'
import { facingWords } from './ends-words.ts'

/** Both ends of a shaft say more than either. */
const emit = defineEmits<{ field: [path: string]; working: [figure: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.diagnose)
const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const says = computed(() => outcome.value.alike.map(({ key, position }) => ({ key, ...togetherWords[key](position) })))
const ends = computed(() => bench.machine.value.ends ?? [])
const onShaft = computed(() => endsOnShaft(bench.machine.value))
/** Why nothing is compared, and what would help. */
const lacks = computed(() => {
  if (ends.value.length === 0) return 'The machine has no other rolling bearing.'
  if (onShaft.value.length === 0)
    return 'The machine has several others: the shaft line says which of them stand on this shaft.'
  if (!onShaft.value.some(hasShown))
    return 'Nothing was seen of the other end yet: paint it on its own bench, or keep a finding of it.'
  return hasShown(bench.inputs.value.diagnose) ? null : 'Nothing was seen of this one yet.'
})
const faces = facings.map((value) => ({ value, label: facingWords[value] }))
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <ChoiceField path="diagnose.upperFaces" :options="[{ value: null, label: 'nobody marked it' }, ...faces]" />
      <p v-if="lacks" class="quiet" data-test="ends-lack">
        {{ lacks }}
        <RouterLink
          v-if="ends.length > 1 && onShaft.length === 0"
          :to="{ name: 'shaft', params: { id: bench.detail.value?.machine.id } }"
          >To the shaft line</RouterLink
        >
      </p>
      <ul v-else-if="says.length" class="says" data-test="together">
        <li v-for="one in says" :key="one.key" :data-alike="one.key">
          <p>{{ one.reason }}</p>
          <p class="quiet">{{ one.wayOut }}</p>
        </li>
      </ul>
      <p v-else data-test="together">They have nothing in common: look for the cause at this end.</p>
      <CauseList
        v-if="outcome.ranking"
        :ranking="outcome.ranking"
        :labels="outcome.signLabels"
        :beside="outcome.beside"
      />
    </template>
  </LensSheet>
</template>

<style scoped>
.says {
  display: grid;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
