<script setup lang="ts">
import Button from 'primevue/button'
import { computed, nextTick, onBeforeUnmount, ref, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import DocumentNotices from '../shell/DocumentNotices.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import ChoiceInput from '../form/ChoiceInput.vue'
import TextInput from '../form/TextInput.vue'
import { choices } from '../form/choices.ts'
import { titleOf, useEntry } from './use-entry.ts'
import { criticalityOptions, dutyOptions, hoursOptions, kindOptions } from './words.ts'

/** What the register holds of one machine: a new one, a copy of another, or one that is there. */
const { id = null, copy = null } = defineProps<{ id?: string | null; copy?: string | null }>()
const entry = useEntry(id, copy)
const page = usePageState()
const router = useRouter()

const { failure, load } = useLoading(entry.load)

/** What is wrong is said once somebody has tried to save. */
const tried = ref(false)
const refusalOf = (field: string) => (tried.value ? entry.refusals.value.get(field) : undefined) ?? null

async function save() {
  tried.value = true
  const [first] = entry.refusals.value.keys()
  if (first !== undefined) {
    await nextTick()
    const field = first === 'positions' ? 'positions.0.name' : first
    document.querySelector<HTMLElement>(`[data-test="entry.${field}"]`)?.focus()
    return
  }
  if (!(await entry.save())) return
  // The server has given ids to new positions and written numbers out its own way.
  entry.discard()
  const machine = entry.stored.value?.machine
  if (machine) await router.push({ name: 'machine', params: { id: machine.id } })
}

const title = computed(() =>
  id === null ? (copy === null ? 'A new machine' : 'A copy of a machine') : 'Entry in the register',
)
watchEffect(() => {
  const machine = entry.stored.value?.machine
  page.crumbs = [
    { label: 'Register', to: { name: 'register' } },
    ...(machine && id !== null
      ? [{ label: `${machine.tag} ${machine.name}`, to: { name: 'machine', params: { id } } }, { label: 'Entry' }]
      : [{ label: title.value }]),
  ]
  const { value: saving } = entry.saving
  const note = id === null && !saving.dirty ? 'Not in the register yet' : saving.note
  page.saving = entry.stored.value ? { ...saving, note, save: () => void save() } : null
})
onBeforeUnmount(() => {
  page.saving = null
})

const form = entry.entry
const hoursText = computed({
  get: () => form.value.hoursPerWeek?.toString() ?? '',
  set: (text: string) => {
    const hours = Number(text.replace(',', '.'))
    if (text.trim() === '') form.value.hoursPerWeek = null
    // What is no number is refused with the rest, by its field.
    else form.value.hoursPerWeek = Number.isNaN(hours) ? -1 : hours
  },
})
/** What lies in a position; settled when it is added. */
const liesWords = { rolling: 'rolling bearing', plain: 'plain bearing' } as const
const lies = choices(liesWords)
/** What a field is called, and what is wrong with it. */
const frame = (field: string) => ({
  title: titleOf(field),
  id: `entry-${field.replace(/\./g, '-')}`,
  refusal: refusalOf(field),
  test: `entry.${field}`,
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="entry.stored.value" class="page">
    <DocumentNotices :document="entry" what="machine" />
    <form class="entry" :aria-label="title" @submit.prevent="save">
      <h1>{{ title }}</h1>
      <p v-if="copy" class="quiet">
        The positions take bearings, loads and the shaft over from the other machine; not what was measured or seen on
        it.
      </p>
      <div class="fields">
        <TextInput v-model="form.area" v-bind="frame('area')" list="areas" autofocus>
          <datalist id="areas"><option v-for="area in entry.areas.value" :key="area" :value="area" /></datalist>
        </TextInput>
        <TextInput v-model="form.tag" v-bind="frame('tag')" />
        <TextInput v-model="form.name" v-bind="frame('name')" />
        <ChoiceInput
          v-bind="frame('kind')"
          :model-value="form.kind"
          :options="kindOptions"
          @update:model-value="entry.chooseKind"
        />
        <ChoiceInput v-model="form.duty" v-bind="frame('duty')" :options="dutyOptions" />
        <ChoiceInput v-model="form.criticality" v-bind="frame('criticality')" :options="criticalityOptions" />
        <ChoiceInput v-model="form.hoursSource" v-bind="frame('hoursSource')" :options="hoursOptions" />
        <TextInput
          v-if="form.hoursSource === 'shifts'"
          v-model="hoursText"
          v-bind="frame('hoursPerWeek')"
          inputmode="decimal"
        />
      </div>
      <h2>Bearing positions, from the driven end on</h2>
      <p v-if="refusalOf('positions')" class="error" role="alert">{{ refusalOf('positions') }}</p>
      <ol class="positions">
        <li v-for="(position, index) in form.positions" :key="position.id ?? index">
          <TextInput v-model="position.name" v-bind="frame(`positions.${index}.name`)" />
          <ChoiceInput
            v-if="position.id === undefined"
            :model-value="position.kind ?? 'rolling'"
            v-bind="frame(`positions.${index}.kind`)"
            :options="lies"
            @update:model-value="position.kind = $event"
          />
          <p v-else class="quiet lies" :data-lies="position.kind">{{ liesWords[position.kind ?? 'rolling'] }}</p>
          <TextInput
            v-if="position.kind !== 'plain'"
            v-model="position.designation"
            v-bind="frame(`positions.${index}.designation`)"
            spellcheck="false"
            placeholder="number on the box, if known"
          />
          <p v-else class="quiet lies">sizes and material on its bench</p>
          <span class="does">
            <button
              type="button"
              class="link"
              :disabled="index === 0"
              :aria-label="`${position.name}, up`"
              @click="entry.movePosition(index, -1)"
            >
              up
            </button>
            <button
              type="button"
              class="link"
              :disabled="index === form.positions.length - 1"
              :aria-label="`${position.name}, down`"
              @click="entry.movePosition(index, 1)"
            >
              down
            </button>
            <button
              type="button"
              class="link"
              :aria-label="`Take ${position.name} off`"
              @click="entry.removePosition(index)"
            >
              take off
            </button>
          </span>
        </li>
      </ol>
      <p v-if="form.positions.length === 0" class="quiet">No positions: nothing to look after on this machine.</p>
      <p class="do">
        <Button
          label="Add a position"
          size="small"
          severity="secondary"
          variant="outlined"
          data-test="add-position"
          @click="entry.addPosition()"
        />
        <Button type="submit" :label="id === null ? 'Add the machine' : 'Save'" data-test="save-entry" />
      </p>
      <p v-if="id !== null" class="quiet">
        A position that is taken off keeps its history; renaming one renames it on the shaft line too.
      </p>
    </form>
  </div>
</template>

<style scoped>
.page {
  min-height: 100%;
}

.entry {
  display: grid;
  gap: 14px;
  max-width: 860px;
  padding: 22px 24px 40px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 14px 24px;
}

h2 {
  margin-top: 10px;
}

.positions {
  display: grid;
  gap: 0;
  margin: 0;
  padding: 0;
  list-style: none;
}

.lies {
  padding-bottom: 9px;
}

.positions li {
  display: grid;
  grid-template-columns: 1fr 0.8fr 1.2fr auto;
  align-items: end;
  gap: 20px;
  padding: 8px 0 12px;
  border-top: 1px solid var(--hair);
}

.does {
  display: flex;
  gap: 12px;
}

.does button {
  min-height: 40px;
  padding: 0 2px;
}

.does button:disabled {
  color: var(--hair);
  text-decoration: none;
  cursor: default;
}

.do {
  display: flex;
  gap: 14px;
}

@media (max-width: 640px) {
  .positions li {
    grid-template-columns: 1fr;
    gap: 8px;
  }
}
</style>
