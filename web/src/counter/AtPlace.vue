<script setup lang="ts">
import { holdsPlain, holdsRolling, swapBearing } from '@yardfrost/core'
import { computed } from 'vue'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import { catalogue, damage } from '../references.ts'
import { useAnswer } from '../shell/use-answer.ts'

/** What becomes of one position when the bearing on the counter goes into it. */
const { id, designation } = defineProps<{ id: string; designation: string }>()
const format = useFormat()
const { answer: place, trouble } = useAnswer(() => id, api.position)
const swapped = computed(() => {
  const at = place.value
  return at && holdsRolling(at) && swapBearing(at.inputs, at.machine, designation, { catalogue, damage })
})
const named = computed(() => (place.value ? `${place.value.machine.tag} ${place.value.name.toLowerCase()}` : ''))
</script>

<template>
  <section v-if="swapped" :aria-label="`With it at ${named}`" data-test="at-place" :data-state="swapped.state">
    <h2>
      With {{ designation }} at
      <RouterLink :to="{ name: 'position', params: { id } }">{{ named }}</RouterLink>
    </h2>
    <p v-if="swapped.worse.length === 0 && swapped.mended.length === 0" class="quiet">
      It is judged as with the bearing that is there.
    </p>
    <ul>
      <li v-for="one in swapped.worse" :key="`${one.lens} ${one.key}`" :data-worse="one.key">
        <VerdictMark :state="one.verdict" />
        <span
          >{{ format.sentence(one.reason) }} <span class="quiet">{{ format.sentence(one.wayOut) }}</span></span
        >
      </li>
      <li v-for="one in swapped.mended" :key="`${one.lens} ${one.key}`" :data-mended="one.key">
        <VerdictMark state="go" />
        <span class="quiet">No longer: {{ format.sentence(one.reason) }}</span>
      </li>
    </ul>
  </section>
  <p v-else-if="place && holdsPlain(place)" class="quiet" data-test="at-place">
    A plain bearing lies at {{ named }}: no rolling one goes in without another housing.
  </p>
  <p v-else-if="trouble" class="error" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
</template>

<style scoped>
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 24px 1fr;
  align-items: start;
  padding: 6px 0;
  border-top: 1px solid var(--hair);
}
</style>
