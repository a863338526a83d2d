<script setup lang="ts">
import type { LinkDetail } from '@yardfrost/contract'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import TextInput from '../form/TextInput.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownTime } from '../shell/shown-time.ts'
import DoorPage from './DoorPage.vue'
import NewPassword from './NewPassword.vue'
import { useAsking } from '../shell/use-asking.ts'

/** Somebody comes in by a link that is good once: sets a password, or joins with the one they have. */
const page = usePageState()
page.crumbs = []
page.saving = null
const session = useSession()
const router = useRouter()
const { busy, trouble, asking } = useAsking()
const word = location.hash.slice(1)
const link = ref<LinkDetail | null>(null)
const password = ref('')
void asking(async () => {
  link.value = await api.lookAtLink(word)
})

const comeIn = () =>
  asking(async () => {
    await session.take(() => api.useLink({ word, password: password.value }))
    await router.replace({ name: 'yard' })
  })
</script>

<template>
  <DoorPage
    :title="link ? `${link.site}` : 'Come in by a link'"
    label="Come in"
    :busy="busy"
    :trouble="trouble"
    :closed="!link"
    @go="comeIn"
  >
    <template v-if="link">
      <p data-test="link-for">
        {{ link.name }}, you sign in as <strong>{{ link.login }}</strong>. This link is good once, until
        {{ shownTime(link.expiresAt) }}.
      </p>
      <!-- Password keepers put the name and the password together. -->
      <input
        class="visually-hidden"
        :value="link.login"
        autocomplete="username"
        tabindex="-1"
        aria-hidden="true"
        readonly
      />
      <NewPassword v-if="link.asks === 'new-password'" v-model="password" :of="[link.login, link.name, link.site]" />
      <TextInput
        v-else
        id="own-password"
        v-model="password"
        title="Password you sign in with on your other site"
        test="own-password"
        type="password"
        autocomplete="current-password"
      />
    </template>
  </DoorPage>
</template>
