<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref, useTemplateRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { StartState } from '@yardfrost/contract'
import { api, ApiFailure } from '../api/client.ts'
import { usePageState } from './page-state.ts'
import { useSession } from './session.ts'

const page = usePageState()
page.crumbs = []
page.saving = null

const session = useSession()
const route = useRoute()
const router = useRouter()
const login = ref('')
const password = ref('')
const trouble = ref<{ message: string; fix: string } | null>(null)
const busy = ref(false)
const passwordInput = useTemplateRef<{ $el: HTMLInputElement }>('password-input')

/** A server without a site asks for the first; one with the demo says so. */
const start = ref<StartState | null>(null)
void api.start().then(
  async (state) => {
    start.value = state
    if (state.empty && !state.asksWord) await router.replace({ name: 'first' })
  },
  () => undefined,
)

async function signIn() {
  if (!login.value.trim() || !password.value) {
    trouble.value = { message: 'Name and password are both needed', fix: 'Fill in both.' }
    return
  }
  busy.value = true
  try {
    await session.signIn({ login: login.value, password: password.value })
    const wanted = route.query['to']
    // Only an address on this page: one elsewhere would send people off after signing in.
    await router.replace(typeof wanted === 'string' && /^\/(?!\/)/.test(wanted) ? wanted : '/')
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
    // Whoever mistyped types it again over the old one.
    passwordInput.value?.$el.select()
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section class="door">
    <svg class="drawing" viewBox="0 0 360 420" aria-hidden="true">
      <defs>
        <pattern id="door-hatch" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line y2="9" />
        </pattern>
        <pattern id="door-hatch-2" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
          <line y2="9" />
        </pattern>
      </defs>
      <path class="cut" fill="url(#door-hatch)" d="M90 30 h180 v82 a92 92 0 0 0 -180 0 z" />
      <path class="cut" fill="url(#door-hatch-2)" d="M90 330 h180 v-82 a92 92 0 0 1 -180 0 z" />
      <circle class="edge" cx="180" cy="180" r="89" />
      <path class="centre" d="M60 180 h240 M180 10 v340" />
      <path class="edge" d="M20 330 h320" />
      <path class="centre" d="M0 400 h360" />
    </svg>
    <form novalidate @submit.prevent="signIn">
      <h1>Sign in to the bench</h1>
      <label for="login" class="label">Name</label>
      <InputText id="login" v-model="login" autocomplete="username" autofocus data-test="login" />
      <label for="password" class="label">Password</label>
      <InputText
        id="password"
        ref="password-input"
        v-model="password"
        type="password"
        autocomplete="current-password"
        data-test="password"
      />
      <p v-if="trouble" class="trouble" role="alert" data-test="trouble">{{ trouble.message }}. {{ trouble.fix }}</p>
      <Button type="submit" label="Sign in" :disabled="busy" data-test="sign-in" />
      <p v-if="start?.demo" class="quiet" data-test="demo-door">
        Demo: made-up plant. Its names and passwords are printed where Yardfrost was started.
      </p>
      <p v-else-if="start?.empty" class="quiet">
        No site is here yet. Open the address that was printed where Yardfrost was started to make the first.
      </p>
      <p v-else class="quiet">Forgotten? A planner of your site gives you a link to set a new password.</p>
    </form>
  </section>
</template>

<style scoped>
.door {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(320px, 1fr);
  align-items: center;
  gap: 40px;
  height: 100%;
  padding: 24px;
}

.drawing {
  justify-self: end;
  width: min(360px, 90%);
}

.drawing line {
  stroke: var(--ink-2);
  stroke-width: 0.9;
}

.cut,
.edge {
  stroke: var(--ink);
  stroke-width: 1.8;
}

.edge {
  fill: none;
}

.centre {
  stroke: var(--ink-2);
  stroke-width: 0.9;
  stroke-dasharray: 18 4 4 4;
}

form {
  display: grid;
  gap: 6px;
  width: min(340px, 100%);
}

h1 {
  margin-bottom: 14px;
}

form :deep(input) {
  margin-bottom: 12px;
  font-size: 19px;
}

.trouble {
  margin-bottom: 8px;
  color: var(--stop);
}

form p.quiet {
  margin-top: 10px;
  font-size: 14px;
}

@media (max-width: 760px) {
  .door {
    grid-template-columns: 1fr;
    align-content: start;
  }

  .drawing {
    display: none;
  }
}
</style>
