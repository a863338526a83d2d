<script setup lang="ts">
import type { FittedWhere } from '@yardfrost/contract'
import { ref, watch } from 'vue'
import { api } from '../api/client.ts'
import { useAnswer } from '../shell/use-answer.ts'

/** Positions of the site where a base number is fitted; one of them can be chosen, to be judged with the other bearing in it. */
const { number } = defineProps<{ number: string; chosen: string }>()
defineEmits<{ choose: [place: FittedWhere[number]] }>()
const { answer: there, trouble } = useAnswer(() => number, api.whereFitted)
const all = ref(false)
/** So many are named before it is asked for the rest. */
const named = 3
watch(there, () => (all.value = false))
</script>

<template>
  <p class="fitted" data-test="fitted-where">
    <span v-if="trouble" class="error" role="alert">{{ trouble.message }}. {{ trouble.fix }}</span>
    <template v-else-if="there">
      <span class="label">{{ there.length === 0 ? `No position has a ${number}` : 'Fitted at' }}</span>
      <button
        v-for="place in all ? there : there.slice(0, named)"
        :key="place.id"
        type="button"
        :aria-pressed="place.id === chosen"
        :title="`Judge it at ${place.tag} ${place.position}`"
        :data-place="`${place.tag} ${place.position}`"
        @click="$emit('choose', place)"
      >
        {{ place.tag }} {{ place.position.toLowerCase() }} <span class="quiet">{{ place.designation }}</span>
      </button>
      <button v-if="!all && there.length > named" type="button" class="link" @click="all = true">
        {{ there.length - named }} more
      </button>
    </template>
  </p>
</template>

<style scoped>
.fitted {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  min-height: 34px;
}

button:not(.link) {
  min-height: 34px;
  padding: 0 10px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  cursor: pointer;
}

button[aria-pressed='true'] {
  border-color: var(--spruce);
  box-shadow: inset 0 0 0 1px var(--spruce);
}
</style>
