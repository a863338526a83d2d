<script setup lang="ts">
import type { FittedStory, FittedTaken, LogLine, LogPage, LogStatistics } from '@yardfrost/contract'
import { bearingTypeNames, type BearingType } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ApiFailure } from '../api/client.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { useLoading } from '../shell/use-loading.ts'
import AddBearing from './AddBearing.vue'
import LifeLines from './LifeLines.vue'
import LogSays from './LogSays.vue'
import StoryPanel from './StoryPanel.vue'
import { causeWords } from './life-words.ts'

/** How long did they last? Every bearing ever fitted, and what they say together. */
const route = useRoute()
const router = useRouter()
const page = usePageState()
const session = useSession()
page.crumbs = [{ label: 'Log' }]

const text = (name: string) => (typeof route.query[name] === 'string' ? route.query[name] : '')
const filter = reactive({ area: text('area'), type: text('type'), cause: text('cause'), person: text('person'), machine: text('machine'), position: text('position') }) // prettier-ignore
const asked = computed(() => Object.fromEntries(Object.entries(filter).filter(([, value]) => value !== '')))
const linesAPage = 40

const log = shallowRef<LogPage | null>(null)
const says = shallowRef<LogStatistics | null>(null)
const story = shallowRef<FittedStory | null>(null)
const adding = shallowRef<LogLine | null>(null)
const taken = shallowRef<FittedTaken | null>(null)
const file = ref('')
const trouble = shallowRef<ApiFailure | null>(null)

const { failure, load } = useLoading(async () => {
  // Lines stay as they are while one position is looked at.
  const { position: _position, ...rest } = asked.value
  const [lines, statistics] = await Promise.all([
    api.log({ ...rest, limit: linesAPage }),
    api.logStatistics({ ...asked.value, groupBy: 'position' }),
  ])
  log.value = lines
  says.value = statistics
})
watch(asked, (now) => {
  void router.replace({ name: 'log', query: now })
  void load()
})
async function more() {
  const now = log.value
  if (!now) return
  const { position: _position, ...rest } = asked.value
  const next = await api.log({ ...rest, offset: now.lines.length, limit: linesAPage })
  log.value = { ...next, lines: [...now.lines, ...next.lines] }
}

const at = computed(() => log.value?.lines.find(({ position }) => position.id === filter.position) ?? null)
const title = computed(() => (at.value ? `${at.value.machine.tag} ${at.value.position.name.toLowerCase()}` : 'All that are shown')) // prettier-ignore
const eats = computed(() => at.value !== null && (says.value?.failed ?? 0) >= 3)

async function openStory(id: string) {
  adding.value = null
  story.value = await api.fitted(id)
}
function look(id: string) {
  story.value = null
  filter.position = filter.position === id ? '' : id
}
async function added(one: FittedStory) {
  adding.value = null
  story.value = one
  await load()
}

async function takeFile(event: Event) {
  const input = event.target as HTMLInputElement
  const [chosen] = input.files ?? []
  if (!chosen) return
  file.value = await chosen.text()
  input.value = ''
  await send(false)
}
async function send(save: boolean) {
  trouble.value = null
  try {
    taken.value = await api.importLog(file.value, save)
    if (save) await load()
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    taken.value = null
    trouble.value = error
  }
}
const typeWords = (type: string) => bearingTypeNames[type as BearingType]
const print = () => {
  window.print()
}
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="log && says" class="log">
    <section class="left" aria-label="Bearings">
      <header>
        <h1>How long did they last?</h1>
        <p class="label">
          a line a position, a bar a bearing; hatched came out failed, plain came out sound, open still runs
        </p>
        <div class="filters">
          <label>
            <span class="visually-hidden">Area</span>
            <select v-model="filter.area" data-test="log-area">
              <option value="">all areas</option>
              <option v-for="one in log.areas" :key="one" :value="one">{{ one }}</option>
            </select>
          </label>
          <label>
            <span class="visually-hidden">Type</span>
            <select v-model="filter.type" data-test="log-type">
              <option value="">all types</option>
              <option v-for="one in log.types" :key="one" :value="one">{{ typeWords(one) }}</option>
            </select>
          </label>
          <label>
            <span class="visually-hidden">Cause</span>
            <select v-model="filter.cause" data-test="log-cause">
              <option value="">all causes</option>
              <option v-for="one in log.causes" :key="one" :value="one">{{ causeWords(one) }}</option>
            </select>
          </label>
          <label>
            <span class="visually-hidden">Person</span>
            <select v-model="filter.person" data-test="log-person">
              <option value="">everybody</option>
              <option v-for="one in log.people" :key="one.id" :value="one.id">{{ one.name }}</option>
            </select>
          </label>
          <button
            v-if="filter.machine"
            type="button"
            class="link"
            data-test="all-machines"
            @click="filter.machine = ''"
          >
            only {{ log.lines[0]?.machine.tag ?? 'one machine' }}: show all machines
          </button>
          <span class="label" data-test="log-counts">{{ log.fitted }} fitted, {{ log.cameOut }} came out</span>
        </div>
      </header>
      <LifeLines
        v-if="log.lines.length && log.since"
        :lines="log.lines"
        :since="log.since"
        :chosen="story?.bearing.id ?? null"
        :position="filter.position || null"
        @bearing="openStory"
        @position="look"
      />
      <p v-else class="empty" data-test="log-empty">
        No bearing has been written down yet. Closing a bearing change writes one; what is in old books can be typed at
        its position, or come in as a file with the columns machine, position, bearing, fitted_on.
      </p>
      <p v-if="log.lines.length < log.positions">
        <Button
          :label="`${log.positions - log.lines.length} more positions`"
          severity="secondary"
          variant="outlined"
          @click="more"
        />
      </p>
      <footer>
        <a href="/api/log.csv" download class="link">Keep as CSV</a>
        <button type="button" class="link" @click="print">Print</button>
        <label v-if="session.maySave" class="link file">
          Take a file in <input type="file" accept=".csv,text/csv" data-test="log-file" @change="takeFile" />
        </label>
      </footer>
      <p v-if="trouble" class="error" role="alert" data-test="log-file-error">
        {{ trouble.message }}. {{ trouble.fix }}
      </p>
      <section v-if="taken" class="taken" aria-label="The file" data-test="log-taken">
        <p>
          <strong>{{ taken.taken }}</strong> {{ taken.saved ? 'taken in' : 'would be taken in' }},
          {{ taken.lines.filter(({ outcome }) => outcome === 'same').length }} are there already,
          {{ taken.lines.filter(({ outcome }) => outcome === 'refused').length }} refused.
          <Button
            v-if="!taken.saved && taken.taken > 0"
            label="Take them in"
            data-test="log-save"
            @click="send(true)"
          />
        </p>
        <ul>
          <li v-for="one in taken.lines.filter(({ message }) => message !== null).slice(0, 100)" :key="one.line">
            Line {{ one.line }}, {{ one.place }}: {{ one.message }}
          </li>
        </ul>
      </section>
    </section>
    <aside class="right" aria-label="What they say">
      <StoryPanel v-if="story" :story="story" @close="story = null" />
      <AddBearing
        v-else-if="adding"
        :position="adding.position"
        :machine="adding.machine"
        @added="added"
        @close="adding = null"
      />
      <template v-else>
        <header class="of">
          <h2 data-test="log-of">{{ title }}{{ eats ? ' eats bearings' : '' }}</h2>
          <button v-if="at" type="button" class="link" data-test="log-all" @click="filter.position = ''">
            all of them
          </button>
        </header>
        <LogSays :says="says" />
        <p v-if="at" class="doors">
          <RouterLink :to="{ name: 'position', params: { id: at.position.id, lens: 'diagnose' } }"
            >Its bench</RouterLink
          >
          <RouterLink :to="{ name: 'arrival', params: { id: at.machine.id } }">The arrival list</RouterLink>
          <button v-if="session.maySave" type="button" class="link" data-test="add-old" @click="adding = at">
            Add one of an old book
          </button>
        </p>
      </template>
    </aside>
  </div>
</template>

<style scoped>
.log {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(360px, 1fr);
  min-height: 100%;
}

.left {
  display: grid;
  align-content: start;
  gap: 10px;
  min-width: 0;
  padding: 14px 12px 18px;
  border-right: 1px solid var(--hair);
}

.left > header {
  padding: 0 10px;
}

.filters {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  margin-top: 8px;
}

select {
  min-height: 36px;
  max-width: 200px;
  border: 0;
  border-bottom: 1.4px solid var(--hair);
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}

.right {
  position: sticky;
  top: 0;
  display: grid;
  align-content: start;
  align-self: start;
  gap: 12px;
  max-height: calc(100vh - 48px);
  overflow-y: auto;
  padding: 16px 22px;
}

.of {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 12px;
}

footer,
.doors {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  padding: 0 10px;
}

.doors {
  padding: 0;
}

.file {
  position: relative;
}

.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}

.empty {
  max-width: 60ch;
  padding: 20px 10px;
  font-size: 17px;
}

.taken {
  padding: 0 10px;
}

.taken ul {
  margin: 6px 0 0;
  padding-left: 18px;
  font-size: 14px;
}

@media (max-width: 980px) {
  .log {
    grid-template-columns: 1fr;
  }

  .right {
    position: static;
    max-height: none;
    border-top: 1px solid var(--hair);
  }
}

@media print {
  footer,
  .filters,
  .doors {
    display: none;
  }
}
</style>
