<script setup lang="ts">
import type { FittedStory, LogLine, LogPage, LogStatistics } from '@yardfrost/contract'
import { bearingTypeNames, type BearingType } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, reactive, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import TakeFile from '../form/TakeFile.vue'
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

/** Lines stay as they are while one position is looked at. */
const linesFrom = (offset: number) => {
  const { position: _position, ...rest } = asked.value
  return api.log({ ...rest, offset, limit: linesAPage })
}
const { failure: noLines, load: loadLines } = useLoading(async () => {
  log.value = await linesFrom(0)
})
const { failure: nothingSaid, load: loadSays } = useLoading(async () => {
  says.value = await api.logStatistics({ ...asked.value, groupBy: 'position' })
})
const failure = computed(() => noLines.value ?? nothingSaid.value)
const load = () => Promise.all([loadLines(), loadSays()])
// A machine of another area shows nothing.
watch(
  () => filter.area,
  () => (filter.machine = ''),
)
watch([() => filter.area, () => filter.type, () => filter.cause, () => filter.person, () => filter.machine], loadLines)
watch(asked, (now) => {
  void router.replace({ name: 'log', query: now })
  void loadSays()
})
async function more() {
  const now = log.value
  if (!now) return
  const next = await linesFrom(now.lines.length)
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

const choices = computed(() => {
  const { areas = [], machines = [], types = [], causes = [], people = [] } = log.value ?? {}
  const of = (values: readonly string[], words: (value: string) => string) =>
    values.map((value) => ({ value, words: words(value) }))
  return [
    { key: 'area', title: 'Area', all: 'all areas', options: of(areas, (area) => area) },
    { key: 'machine', title: 'Machine', all: 'all machines', options: machines.map(({ id, tag }) => ({ value: id, words: tag })) }, // prettier-ignore
    { key: 'type', title: 'Type', all: 'all types', options: of(types, (type) => bearingTypeNames[type as BearingType]) }, // prettier-ignore
    { key: 'cause', title: 'Cause', all: 'all causes', options: of(causes, causeWords) },
    { key: 'person', title: 'Person', all: 'everybody', options: people.map(({ id, name }) => ({ value: id, words: name })) }, // prettier-ignore
  ] as const
})
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
          <label v-for="{ key, title: name, all, options } in choices" :key="key">
            <span class="visually-hidden">{{ name }}</span>
            <select v-model="filter[key]" :class="{ set: filter[key] }" :data-test="`log-${key}`">
              <option value="">{{ all }}</option>
              <option v-for="{ value, words } in options" :key="value" :value="value">{{ words }}</option>
            </select>
          </label>
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
      </footer>
      <TakeFile
        v-if="session.maySave"
        class="taken"
        test="log"
        :send="api.importLog"
        :name-of="({ place }) => place"
        @saved="load"
      />
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

.empty {
  max-width: 60ch;
  padding: 20px 10px;
  font-size: 17px;
}

.taken {
  padding: 0 10px;
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
  .log {
    display: block;
  }

  .left {
    border: 0;
  }

  .right {
    position: static;
    max-height: none;
    overflow: visible;
    break-inside: avoid;
  }

  select.set {
    border: 0;
    appearance: none;
  }

  footer,
  select:not(.set),
  .link,
  .doors {
    display: none;
  }
}
</style>
