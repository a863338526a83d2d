<script setup lang="ts">
import { useInfiniteScroll, watchDebounced } from '@vueuse/core'
import type { MachineDetail, RegisterPage, RegisterQuery } from '@yardfrost/contract'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, reactive, ref, shallowRef, useTemplateRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ApiFailure } from '../api/client.ts'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import MachineRow from '../yard/MachineRow.vue'
import AreaHeading from './AreaHeading.vue'
import { criticalityOptions, criticalityWords, hoursWords, kindOptions, kindWords } from './words.ts'

/** Every machine of the site: searched by any word of it, in walking order, read page by page as one scrolls. */
const page = usePageState()
const session = useSession()
const route = useRoute()
const router = useRouter()
page.saving = null
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }, { label: 'Register' }]

/** What is searched for stands in the address, so that going back finds it again. */
const asked = reactive({
  q: String(route.query['q'] ?? ''),
  kind: kindOptions.find(({ value }) => value === route.query['kind'])?.value ?? null,
  criticality: criticalityOptions.find(({ value }) => value === route.query['criticality'])?.value ?? null,
  retired: route.query['retired'] === 'true',
})
const found = shallowRef<Omit<RegisterPage, 'machines'> | null>(null)
const machines = shallowRef<MachineDetail[]>([])
const failure = ref<ApiFailure | null>(null)
let latest = 0

const query = (offset: number): RegisterQuery => ({ ...asked, retired: asked.retired ? 'true' : 'false', offset })

async function read(offset: number) {
  const turn = ++latest
  try {
    const answer = await api.searchRegister(query(offset))
    // A slower answer to an older question must not replace a newer one.
    if (turn !== latest) return
    found.value = answer
    machines.value = offset === 0 ? answer.machines : [...machines.value, ...answer.machines]
    failure.value = null
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    failure.value = error
  }
}
void read(0)
watchDebounced(
  asked,
  () => {
    const { q, kind, criticality, retired } = asked
    void router.replace({
      query: {
        ...(q && { q }),
        ...(kind && { kind }),
        ...(criticality && { criticality }),
        ...(retired && { retired: 'true' }),
      },
    })
    void read(0)
  },
  { debounce: 100 },
)
const list = useTemplateRef('list')
useInfiniteScroll(list, () => read(machines.value.length), {
  distance: 600,
  canLoadMore: () => found.value !== null && failure.value === null && machines.value.length < found.value.total,
})

/** Machines found, area by area, in walking order. */
const areas = computed(() => {
  const groups: { name: string; machines: MachineDetail[] }[] = []
  for (const machine of machines.value) {
    const last = groups[groups.length - 1]
    if (last?.name === machine.area) last.machines.push(machine)
    else groups.push({ name: machine.area, machines: [machine] })
  }
  return groups
})
const count = (number: number, word: string) => `${number} ${word}${number === 1 ? '' : 's'}`
const shortly = (words: string) => words.split(':')[0]
const hours = ({ hoursSource, hoursPerWeek }: MachineDetail) =>
  hoursSource === 'shifts' ? `${hoursPerWeek} h a week` : hoursSource === 'meter' ? 'hour meter' : 'always runs'
</script>

<template>
  <section class="register">
    <header>
      <h1>Register</h1>
      <div class="search">
        <label class="visually-hidden" for="register-q">Find a machine</label>
        <InputText
          id="register-q"
          v-model="asked.q"
          placeholder="Tag, name, area, position or bearing"
          autocomplete="off"
          autofocus
          data-test="register-search"
        />
      </div>
      <Select
        v-model="asked.kind"
        :options="kindOptions"
        option-label="label"
        option-value="value"
        placeholder="any kind"
        show-clear
        aria-label="Kind"
        data-test="register-kind"
      />
      <Select
        v-model="asked.criticality"
        :options="criticalityOptions"
        option-label="label"
        option-value="value"
        placeholder="vital or not"
        show-clear
        aria-label="How much hangs on it"
      />
      <label class="retired"
        ><Checkbox v-model="asked.retired" binary :pt="{ input: { 'data-test': 'register-retired' } }" /> out of
        service</label
      >
      <span class="files">
        <a class="link" href="/api/register.csv" download data-test="register-export">Keep as CSV</a>
        <RouterLink v-if="session.maySave" class="link" :to="{ name: 'import' }" data-test="to-import"
          >Bring in a file</RouterLink
        >
        <Button
          v-if="session.maySave"
          label="Add a machine"
          size="small"
          data-test="add-machine"
          @click="router.push({ name: 'new-machine' })"
        />
      </span>
    </header>
    <p v-if="failure" role="alert" class="failure">
      <strong>{{ failure.message }}.</strong> {{ failure.fix }}
      <button type="button" class="link" @click="read(0)">Try again</button>
    </p>
    <p v-if="found" class="quiet count" role="status" data-test="register-count">
      {{ count(found.total, 'machine') }}, {{ count(found.positions, 'position') }}
    </p>
    <div ref="list" class="list">
      <section v-for="area in areas" :key="area.name">
        <AreaHeading :name="area.name" :may-write="session.maySave" @changed="read(0)" />
        <ol>
          <MachineRow v-for="machine in area.machines" :key="machine.id" :machine="machine" class="wide">
            <span class="facts label">
              <span>{{ kindWords[machine.kind] }}</span>
              <span
                :title="criticalityWords[machine.criticality]"
                :class="{ vital: machine.criticality === 'vital' }"
                >{{ shortly(criticalityWords[machine.criticality]) }}</span
              >
              <span :title="hoursWords[machine.hoursSource]">{{ hours(machine) }}</span>
            </span>
          </MachineRow>
        </ol>
      </section>
      <div v-if="found?.total === 0" class="empty">
        <p class="teach">{{ asked.q ? `Nothing here has all of “${asked.q}” in it.` : 'No machine like that.' }}</p>
        <p>
          Words are looked for in tag, name, area, position and bearing. Take one away,
          {{ asked.retired ? 'look among those in service' : 'or look among the retired' }}, or add the machine.
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.register {
  display: grid;
  grid-template-rows: auto auto auto minmax(0, 1fr);
  height: 100%;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 18px;
  padding: 16px 24px 6px;
}

.search {
  flex: 1 1 280px;
}

.search input {
  width: 100%;
  font-size: 19px;
}

.retired {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
}

.files {
  display: flex;
  align-items: center;
  gap: 16px;
}

.count,
.failure {
  padding: 0 24px 6px;
}

.list {
  grid-row: 4;
  padding: 0 24px 24px;
  border-top: 1px solid var(--hair);
  overflow-y: auto;
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

.wide {
  grid-template-columns: minmax(250px, 1.1fr) minmax(250px, 0.9fr) minmax(0, 2fr);
}

.facts {
  display: grid;
  grid-template-columns: 1fr 0.8fr 1fr;
  gap: 10px;
}

.vital {
  color: var(--ink);
  font-weight: 650;
}

.empty {
  padding: 48px 0;
}

.teach {
  font-size: 22px;
}

@media (max-width: 900px) {
  .wide {
    grid-template-columns: 1fr;
    gap: 0;
    padding-bottom: 8px;
  }
}
</style>
