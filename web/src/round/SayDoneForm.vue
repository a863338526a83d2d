<script setup lang="ts">
import type { PlantPoint } from '@yardfrost/contract'
import Button from 'primevue/button'
import { ref } from 'vue'
import { api } from '../api/client.ts'
import TextInput from '../form/TextInput.vue'
import { today } from '../shell/today.ts'
import { useAsking } from '../shell/use-asking.ts'

/** Says of several points at once when they were last done: what somebody knows of a plant that begins. */
const { points } = defineProps<{ points: readonly PlantPoint[] }>()
const emit = defineEmits<{ saved: [] }>()
const day = ref(today())
const { trouble, asking } = useAsking()
const save = () =>
  asking(async () => {
    await api.sayDone({ pointIds: points.map(({ id }) => id), day: day.value })
    emit('saved')
  })
</script>

<template>
  <form class="all-done" data-test="say-done" @submit.prevent="save">
    <TextInput
      id="all-done"
      v-model="day"
      :title="`All ${points.length} last done`"
      test="all-done"
      type="date"
      :max="today()"
    />
    <Button
      type="submit"
      size="small"
      severity="secondary"
      variant="outlined"
      label="Say so"
      :disabled="!day"
      data-test="save-all-done"
    />
    <p v-if="trouble" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
  </form>
</template>

<style scoped>
.all-done {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: end;
  gap: 10px;
}

p {
  grid-column: 1 / -1;
  margin: 0;
  color: var(--stop);
}
</style>
