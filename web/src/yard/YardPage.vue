<script setup lang="ts">
import type { JobSummary, Yard } from '@yardfrost/contract'
import { hasEnded } from '@yardfrost/core'
import { computed, ref } from 'vue'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import JobList from '../job/JobList.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { useLoading } from '../shell/use-loading.ts'
import MachineRow from './MachineRow.vue'

const format = useFormat()
const session = useSession()
const page = usePageState()
page.saving = null
page.crumbs = [{ label: 'Yard' }]

const yard = ref<Yard | null>(null)
const jobs = ref<JobSummary[]>([])
const open = computed(() => jobs.value.filter(({ state }) => !hasEnded(state)))
const { failure, load } = useLoading(async () => {
  ;[yard.value, jobs.value] = await Promise.all([api.yard(), api.jobs()])
})

const machines = computed(() => yard.value?.areas.flatMap((area) => area.machines) ?? [])
/** What needs hands, in walking order: stops first, then what to watch. */
const calls = computed(() =>
  (['stop', 'watch'] as const).flatMap((state) =>
    machines.value.flatMap((machine) =>
      machine.positions.filter((position) => position.state === state).map((position) => ({ machine, position })),
    ),
  ),
)
const stops = computed(() => calls.value.filter(({ position }) => position.state === 'stop').length)
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="yard" class="yard">
    <section class="walk" aria-label="The site">
      <header>
        <h1>{{ yard.site }}</h1>
        <p class="quiet">
          Every machine in walking order, with the state of its bearings. To add or find one:
          <RouterLink class="link" :to="{ name: 'register' }" data-test="to-register">the register</RouterLink>.
        </p>
      </header>
      <section v-for="area in yard.areas" :key="area.id" class="area">
        <h2>{{ area.name }}</h2>
        <ol>
          <MachineRow v-for="machine in area.machines" :key="machine.id" :machine="machine" />
        </ol>
      </section>
      <p v-if="machines.length === 0" class="quiet">
        No machines on this site yet.
        <RouterLink v-if="session.mayPlan" class="link" :to="{ name: 'next' }">What to do next</RouterLink>
        <RouterLink v-else-if="session.maySave" class="link" :to="{ name: 'import' }"
          >Bring some in by a file</RouterLink
        >
      </p>
    </section>
    <aside class="calls" aria-label="Needs hands">
      <template v-if="open.length">
        <h2>Jobs</h2>
        <JobList :jobs="open" />
      </template>
      <h2>Needs hands</h2>
      <p class="count">
        <strong>{{ stops }}</strong> to stop for, {{ calls.length - stops }} to watch
      </p>
      <ol v-if="calls.length">
        <li v-for="{ machine, position } in calls" :key="position.id">
          <RouterLink :to="{ name: 'position', params: { id: position.id } }">
            <VerdictMark :state="position.state" />
            <span>
              <strong>{{ machine.tag }}</strong> {{ machine.name }}, {{ position.name.toLowerCase() }}
              <span class="reason">{{ format.sentence(position.finding ?? '') }}</span>
            </span>
          </RouterLink>
        </li>
      </ol>
      <p v-else class="quiet">Every position says go.</p>
    </aside>
  </div>
</template>

<style scoped>
.yard {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(380px, 3fr);
  height: 100%;
}

.walk {
  padding: 18px 22px;
  overflow-y: auto;
}

.walk header {
  margin-bottom: 14px;
}

.area {
  margin-top: 14px;
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

.area h2 {
  margin-bottom: 4px;
}

li a {
  color: inherit;
  text-decoration: none;
}

.calls {
  padding: 18px 22px;
  border-left: 1px solid var(--hair);
  background: var(--sheet);
  overflow-y: auto;
}

.count {
  margin: 2px 0 10px;
}

.count strong {
  font-size: 44px;
  line-height: 1;
}

.calls li a {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: 10px;
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}

.calls li a:hover strong {
  text-decoration: underline;
}

.reason {
  display: block;
  color: var(--ink-2);
}

@media (max-width: 980px) {
  .yard {
    display: block;
    height: auto;
  }

  .calls {
    border-left: 0;
    border-top: 1px solid var(--hair);
  }
}
</style>
