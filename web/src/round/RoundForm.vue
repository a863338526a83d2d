<script setup lang="ts">
import type { Person, RoundDetail, SaveRound } from '@yardfrost/contract'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { reactive, ref } from 'vue'
import TextInput from '../form/TextInput.vue'
import { useSession } from '../shell/session.ts'
import { useAsking } from '../shell/use-asking.ts'
import { listWalkers } from './list-walkers.ts'
import WalkerChoice from './WalkerChoice.vue'
import { pointName } from './words.ts'

/** A round that was made, changed: its name, its day, who walks it, and which points stay on it. */
const { round, spoken, change } = defineProps<{
  round: RoundDetail
  /** Points of which something was said: they stay. */
  spoken: ReadonlySet<string>
  change: (to: Omit<SaveRound, 'version'>) => Promise<void>
}>()
const emit = defineEmits<{ close: [] }>()
const session = useSession()
const form = reactive({ title: round.title, day: round.day, walkedBy: null as string | null })
const gone = ref<string[]>([])
const people = ref<Person[]>([])
const { trouble, asking } = useAsking()
if (session.mayPlan)
  void asking(async () => {
    people.value = await listWalkers(session)
    form.walkedBy = people.value.find(({ name }) => name === round.walkedBy)?.id ?? null
  })
async function save() {
  const { title, day } = form
  // Who may not see the people leaves it to whom it was given.
  const walker = people.value.length > 0 ? { walkedBy: form.walkedBy } : {}
  if (await asking(() => change({ title: title.trim(), day, ...walker, add: [], remove: [...gone.value] })))
    emit('close')
}
</script>

<template>
  <form class="change" data-test="round-form" @submit.prevent="save">
    <TextInput id="round-name" v-model="form.title" title="Name" test="round-name" maxlength="80" />
    <TextInput id="round-day" v-model="form.day" title="Day" test="round-day" type="date" />
    <WalkerChoice id="round-for" v-model="form.walkedBy" :people="people" />
    <fieldset>
      <legend class="label">Take off the round</legend>
      <label v-for="point in round.points" :key="point.id" class="check">
        <Checkbox
          v-model="gone"
          :value="point.id"
          :disabled="spoken.has(point.id)"
          :pt="{ input: { 'data-off': `${point.machine.tag} ${point.position.name} ${point.kind}` } }"
        />
        {{ pointName(point) }} <span v-if="spoken.has(point.id)" class="quiet">done or spoken of</span>
      </label>
    </fieldset>
    <p v-if="trouble" class="stop-text" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
    <p class="actions">
      <Button type="submit" label="Save" :disabled="!form.title.trim() || !form.day" data-test="save-round" />
      <Button label="Leave it" severity="secondary" variant="outlined" @click="emit('close')" />
    </p>
  </form>
</template>

<style scoped>
.change {
  display: grid;
  align-content: start;
  gap: 14px;
  max-width: 460px;
  padding: 18px 26px;
  overflow-y: auto;
}

fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
}

.check {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
}

.actions {
  display: flex;
  gap: 10px;
  margin: 0;
}

.stop-text {
  color: var(--stop);
}
</style>
