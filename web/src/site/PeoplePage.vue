<script setup lang="ts">
import type { GivenLink, Person, Role } from '@yardfrost/contract'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { reactive, ref } from 'vue'
import { api } from '../api/client.ts'
import ChoiceInput from '../form/ChoiceInput.vue'
import TextInput from '../form/TextInput.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownTime, shownWithYear } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import SiteNav from './SiteNav.vue'
import { useAsking } from '../shell/use-asking.ts'
import { optionsOf, roleWords } from './words.ts'

/** People of the site: made, renamed, given a role, a link to come in by, and let go. */
const page = usePageState()
const session = useSession()
page.saving = null
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }, { label: 'Site' }, { label: 'People' }]

const people = ref<Person[] | null>(null)
const { failure, load } = useLoading(async () => {
  people.value = await api.people()
})
const { busy, trouble, asking } = useAsking()
const roles = optionsOf(roleWords)

const fresh = reactive<{ login: string; name: string; role: Role }>({ login: '', name: '', role: 'technician' })
/** A link that was just made: it is shown this once. */
const given = ref<GivenLink | null>(null)
const addressOf = ({ word }: GivenLink) => `${location.origin}/welcome#${word}`

async function reload() {
  people.value = await api.people()
}
const add = () =>
  asking(async () => {
    given.value = await api.addPerson({ ...fresh })
    Object.assign(fresh, { login: '', name: '', role: 'technician' })
    await reload()
  })
const save = (person: Person, change: Partial<Pick<Person, 'name' | 'role'>>) =>
  asking(async () => {
    const { name, role } = { ...person, ...change }
    if (name.trim() === '' || (name === person.name && role === person.role)) return
    await api.savePerson(person.id, { name, role })
  }).then(reload)
const retire = (person: Person, retired: boolean) => asking(() => api.retirePerson(person.id, retired)).then(reload)
const link = (person: Person) =>
  asking(async () => {
    given.value = await api.linkPerson(person.id)
    await reload()
  })
const copied = ref(false)
async function copy() {
  if (!given.value) return
  await navigator.clipboard.writeText(addressOf(given.value)).then(
    () => {
      copied.value = true
    },
    () => undefined,
  )
}
const print = () => window.print()
const stands = ({ retiredAt, ready, linkUntil, seenAt }: Person): string =>
  retiredAt
    ? `left ${shownWithYear(retiredAt)}`
    : linkUntil
      ? `a link is good until ${shownTime(linkUntil)}`
      : !ready
        ? 'has not come in yet'
        : seenAt
          ? `last came ${shownTime(seenAt)}`
          : 'may come in'
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <section v-else-if="people" class="people">
    <SiteNav />
    <h1>People of {{ session.account?.siteName }}</h1>
    <section v-if="given" class="given" aria-label="Link to come in by" data-test="given">
      <h2>{{ given.person.name }} comes in by this link</h2>
      <p class="address" data-test="given-address">{{ addressOf(given) }}</p>
      <p class="quiet">
        Good once, until {{ shownTime(given.expiresAt) }}; it is not shown again. Hand it over, or print this page: no
        mail is sent.
      </p>
      <p class="do">
        <Button :label="copied ? 'Copied' : 'Copy'" size="small" @click="copy" />
        <Button label="Print" size="small" severity="secondary" variant="outlined" @click="print" />
        <button type="button" class="link" data-test="given-done" @click="given = null">Done</button>
      </p>
    </section>
    <p v-if="trouble" class="error" role="alert" data-test="trouble">
      <strong>{{ trouble.message }}.</strong> {{ trouble.fix }}
    </p>
    <table>
      <thead>
        <tr>
          <th scope="col" class="label">name</th>
          <th scope="col" class="label">signs in as</th>
          <th scope="col" class="label">may</th>
          <th scope="col" class="label">stands</th>
          <th scope="col"><span class="visually-hidden">what to do</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="person in people" :key="person.id" :class="{ gone: person.retiredAt }" :data-person="person.login">
          <td>
            <InputText
              v-if="!person.retiredAt"
              :model-value="person.name"
              maxlength="80"
              :aria-label="`Name of ${person.login}`"
              @change="save(person, { name: ($event.target as HTMLInputElement).value })"
            />
            <template v-else>{{ person.name }}</template>
          </td>
          <td>{{ person.login }}</td>
          <td>
            <Select
              v-if="!person.retiredAt"
              :model-value="person.role"
              :options="roles"
              option-label="label"
              option-value="value"
              :aria-label="`What ${person.name} may`"
              :data-test="`role-${person.login}`"
              @update:model-value="save(person, { role: $event })"
            />
            <template v-else>{{ person.role }}</template>
          </td>
          <td class="quiet">{{ stands(person) }}</td>
          <td class="acts">
            <template v-if="!person.retiredAt">
              <button
                type="button"
                class="link"
                :data-test="`link-${person.login}`"
                :disabled="busy"
                @click="link(person)"
              >
                New link
              </button>
              <button
                type="button"
                class="link"
                :data-test="`retire-${person.login}`"
                :disabled="busy"
                @click="retire(person, true)"
              >
                Leaves
              </button>
            </template>
            <button v-else type="button" class="link" :disabled="busy" @click="retire(person, false)">
              Comes back
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <form novalidate @submit.prevent="add">
      <h2>Somebody new</h2>
      <div class="fields">
        <TextInput id="new-name" v-model="fresh.name" title="Name" test="new-name" maxlength="80" />
        <TextInput
          id="new-login"
          v-model="fresh.login"
          title="Signs in as"
          test="new-login"
          maxlength="80"
          spellcheck="false"
        />
        <ChoiceInput id="new-role" v-model="fresh.role" title="May" test="new-role" :options="roles" />
        <Button type="submit" label="Add, and make a link" :disabled="busy" data-test="add-person" />
      </div>
    </form>
  </section>
</template>

<style scoped>
.people {
  display: grid;
  align-content: start;
  gap: 18px;
  max-width: 1100px;
  padding: 12px 24px 40px;
}

.given {
  display: grid;
  gap: 8px;
  padding: 14px 18px;
  border: 1px solid var(--ink);
  background: var(--sheet);
}

.address {
  font: 600 19px var(--label);
  overflow-wrap: anywhere;
  user-select: all;
}

.do,
.acts {
  display: flex;
  gap: 16px;
}

td,
th {
  padding: 6px 16px 6px 0;
  border-bottom: 1px solid var(--hair);
  text-align: left;
}

.acts .link {
  min-height: 44px;
  white-space: nowrap;
}

.gone {
  color: var(--ink-2);
}

form {
  display: grid;
  gap: 10px;
  margin-top: 12px;
}

form .fields {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr auto;
  align-items: end;
  gap: 16px;
}

@media (max-width: 820px) {
  form .fields {
    grid-template-columns: 1fr;
  }

  tr {
    display: grid;
    padding: 8px 0;
    border-bottom: 1px solid var(--hair);
  }

  thead {
    display: none;
  }

  td {
    border: 0;
  }
}

@media print {
  .people > :not(.given),
  .do {
    display: none;
  }
}
</style>
