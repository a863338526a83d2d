<script setup lang="ts">
import type { JobSummary, OverduePoints, RoundSummary, Warming, Yard } from '@yardfrost/contract'
import { hasEnded } from '@yardfrost/core'
import { computed, defineAsyncComponent, ref } from 'vue'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownDay } from '../shell/shown-time.ts'
import { today } from '../shell/today.ts'
import { useLoading } from '../shell/use-loading.ts'
import QuietMachines from './QuietMachines.vue'
import { todayOf } from './today.ts'
import TodayMark from './TodayMark.vue'

/** It reads the tables, which the Yard does not need. */
const MissingLine = defineAsyncComponent(() => import('../shelf/MissingLine.vue'))
/** Today: what wants hands, in walking order, with the door to do it; the rest is quiet. */
const format = useFormat()
const session = useSession()
const page = usePageState()
page.saving = null
page.crumbs = [{ label: 'Yard' }]

const yard = ref<Yard | null>(null)
const jobs = ref<JobSummary[]>([])
const rounds = ref<RoundSummary[]>([])
const overdue = ref<OverduePoints>({ points: [], dueThisWeek: 0 })
const warming = ref<Warming>([])
const { failure, load } = useLoading(async () => {
  ;[yard.value, jobs.value, rounds.value, overdue.value, warming.value] = await Promise.all([
    api.yard(),
    api.jobs(),
    api.rounds(),
    api.overduePoints(),
    api.warming(),
  ])
})

const areas = computed(() =>
  yard.value ? todayOf(yard.value, jobs.value, rounds.value, overdue.value.points, format.sentence, warming.value) : [],
)
const lines = computed(() => areas.value.reduce((sum, area) => sum + area.lines.length, 0))
const machines = computed(() => yard.value?.areas.flatMap((area) => area.machines) ?? [])
const positions = computed(() => machines.value.flatMap((machine) => machine.positions))
const quiet = computed(() => positions.value.filter(({ state }) => state !== 'stop' && state !== 'watch').length)
/** Jobs for a day to come, and rounds nobody has begun. */
const coming = computed(() =>
  [
    ...jobs.value
      .filter(({ state, plannedFor }) => !hasEnded(state) && plannedFor !== null)
      .map((job) => ({
        day: job.plannedFor ?? '',
        words: `${job.machine.tag} ${job.title.toLowerCase()}`,
        to: { name: 'job', params: { id: job.id } },
        job: job.number,
      })),
    ...rounds.value
      .filter(({ state, done, skipped }) => state === 'open' && done + skipped === 0)
      .map((round) => ({
        day: round.day,
        words: `round, ${round.title.toLowerCase()}, ${round.points} points${round.walkedBy ? `, ${round.walkedBy}` : ''}`,
        to: { name: 'round', params: { id: round.id } },
        job: null,
      })),
  ].sort((a, b) => (a.day < b.day ? -1 : 1)),
)
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="yard" class="yard">
    <section class="today" aria-label="Today">
      <header>
        <h1>Today, {{ shownDay(today()) }}</h1>
        <p class="quiet" data-test="today-count">
          {{
            lines === 0
              ? 'Nothing wants hands.'
              : `${lines} ${lines === 1 ? 'thing wants' : 'things want'} hands, in walking order`
          }}
        </p>
      </header>
      <p v-if="machines.length === 0" class="quiet">
        No machines on this site yet.
        <RouterLink v-if="session.mayPlan" class="link" :to="{ name: 'next' }">What to do next</RouterLink>
        <RouterLink v-else-if="session.maySave" class="link" :to="{ name: 'import' }"
          >Bring some in by a file</RouterLink
        >
      </p>
      <section v-for="area in areas" :key="area.name" class="area">
        <h2>{{ area.name }}</h2>
        <ol>
          <li v-for="line in area.lines" :key="line.key" :data-line="line.place" :data-mark="line.mark">
            <TodayMark :line="line" />
            <strong class="place">{{ line.place }}</strong>
            <span class="reason" :title="line.reason">{{ line.reason }}</span>
            <RouterLink class="door" :to="line.door.to" :data-job="line.job">
              {{ line.door.label }}<span class="visually-hidden">, {{ line.place }}</span>
            </RouterLink>
          </li>
        </ol>
      </section>
    </section>
    <aside class="side">
      <section aria-label="Quiet">
        <p class="count">
          <strong>{{ quiet }}</strong>
          <span>of {{ positions.length }} positions are quiet.</span>
        </p>
        <QuietMachines v-for="area in yard.areas" :key="area.id" :name="area.name" :machines="area.machines" />
        <p class="quiet">
          To add or find a machine:
          <RouterLink class="link" :to="{ name: 'register' }" data-test="to-register">the register</RouterLink>.
        </p>
      </section>
      <section v-if="coming.length || overdue.dueThisWeek > 0" aria-label="Coming up">
        <h2>Coming up</h2>
        <ol class="coming">
          <li v-for="one in coming" :key="one.words">
            <RouterLink :to="one.to" :data-job="one.job">
              <strong>{{ shownDay(one.day) }}</strong> {{ one.words }}
            </RouterLink>
          </li>
        </ol>
        <p v-if="overdue.dueThisWeek > 0" data-test="due-this-week">
          <RouterLink class="link" :to="{ name: 'rounds' }"
            >{{ overdue.dueThisWeek }} {{ overdue.dueThisWeek === 1 ? 'point comes' : 'points come' }} due this
            week</RouterLink
          >
        </p>
      </section>
      <MissingLine />
    </aside>
  </div>
</template>

<style scoped>
.yard {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(380px, 3fr);
  height: 100%;
}

.today,
.side {
  min-height: 0;
  padding: 12px 22px;
  overflow-y: auto;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 16px;
}

h1,
p {
  margin: 0;
}

h2 {
  margin: 5px 0 1px;
  font-family: var(--label);
  font-size: 16px;
  font-weight: 500;
  color: var(--ink-2);
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

.today li {
  display: grid;
  grid-template-columns: 22px minmax(130px, 190px) minmax(0, 1fr) auto;
  align-items: center;
  gap: 12px;
  min-height: 42px;
  border-top: 1px solid var(--hair);
}

.reason {
  display: -webkit-box;
  overflow: hidden;
  font-size: 15px;
  line-height: 1.25;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}

.door {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  min-width: 74px;
  min-height: 36px;
  padding: 0 10px;
  border: 1px solid var(--ink-2);
  border-radius: 5px;
  background: var(--sheet);
  color: inherit;
  font-weight: 600;
  text-decoration: none;
}

.side {
  border-left: 1px solid var(--hair);
  background: var(--sheet);
}

.count {
  display: flex;
  align-items: baseline;
  gap: 12px;
  margin-bottom: 8px;
}

.count strong {
  font-size: 44px;
  line-height: 1;
}

.side > section + section {
  margin-top: 16px;
}

.coming a {
  display: block;
  min-height: 44px;
  padding: 6px 0;
  color: inherit;
  text-decoration: none;
}

.coming a:hover {
  text-decoration: underline;
}

@media (width < 980px) {
  .yard {
    display: block;
    height: auto;
  }

  .side {
    border-left: 0;
    border-top: 1px solid var(--hair);
  }

  .today li {
    grid-template-columns: 22px minmax(0, 1fr) auto;
  }

  .reason {
    grid-column: 2 / -1;
  }
}
</style>
