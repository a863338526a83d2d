<script setup lang="ts">
import type { MachineDetail } from '@yardfrost/contract'
import { lookUpBearing, wantedLife } from '@yardfrost/core'
import { ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { catalogue } from '../bench/references.ts'
import { halfSection, type HalfSection } from '../drawing/half-section.ts'
import SectionThumb from '../drawing/SectionThumb.vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import { usePageState } from '../shell/page-state.ts'

const { id } = defineProps<{ id: string }>()
const format = useFormat()
const page = usePageState()
page.saving = null
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }]

const machine = ref<MachineDetail | null>(null)
const failure = ref<ApiFailure | null>(null)

async function load() {
  failure.value = null
  try {
    machine.value = await api.machine(id)
    const { area, tag, name } = machine.value
    page.crumbs = [{ label: area, to: { name: 'yard' } }, { label: `${tag} ${name}` }]
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    failure.value = error
  }
}
void load()

function sectionOf(designation: string | null): HalfSection | null {
  if (!designation) return null
  const found = lookUpBearing(designation, catalogue)
  return found.kind === 'found' ? halfSection(found.bearing) : null
}
</script>

<template>
  <div v-if="failure" class="failure">
    <h1>{{ failure.message }}.</h1>
    <p>{{ failure.fix }}</p>
    <button type="button" @click="load">Try again</button>
  </div>
  <section v-else-if="machine" class="machine">
    <header>
      <h1>{{ machine.tag }} {{ machine.name }}</h1>
      <p class="quiet">{{ machine.area }}, {{ machine.kind }}, {{ wantedLife(machine.duty).label }}</p>
      <p>
        <RouterLink class="shaft" :to="{ name: 'shaft', params: { id: machine.id } }" data-test="shaft-line"
          >Shaft line</RouterLink
        >: loads, growth, and who holds the shaft
      </p>
    </header>
    <ol>
      <li v-for="position in machine.positions" :key="position.id">
        <RouterLink :to="{ name: 'position', params: { id: position.id } }" :data-position="position.name">
          <SectionThumb :section="sectionOf(position.designation)" />
          <span class="words">
            <span class="label">{{ position.name }}</span>
            <strong>{{ position.designation ?? 'no bearing entered' }}</strong>
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
.machine,
.failure {
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

.shaft {
  font-weight: 650;
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
