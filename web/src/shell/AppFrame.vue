<script setup lang="ts">
import Button from 'primevue/button'
import { useEventListener, useTitle } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { ApiFailure } from '../api/client.ts'
import { shownFrom } from '../api/network.ts'
import CommandSearch from './CommandSearch.vue'
import KeyHelp from './KeyHelp.vue'
import YardfrostMark from './YardfrostMark.vue'
import { usePageState } from './page-state.ts'
import { useSession } from './session.ts'
import { useSettings } from './settings.ts'
import { shownTime } from './shown-time.ts'
import { useKeys } from './use-keys.ts'

const session = useSession()
const settings = useSettings()
const page = usePageState()
const router = useRouter()
const search = useTemplateRef('search')

// Several tabs are told apart by where they are: the page first, then what it belongs to.
const whereabouts = computed(() => [...page.crumbs.map(({ label }) => label).reverse(), 'Yardfrost'].join(' · '))
useTitle(whereabouts)

useKeys({
  u: settings.flipUnits,
  n: settings.flipNight,
  '/': () => search.value?.focus(),
  '?': () => {
    page.helpOpen = !page.helpOpen
  },
})
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || event.key !== 's' || !page.saving) return
  event.preventDefault()
  page.saving.save()
})

/** Why nobody could be signed out. */
const trouble = ref<ApiFailure | null>(null)
async function signOut() {
  trouble.value = null
  try {
    await session.signOut()
    await router.push({ name: 'sign-in' })
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
  }
}
</script>

<template>
  <div class="frame">
    <a class="skip" href="#main">Skip to the page</a>
    <header class="band">
      <RouterLink class="home" :to="{ name: 'yard' }">
        <YardfrostMark />
        <span class="name">
          Yardfrost
          <span v-if="session.account?.demo" class="demo" data-test="demo">Demo: made-up plant</span>
          <span class="visually-hidden">to the Yard</span>
        </span>
      </RouterLink>
      <nav class="crumbs" aria-label="Where you are">
        <template v-for="(crumb, index) in page.crumbs" :key="index">
          <span v-if="index > 0" class="slash" aria-hidden="true">/</span>
          <RouterLink v-if="crumb.to" :to="crumb.to">{{ crumb.label }}</RouterLink>
          <strong v-else aria-current="page">{{ crumb.label }}</strong>
        </template>
      </nav>
      <template v-if="session.account">
        <CommandSearch ref="search" />
        <button class="tool" type="button" data-test="units" title="Flip units (u)" @click="settings.flipUnits">
          {{ settings.units === 'metric' ? 'mm · °C · N' : 'in · °F · lbf' }} <kbd>u</kbd>
        </button>
        <button
          class="tool"
          type="button"
          data-test="night"
          :aria-pressed="settings.night"
          title="Night shift (n)"
          @click="settings.flipNight"
        >
          {{ settings.night ? 'Day' : 'Night' }}
        </button>
        <template v-if="page.saving">
          <span class="saving" data-test="save-state" role="status">{{ page.saving.note }}</span>
          <Button
            class="save"
            label="Save"
            data-test="save"
            :disabled="!page.saving.dirty || page.saving.busy || !page.saving.allowed"
            @click="page.saving.save()"
          />
        </template>
        <RouterLink class="tool" :to="{ name: 'rounds' }" data-test="to-rounds">Rounds</RouterLink>
        <RouterLink class="tool" :to="{ name: 'counter' }" data-test="to-counter">Counter</RouterLink>
        <RouterLink class="tool" :to="{ name: 'log' }" data-test="to-log">Log</RouterLink>
        <RouterLink v-if="session.mayPlan" class="tool" :to="{ name: 'people' }" data-test="to-site">Site</RouterLink>
        <RouterLink
          class="tool name-of"
          :to="{ name: 'me' }"
          data-test="to-me"
          :title="`${session.account.name}, ${session.account.role}`"
        >
          {{ session.account.name.split(' ')[0] }}
        </RouterLink>
        <button class="tool who" type="button" data-test="sign-out" @click="signOut">Sign out</button>
      </template>
    </header>
    <p v-if="trouble" class="kept" role="alert" data-test="sign-out-trouble">
      <strong>You are still signed in: {{ trouble.message.toLowerCase() }}.</strong> {{ trouble.fix }}
    </p>
    <p v-if="shownFrom" class="kept" role="status" data-test="kept">
      The server cannot be reached. This is how it stood on this device at {{ shownTime(shownFrom) }}; it is read anew
      as soon as the server answers.
    </p>
    <main id="main" class="page" tabindex="-1">
      <RouterView v-slot="{ Component, route }">
        <component :is="Component" :key="String(route.params['id'] ?? route.name)" />
      </RouterView>
    </main>
    <KeyHelp v-if="page.helpOpen" @close="page.helpOpen = false" />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template: auto auto auto 1fr / 100%;
  height: 100%;
}

.skip {
  position: absolute;
  left: -999px;
}

.skip:focus {
  left: 8px;
  top: 8px;
  z-index: 20;
  padding: 6px 10px;
  background: var(--sheet);
}

.band {
  display: flex;
  align-items: center;
  gap: 10px 16px;
  min-height: 48px;
  padding: 2px 18px;
  background: var(--band);
  color: var(--on-band);
}

.band a {
  color: inherit;
  text-decoration: none;
}

.band :focus-visible {
  outline-color: var(--on-band);
}

.home {
  display: flex;
  align-items: center;
  gap: 14px;
}

.name {
  font: 650 22px/1 var(--label);
}

.demo {
  display: block;
  font: 500 13px/1 var(--label);
  white-space: nowrap;
}

.name-of {
  display: block;
  max-width: 11ch;
  line-height: 44px;
  overflow: hidden;
  text-overflow: ellipsis;
}

.crumbs {
  display: flex;
  flex: 1;
  align-items: center;
  gap: 8px;
  min-width: 0;
  overflow: hidden;
  white-space: nowrap;
}

.crumbs a {
  flex-shrink: 8;
  min-width: 44px;
  overflow: hidden;
  line-height: 44px;
  text-overflow: ellipsis;
  opacity: 0.86;
}

/* A finger in a glove. */
.home,
.tool,
.save {
  display: inline-flex;
  align-items: center;
  min-width: 44px;
  min-height: 44px;
}

.crumbs a:hover {
  text-decoration: underline;
}

.crumbs strong {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
}

.slash {
  opacity: 0.75;
}

.tool {
  gap: 4px;
  padding: 0 4px;
  border: 0;
  background: none;
  font-size: 14px;
  white-space: nowrap;
  cursor: pointer;
}

.saving {
  font-size: 14px;
  white-space: nowrap;
}

.tool,
.save {
  justify-content: center;
}

.save {
  --p-button-primary-background: var(--sheet);
  --p-button-primary-hover-background: var(--paper);
  --p-button-primary-active-background: var(--paper);
  --p-button-primary-border-color: transparent;
  --p-button-primary-hover-border-color: transparent;
  --p-button-primary-color: var(--ink);
  --p-button-primary-hover-color: var(--ink);
  --p-button-primary-active-color: var(--ink);
}

:root.night .save {
  --p-button-primary-background: var(--ink);
  --p-button-primary-hover-background: var(--on-band);
  --p-button-primary-color: var(--paper);
  --p-button-primary-hover-color: var(--paper);
}

.kept {
  padding: 6px 18px;
  border-bottom: 1px solid var(--watch);
  background: var(--sheet);
}

.page {
  grid-row: 4;
  min-height: 0;
  overflow: auto;
}

.page:focus {
  outline: none;
}

@media (max-width: 1000px) {
  .band {
    flex-wrap: wrap;
  }

  .home {
    flex: 1;
  }

  /* Where one is and whether it is saved go on a row of their own. */
  .crumbs,
  .saving,
  .save {
    order: 1;
  }

  .crumbs {
    flex: 1 0 55%;
  }
}

@media (max-width: 560px) {
  .band {
    row-gap: 0;
  }

  /* The mark alone; the search has the room. */
  .home {
    flex: none;
  }

  .name {
    font-size: 0;
  }

  .demo {
    font-size: 12px;
  }

  .crumbs {
    flex-basis: 100%;
  }

  .saving {
    flex: 1;
  }
}

@media print {
  .band,
  .kept {
    display: none;
  }

  .frame,
  .page {
    display: block;
    height: auto;
    overflow: visible;
  }
}
</style>
