import type { Account, SignIn } from '@yardfrost/contract'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api } from '../api/client.ts'
import { forgetAnswers } from '../api/kept-answers.ts'

/** Who is signed in on this page. */
export const useSession = defineStore('session', () => {
  const account = ref<Account | null>(null)
  let loaded = false

  /** Asks the server once; later calls return at once. */
  async function load(): Promise<void> {
    if (loaded) return
    account.value = await api.whoAmI()
    loaded = true
  }

  async function signIn(given: SignIn): Promise<void> {
    // What was kept for whoever was here before is not this person's to see.
    await forgetAnswers()
    account.value = await api.signIn(given)
    loaded = true
  }

  async function signOut(): Promise<void> {
    await api.signOut()
    await forgetAnswers()
    account.value = null
  }

  async function signOutEverywhere(): Promise<void> {
    await api.signOutEverywhere()
    await forgetAnswers()
    account.value = null
  }

  /** Somebody has come in another way: by a link, at another site, as the first. */
  async function take(comes: () => Promise<Account>): Promise<void> {
    await forgetAnswers()
    account.value = await comes()
    loaded = true
  }

  /** The server no longer knows this session; what is on the page stays. */
  function expire(): void {
    account.value = null
  }

  const maySave = computed(() => account.value?.role !== 'viewer')
  const mayPlan = computed(() => account.value?.role === 'planner')
  return { account, maySave, mayPlan, load, signIn, signOut, signOutEverywhere, take, expire }
})
