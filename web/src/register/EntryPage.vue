<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, nextTick, onBeforeUnmount, ref, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import DocumentNotices from '../shell/DocumentNotices.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import FieldFrame from '../form/FieldFrame.vue'
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
/** What the frame of a field shows. */
const frame = (field: string) => ({
  title: titleOf(field),
  inputId: `entry-${field.replace(/\./g, '-')}`,
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
        <FieldFrame v-bind="frame('area')">
          <InputText
            :id="frame('area').inputId"
            v-model="form.area"
            list="areas"
            autocomplete="off"
            autofocus
            data-test="entry.area"
          />
          <datalist id="areas"><option v-for="area in entry.areas.value" :key="area" :value="area" /></datalist>
        </FieldFrame>
        <FieldFrame v-bind="frame('tag')">
          <InputText :id="frame('tag').inputId" v-model="form.tag" autocomplete="off" data-test="entry.tag" />
        </FieldFrame>
        <FieldFrame v-bind="frame('name')">
          <InputText :id="frame('name').inputId" v-model="form.name" autocomplete="off" data-test="entry.name" />
        </FieldFrame>
        <FieldFrame v-bind="frame('kind')">
          <Select
            :label-id="frame('kind').inputId"
            :model-value="form.kind"
            :options="kindOptions"
            option-label="label"
            option-value="value"
            data-test="entry.kind"
            @update:model-value="entry.chooseKind"
          />
        </FieldFrame>
        <FieldFrame v-bind="frame('duty')">
          <Select
            v-model="form.duty"
            :label-id="frame('duty').inputId"
            :options="dutyOptions"
            option-label="label"
            option-value="value"
            data-test="entry.duty"
          />
        </FieldFrame>
        <FieldFrame v-bind="frame('criticality')">
          <Select
            v-model="form.criticality"
            :label-id="frame('criticality').inputId"
            :options="criticalityOptions"
            option-label="label"
            option-value="value"
            data-test="entry.criticality"
          />
        </FieldFrame>
        <FieldFrame v-bind="frame('hoursSource')">
          <Select
            v-model="form.hoursSource"
            :label-id="frame('hoursSource').inputId"
            :options="hoursOptions"
            option-label="label"
            option-value="value"
            data-test="entry.hoursSource"
          />
        </FieldFrame>
        <FieldFrame v-if="form.hoursSource === 'shifts'" v-bind="frame('hoursPerWeek')">
          <InputText
            :id="frame('hoursPerWeek').inputId"
            v-model="hoursText"
            inputmode="decimal"
            autocomplete="off"
            data-test="entry.hoursPerWeek"
          />
        </FieldFrame>
      </div>
      <h2>Bearing positions, from the driven end on</h2>
      <p v-if="refusalOf('positions')" class="error" role="alert">{{ refusalOf('positions') }}</p>
      <ol class="positions">
        <li v-for="(position, index) in form.positions" :key="position.id ?? index">
          <FieldFrame v-bind="frame(`positions.${index}.name`)">
            <InputText
              :id="frame(`positions.${index}.name`).inputId"
              v-model="position.name"
              autocomplete="off"
              :data-test="`entry.positions.${index}.name`"
            />
          </FieldFrame>
          <FieldFrame v-bind="frame(`positions.${index}.designation`)">
            <InputText
              :id="frame(`positions.${index}.designation`).inputId"
              v-model="position.designation"
              autocomplete="off"
              spellcheck="false"
              placeholder="number on the box, if known"
              :data-test="`entry.positions.${index}.designation`"
            />
          </FieldFrame>
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

.positions li {
  display: grid;
  grid-template-columns: 1fr 1.2fr auto;
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
