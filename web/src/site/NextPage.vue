<script setup lang="ts">
import type { Person, SettingsDetail, Yard } from '@yardfrost/contract'
import { computed, ref } from 'vue'
import { api } from '../api/client.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { useLoading } from '../shell/use-loading.ts'
import SiteNav from './SiteNav.vue'

/** What to do next on a new site, and what is done already. */
const page = usePageState()
const session = useSession()
page.saving = null
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }, { label: 'Site' }, { label: 'What next' }]
const site = ref<{ yard: Yard; people: Person[]; settings: SettingsDetail } | null>(null)
const { failure, load } = useLoading(async () => {
  const [yard, people, settings] = await Promise.all([api.yard(), api.people(), api.settings()])
  site.value = { yard, people, settings }
})
const counted = (count: number, one: string, many: string) =>
  count === 0 ? '' : `${count} ${count === 1 ? one : many}`
const steps = computed(() => {
  if (!site.value) return []
  const { yard, people, settings } = site.value
  const { guns, lubricants } = settings.settings
  const machines = yard.areas.flatMap((area) => area.machines).length
  return [
    { to: 'import', what: 'Bring machines in by a file', why: 'The areas come with them, in the order of the file.', done: counted(machines, 'machine', 'machines') },
    { to: 'new-machine', what: 'Or add one by hand', why: 'Its area is made as it is named.', done: counted(yard.areas.length, 'area', 'areas') },
    { to: 'people', what: 'Let people in', why: 'Each gets a link to set their own password.', done: counted(people.length - 1, 'other', 'others') },
    { to: 'settings', what: 'Weigh the guns and list the greases', why: 'Then no position asks for them again.', done: [counted(guns.length, 'gun', 'guns'), counted(lubricants.length, 'lubricant', 'lubricants')].filter(Boolean).join(', ') },
    { to: 'keeping', what: 'Look at the backup', why: 'It is made each night; copy it off the server.', done: '' },
  ] // prettier-ignore
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <section v-else-if="site" class="next">
    <SiteNav />
    <h1>{{ session.account?.siteName }}: what next</h1>
    <ol>
      <li v-for="step in steps" :key="step.to" :data-next="step.to">
        <RouterLink class="link" :to="{ name: step.to }">{{ step.what }}</RouterLink>
        <span class="quiet">{{ step.why }}</span>
        <strong v-if="step.done">{{ step.done }}</strong>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.next {
  display: grid;
  align-content: start;
  gap: 20px;
  max-width: 820px;
  padding: 12px 24px 40px;
}

ol {
  display: grid;
  gap: 2px;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 20px;
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
}

li .link {
  font-size: 19px;
}

li .quiet {
  grid-column: 1;
}

li strong {
  grid-area: 1 / 2;
}
</style>
