<script setup lang="ts">
import { PlantStop } from '@yardfrost/contract'
import Button from 'primevue/button'
import { reactive } from 'vue'
import { api } from '../api/client.ts'
import { newId } from '../field/new-id.ts'
import { inLabels } from '../form/form-port.ts'
import TextInput from '../form/TextInput.vue'
import { shownDay } from '../shell/shown-time.ts'
import { useAsking } from '../shell/use-asking.ts'

/** Days on which the plant stands: holidays, overhauls. Weeks are levelled around them. */
const { stops } = defineProps<{ stops: readonly PlantStop[] }>()
const emit = defineEmits<{ saved: [] }>()
const form = reactive({ title: '', fromDay: '', toDay: '' })
const { trouble, asking } = useAsking()

const save = (next: readonly PlantStop[]): Promise<boolean> =>
  asking(async () => {
    await api.saveStops({ stops: [...next] })
    emit('saved')
  })
async function add() {
  const { title, fromDay, toDay } = form
  const saved = await save([...stops, { id: newId(), title, fromDay, toDay: toDay || fromDay }])
  if (saved) Object.assign(form, { title: '', fromDay: '', toDay: '' })
}
</script>

<template>
  <section aria-label="When the plant stands" class="stops">
    <h2>When the plant stands</h2>
    <ul>
      <li v-for="stop in stops" :key="stop.id" :data-stop="stop.title">
        <span>
          {{ stop.title }}
          <span class="quiet">{{ shownDay(stop.fromDay) }} to {{ shownDay(stop.toDay) }}</span>
        </span>
        <button
          type="button"
          class="link"
          :aria-label="`Remove ${stop.title}`"
          @click="save(stops.filter(({ id }) => id !== stop.id))"
        >
          Remove
        </button>
      </li>
    </ul>
    <form @submit.prevent="add">
      <TextInput
        id="stop-title"
        v-model="form.title"
        title="Why"
        test="stop-title"
        maxlength="60"
        placeholder="Year’s end, overhaul"
      />
      <div class="two">
        <TextInput id="stop-from" v-model="form.fromDay" title="From" test="stop-from" type="date" />
        <TextInput id="stop-to" v-model="form.toDay" title="To" test="stop-to" type="date" />
      </div>
      <p v-if="trouble" class="trouble" role="alert" data-test="stop-trouble">
        {{ inLabels(trouble, PlantStop) }}
      </p>
      <Button
        type="submit"
        size="small"
        severity="secondary"
        variant="outlined"
        label="Add it"
        :disabled="!form.title.trim() || !form.fromDay"
        data-test="add-stop"
      />
    </form>
  </section>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 44px;
  border-top: 1px solid var(--hair);
}

.quiet {
  display: block;
}

form {
  display: grid;
  gap: 10px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}

.trouble {
  margin: 0;
  color: var(--stop);
}
</style>
