<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import FieldFrame from '../form/FieldFrame.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import DoorPage from './DoorPage.vue'
import NewPassword from './NewPassword.vue'
import { useAsking } from './use-asking.ts'
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
const form = reactive({
  site: '',
  units: 'metric' as const,
  dates: 'en-GB' as const,
  login: '',
  name: '',
  password: '',
})
const closed = ref('')

void asking(async () => {
  const { empty, asksWord } = await api.start()
  if (word) form.site = (await api.lookAtStart(word)).siteName
  else if (!empty) closed.value = 'A site is here already.'
  else if (asksWord) closed.value = 'Open the address that was printed where Yardfrost was started.'
})

const make = () =>
  asking(async () => {
    const { site, units, dates, login, name, password } = form
    await session.take(() => api.makeSite({ word, site, customs: { units, dates }, login, name, password }))
    await router.replace({ name: 'next' })
  })
</script>

<template>
  <DoorPage title="Make your site" label="Make it" :busy="busy" :trouble="trouble" :closed="closed !== ''" @go="make">
    <p v-if="closed" data-test="closed">
      {{ closed }} <RouterLink class="link" :to="{ name: 'sign-in' }">Sign in</RouterLink>
    </p>
    <template v-else>
      <FieldFrame title="Name of the site" input-id="site-name">
        <InputText
          id="site-name"
          v-model="form.site"
          maxlength="80"
          autocomplete="organization"
          autofocus
          data-test="site-name"
        />
      </FieldFrame>
      <div class="two">
        <FieldFrame title="Units" input-id="site-units">
          <Select
            v-model="form.units"
            label-id="site-units"
            :options="optionsOf(unitWords)"
            option-label="label"
            option-value="value"
            data-test="site-units"
          />
        </FieldFrame>
        <FieldFrame title="Dates" input-id="site-dates">
          <Select
            v-model="form.dates"
            label-id="site-dates"
            :options="optionsOf(dateWords)"
            option-label="label"
            option-value="value"
            data-test="site-dates"
          />
        </FieldFrame>
      </div>
      <h2>Its first planner</h2>
      <div class="two">
        <FieldFrame title="Your name" input-id="planner-name">
          <InputText
            id="planner-name"
            v-model="form.name"
            maxlength="80"
            autocomplete="name"
            data-test="planner-name"
          />
        </FieldFrame>
        <FieldFrame title="You sign in as" input-id="planner-login">
          <InputText
            id="planner-login"
            v-model="form.login"
            maxlength="80"
            autocomplete="username"
            spellcheck="false"
            data-test="planner-login"
          />
        </FieldFrame>
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
