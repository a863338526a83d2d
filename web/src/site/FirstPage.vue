<script setup lang="ts">
import { SiteCustoms } from '@yardfrost/core'
import { reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import ChoiceInput from '../form/ChoiceInput.vue'
import TextInput from '../form/TextInput.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import DoorPage from './DoorPage.vue'
import NewPassword from './NewPassword.vue'
import { useAsking } from '../shell/use-asking.ts'
import { dateWords, optionsOf, unitWords } from './words.ts'

/** The first site of a server, or another one: its name, its customs, and its first planner. */
const page = usePageState()
page.crumbs = []
page.saving = null
const session = useSession()
const router = useRouter()
const { busy, trouble, asking } = useAsking()

/** The word that was printed at the start stands behind the #: it is sent to nobody but the server, and in no log. */
const word = location.hash.slice(1)
const form = reactive({ site: '', ...SiteCustoms.parse({}), login: '', name: '', password: '' })
const closed = ref('')

void asking(async () => {
  const { empty, asksWord } = await api.start()
  if (word) form.site = (await api.lookAtStart(word)).siteName
  else if (!empty) closed.value = 'A site is here already.'
  else if (asksWord) closed.value = 'Open the address that was printed where Yardfrost was started.'
})

const make = () =>
  asking(async () => {
    const { site, login, name, password, ...customs } = form
    await session.take(() => api.makeSite({ word, site, customs, login, name, password }))
    await router.replace({ name: 'next' })
  })
</script>

<template>
  <DoorPage title="Make your site" label="Make it" :busy="busy" :trouble="trouble" :closed="closed !== ''" @go="make">
    <p v-if="closed" data-test="closed">
      {{ closed }} <RouterLink class="link" :to="{ name: 'sign-in' }">Sign in</RouterLink>
    </p>
    <template v-else>
      <TextInput
        id="site-name"
        v-model="form.site"
        title="Name of the site"
        test="site-name"
        maxlength="80"
        autocomplete="organization"
        autofocus
      />
      <div class="two">
        <ChoiceInput
          id="site-units"
          v-model="form.units"
          title="Units"
          test="site-units"
          :options="optionsOf(unitWords)"
        />
        <ChoiceInput
          id="site-dates"
          v-model="form.dates"
          title="Dates"
          test="site-dates"
          :options="optionsOf(dateWords)"
        />
      </div>
      <h2>Its first planner</h2>
      <div class="two">
        <TextInput
          id="planner-name"
          v-model="form.name"
          title="Your name"
          test="planner-name"
          maxlength="80"
          autocomplete="name"
        />
        <TextInput
          id="planner-login"
          v-model="form.login"
          title="You sign in as"
          test="planner-login"
          maxlength="80"
          autocomplete="username"
          spellcheck="false"
        />
      </div>
      <NewPassword v-model="form.password" :of="[form.login, form.name, form.site]" />
    </template>
  </DoorPage>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
</style>
