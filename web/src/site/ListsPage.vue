<script setup lang="ts">
import type { MakerLists } from '@yardfrost/contract'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, reactive, ref, useTemplateRef } from 'vue'
import { api } from '../api/client.ts'
import TakeFile from '../form/TakeFile.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { useAsking } from '../shell/use-asking.ts'
import { useLoading } from '../shell/use-loading.ts'
import { guessColumns, headingsOf, makerColumns, type MakerColumn } from './guess-columns.ts'
import SiteNav from './SiteNav.vue'

/** Lists of makers: what they say of a number stands in place of the estimate. */
const page = usePageState()
const session = useSession()
page.saving = null
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }, { label: 'Site' }, { label: 'Makers’ lists' }]
const lists = ref<MakerLists>([])
const { failure, load } = useLoading(async () => {
  lists.value = await api.makerLists()
})

const labels: Record<MakerColumn, string> = {
  number: 'Number',
  dynamic: 'C',
  static: 'C0',
  speed: 'Limiting speed, r/min',
  mass: 'Mass',
  clearanceMin: 'Clearance from',
  clearanceMax: 'Clearance to',
}
const headings = ref<string[]>([])
const columns = reactive(guessColumns([]))
/** Units that the columns of a list may be in; the first of each is the usual one. */
const makerUnits = [
  { key: 'force', label: 'Ratings are in', test: 'unit-force', names: ['kN', 'N', 'lbf'] },
  { key: 'weight', label: 'Masses are in', test: 'unit-mass', names: ['kg', 'lb'] },
  { key: 'gap', label: 'Clearances are in', test: 'unit-gap', names: ['µm', 'mm', 'in'] },
] as const
type MakerUnits = { [U in (typeof makerUnits)[number] as U['key']]: U['names'][number] }
const units = reactive<MakerUnits>({ force: 'kN', weight: 'kg', gap: 'µm' })
const list = ref('')
const take = useTemplateRef<{ again: () => unknown }>('take')
/** Text of the file whose columns stand here. */
let read = ''
function send(csv: string, save: boolean) {
  if (csv !== read) {
    read = csv
    headings.value = headingsOf(csv)
    Object.assign(columns, guessColumns(headings.value))
  }
  // A list without a number column, or a name, is refused by the server in its own words.
  return api.importMakerValues(csv, { save: save ? 'true' : 'false', list: list.value, ...columns, ...units })
}
const again = () => take.value?.again()
const asked = ref('')
const { trouble, asking } = useAsking()
const drop = (name: string) =>
  asking(async () => {
    await api.dropMakerList(name)
    asked.value = ''
    await load()
  })
const total = computed(() => lists.value.reduce((sum, { numbers }) => sum + numbers, 0))
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <section v-else class="lists">
    <SiteNav />
    <section aria-label="Lists">
      <h1>
        {{ total === 0 ? 'Ratings are estimated' : `${total} ${total === 1 ? 'number' : 'numbers'} by makers’ lists` }}
      </h1>
      <p class="quiet">
        A list stands in place of the estimate for every position whose bearing it has and that has no rating of its
        own. What a list says of one inside holds for no other: NU210 E is not NU210. All positions are judged anew.
      </p>
      <ul>
        <li v-for="one in lists" :key="one.list" :data-list="one.list">
          <strong>{{ one.list }}</strong>
          <span class="quiet">{{ one.numbers }} {{ one.numbers === 1 ? 'number' : 'numbers' }}</span>
          <template v-if="session.mayPlan">
            <Button
              v-if="asked === one.list"
              label="Take it off"
              size="small"
              severity="danger"
              variant="outlined"
              @click="drop(one.list)"
            />
            <button v-else type="button" class="link" @click="asked = one.list">take it off</button>
          </template>
        </li>
      </ul>
      <p v-if="trouble" class="error" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
      <p v-if="lists.length"><a href="/api/maker-values.csv" download class="link">Keep as CSV</a></p>
    </section>
    <section v-if="session.mayPlan" aria-label="Take a list in">
      <h2>Take a list in</h2>
      <p class="named">
        <label class="label" for="list-name">What it is called</label>
        <InputText
          id="list-name"
          v-model="list"
          maxlength="60"
          placeholder="for example list of 2026"
          data-test="list-name"
        />
      </p>
      <div v-if="headings.length" class="columns" data-test="columns">
        <label v-for="column in makerColumns" :key="column">
          <span class="label">{{ labels[column] }}</span>
          <select v-model="columns[column]" :data-column="column" @change="again">
            <option value="">none</option>
            <option v-for="heading in headings" :key="heading" :value="heading">{{ heading }}</option>
          </select>
        </label>
        <label v-for="unit in makerUnits" :key="unit.key">
          <span class="label">{{ unit.label }}</span>
          <select v-model="units[unit.key]" :data-test="unit.test" @change="again">
            <option v-for="name in unit.names" :key="name">{{ name }}</option>
          </select>
        </label>
      </div>
      <TakeFile
        v-if="list.trim()"
        ref="take"
        test="maker"
        :send="send"
        :name-of="({ number }) => number || 'no number'"
        @saved="load"
      />
      <p v-else class="quiet">Name it first: where a rating comes from stands beside it.</p>
    </section>
  </section>
</template>

<style scoped>
.lists {
  display: grid;
  align-content: start;
  gap: 22px;
  max-width: 900px;
  padding: 12px 24px 32px;
}

ul {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 44px;
  border-top: 1px solid var(--hair);
}

.named {
  display: flex;
  align-items: center;
  gap: 12px;
  margin: 8px 0;
}

.named :deep(input) {
  width: 320px;
}

.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 10px 18px;
  margin: 10px 0;
}

.columns label {
  display: grid;
}

select {
  min-height: 40px;
  border: 0;
  border-bottom: 1.4px solid var(--hair);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}
</style>
