<script setup lang="ts">
import Button from 'primevue/button'
import { reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import TextInput from '../form/TextInput.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import CalendarAddress from './CalendarAddress.vue'
import NewPassword from './NewPassword.vue'
import { useAsking } from '../shell/use-asking.ts'
import { roleWords } from './words.ts'

/** Whoever is signed in: their password, their sites, and the way out on every device. */
const page = usePageState()
const session = useSession()
const router = useRouter()
page.saving = null
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }, { label: 'You' }]
const { busy, trouble, asking } = useAsking()
const form = reactive({ current: '', password: '' })
const changed = ref(false)

const change = () =>
  asking(async () => {
    changed.value = false
    session.account = await api.changePassword({ ...form })
    Object.assign(form, { current: '', password: '' })
    changed.value = true
  })
const goTo = (siteId: string) =>
  asking(async () => {
    await session.take(() => api.chooseSite(siteId))
    await router.push({ name: 'yard' })
  })
const leave = () =>
  asking(async () => {
    await session.signOutEverywhere()
    await router.push({ name: 'sign-in' })
  })
</script>

<template>
  <section v-if="session.account" class="me">
    <header>
      <h1>{{ session.account.name }}</h1>
      <p class="quiet">
        Signs in as {{ session.account.login }}. At {{ session.account.siteName }}:
        {{ roleWords[session.account.role] }}.
      </p>
    </header>
    <form novalidate @submit.prevent="change">
      <h2>Your password</h2>
      <input
        class="visually-hidden"
        :value="session.account.login"
        autocomplete="username"
        tabindex="-1"
        aria-hidden="true"
        readonly
      />
      <TextInput
        id="current-password"
        v-model="form.current"
        title="Password until now"
        test="current-password"
        type="password"
        autocomplete="current-password"
      />
      <NewPassword
        v-model="form.password"
        :of="[session.account.login, session.account.name, session.account.siteName]"
      />
      <p v-if="trouble" class="error" role="alert" data-test="trouble">
        <strong>{{ trouble.message }}.</strong> {{ trouble.fix }}
      </p>
      <p v-if="changed" role="status" data-test="changed">Changed. Every other device of yours is signed out.</p>
      <p><Button type="submit" label="Change it" :disabled="busy" data-test="change-password" /></p>
    </form>
    <section v-if="session.account.sites.length > 1">
      <h2>Your sites</h2>
      <ul>
        <li v-for="site in session.account.sites" :key="site.id">
          <strong v-if="site.id === session.account.siteId">{{ site.name }}</strong>
          <button v-else type="button" class="link" :data-test="`site-${site.name}`" @click="goTo(site.id)">
            {{ site.name }}
          </button>
        </li>
      </ul>
    </section>
    <CalendarAddress />
    <section>
      <h2>Other devices</h2>
      <p class="quiet">A tablet that was lost, or left signed in somewhere: end all of your sessions, this one too.</p>
      <p>
        <Button
          label="Sign out everywhere"
          severity="secondary"
          variant="outlined"
          :disabled="busy"
          data-test="sign-out-everywhere"
          @click="leave"
        />
      </p>
    </section>
  </section>
</template>

<style scoped>
.me {
  display: grid;
  align-content: start;
  gap: 30px;
  max-width: 520px;
  padding: 22px 24px 40px;
}

form,
.me > section {
  display: grid;
  gap: 14px;
}

ul {
  display: grid;
  gap: 6px;
  padding: 0;
  list-style: none;
}
</style>
