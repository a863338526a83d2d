<script setup lang="ts">
import type { JobSummary, MachineDetail } from '@yardfrost/contract'
import { wantedLife } from '@yardfrost/core'
import Button from 'primevue/button'
import { defineAsyncComponent, ref } from 'vue'
import { api, ApiFailure, SaveConflict } from '../api/client.ts'
import { sectionOf } from '../drawing/section-of.ts'
import SectionThumb from '../drawing/SectionThumb.vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import JobList from '../job/JobList.vue'
import { criticalityWords, kindWords } from '../register/words.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import { useSession } from '../shell/session.ts'
import { useDrafts } from '../shell/use-drafts.ts'
import { shownTime } from '../shell/shown-time.ts'

/** It knows the steps of every kind of work, which a look at the machine does not need. */
const NewJob = defineAsyncComponent(() => import('../job/NewJob.vue'))

const { id } = defineProps<{ id: string }>()
const format = useFormat()
const page = usePageState()
const session = useSession()
page.saving = null
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }]

const machine = ref<MachineDetail | null>(null)
const jobs = ref<JobSummary[]>([])
const planning = ref(false)
const { failure, load } = useLoading(async () => {
  machine.value = await api.machine(id)
  jobs.value = (await api.jobs()).filter((job) => job.machine.id === id)
  const { area, tag, name } = machine.value
  page.crumbs = [{ label: area, to: { name: 'yard' } }, { label: `${tag} ${name}` }]
})

const { has } = useDrafts()

const trouble = ref('')
/** Taking a machine out is asked about once, and can be undone where it was done. */
const asking = ref(false)
const justRetired = ref(false)
async function retire(retired: boolean) {
  if (!machine.value) return
  try {
    machine.value = await api.retireMachine(id, { version: machine.value.version, retired })
    justRetired.value = retired
    asking.value = false
    trouble.value = ''
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = `${error.message}. ${error instanceof SaveConflict ? 'Look at it again and choose then.' : error.fix}`
    if (error instanceof SaveConflict) await load()
  }
}
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <section v-else-if="machine" class="machine">
    <header>
      <h1>{{ machine.tag }} {{ machine.name }}</h1>
      <p class="quiet">
        {{ machine.area }}, {{ kindWords[machine.kind] }}, {{ wantedLife(machine.duty).label }},
        {{ criticalityWords[machine.criticality] }}
      </p>
      <p>
        <RouterLink class="shaft" :to="{ name: 'shaft', params: { id: machine.id } }" data-test="shaft-line"
          >Shaft line</RouterLink
        >: loads, growth, and who holds the shaft.
        <RouterLink class="shaft" :to="{ name: 'arrival', params: { id: machine.id } }" data-test="arrival"
          >As-found inspection</RouterLink
        >: what others have left in it.
        <RouterLink class="shaft" :to="{ name: 'log', query: { machine: machine.id } }" data-test="to-machine-log"
          >Log</RouterLink
        >: every bearing it had
      </p>
      <p v-if="has('shaft', machine.id)" class="draft" data-test="draft">
        A draft of its shaft line lies on this device and is not saved yet.
      </p>
      <p v-if="session.maySave && !machine.retiredAt && machine.positions.length > 0">
        <Button label="Make a job" data-test="new-job" @click="planning = !planning" />
      </p>
      <p class="entry">
        <RouterLink :to="{ name: 'entry', params: { id: machine.id } }" data-test="to-entry"
          >Entry in the register</RouterLink
        >
        <template v-if="session.maySave">
          <RouterLink :to="{ name: 'new-machine', query: { copy: machine.id } }" data-test="copy-machine"
            >Copy</RouterLink
          >
          <button v-if="machine.retiredAt" type="button" class="link" data-test="retire" @click="retire(false)">
            Put back into service
          </button>
          <button v-else type="button" class="link" data-test="retire" @click="asking = true">
            Take out of service
          </button>
        </template>
      </p>
      <div
        v-if="asking"
        class="question"
        role="alertdialog"
        aria-label="Take it out of service?"
        data-test="retire-asked"
      >
        <p>
          <strong>Take {{ machine.tag }} out of service?</strong> It leaves the Yard; its bearings, jobs and history
          stay, and it can be put back.
        </p>
        <Button label="Take it out" size="small" data-test="retire-yes" @click="retire(true)" />
        <Button label="Leave it" size="small" variant="text" autofocus data-test="retire-no" @click="asking = false" />
      </div>
      <p v-if="machine.retiredAt" role="status" data-test="retired">
        <strong>Out of service since {{ shownTime(machine.retiredAt) }}.</strong> It is not in the Yard; its history
        stays.
        <button v-if="justRetired" type="button" class="link" data-test="retire-undo" @click="retire(false)">
          Undo
        </button>
      </p>
      <p v-if="trouble" role="alert" class="error">{{ trouble }}</p>
    </header>
    <NewJob v-if="planning" :machine="machine" @close="planning = false" />
    <JobList v-if="jobs.length" class="jobs" :jobs="jobs" />
    <ol>
      <li v-for="position in machine.positions" :key="position.id">
        <RouterLink :to="{ name: 'position', params: { id: position.id } }" :data-position="position.name">
          <SectionThumb :section="sectionOf(position.designation)" />
          <span class="words">
            <span class="label">{{ position.name }}</span>
            <strong>{{ position.designation ?? 'no bearing entered' }}</strong>
            <span v-if="has('position', position.id)" class="draft" data-test="draft">
              A draft of this device is not saved yet.
            </span>
            <span class="finding">
              <VerdictMark :state="position.state" word />
            </span>
            <span class="quiet">{{
              position.finding
                ? format.sentence(position.finding)
                : position.state === 'open'
                  ? 'Some inputs are missing.'
                  : 'Every lens says go.'
            }}</span>
          </span>
        </RouterLink>
      </li>
    </ol>
    <p v-if="machine.positions.length === 0" class="quiet">This machine has no bearing positions yet.</p>
  </section>
</template>

<style scoped>
.machine {
  display: grid;
  align-content: start;
  justify-items: start;
  gap: 16px;
  padding: 20px 24px;
}

ol {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
  gap: 0 28px;
  width: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
}

.jobs {
  width: 100%;
  max-width: 720px;
}

.shaft {
  font-weight: 650;
}

.draft {
  color: var(--ink-2);
  font-style: italic;
}

.question strong {
  font-size: inherit;
}

.question {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 8px 12px;
  border: 1px solid var(--watch);
  border-radius: 4px;
  background: var(--sheet);
}

.entry {
  display: flex;
  flex-wrap: wrap;
  gap: 18px;
}

header {
  display: grid;
  gap: 8px;
}

header a {
  color: inherit;
}

li a {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 18px;
  padding: 14px 0;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

li a:hover strong {
  text-decoration: underline;
}

.words {
  display: grid;
  align-content: start;
  gap: 3px;
}

strong {
  font-size: 22px;
}
</style>
