<script setup lang="ts">
import type { Keeping } from '@yardfrost/contract'
import { computed, ref } from 'vue'
import { api } from '../api/client.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownWithYear } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import SiteNav from './SiteNav.vue'

/** How the site is kept: when the last backup was made, whether the last one failed, and the room for photographs. */
const page = usePageState()
const session = useSession()
page.saving = null
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }, { label: 'Site' }, { label: 'Keeping it' }]
const keeping = ref<Keeping | null>(null)
const { failure, load } = useLoading(async () => {
  keeping.value = await api.keeping()
})

/** A night without a backup, and some hours. */
const lateMs = 36 * 3_600_000
const backup = computed(() => {
  const state = keeping.value?.backup
  if (!state) return null
  const { madeAt, triedAt, trouble } = state
  const late = madeAt !== null && Date.now() - new Date(madeAt).getTime() > lateMs
  // The made-up plant is not backed up, and nobody would miss it.
  if (session.account?.demo && madeAt === null && trouble === null) return { madeAt, triedAt, trouble, verdict: null }
  const verdict = trouble !== null ? ('stop' as const) : madeAt === null || late ? ('watch' as const) : ('go' as const)
  return { madeAt, triedAt, trouble, verdict }
})
const inMb = (bytes: number) => (bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)
const share = computed(() => (keeping.value ? keeping.value.photos.taken / keeping.value.photos.room : 0))
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <section v-else-if="keeping && backup" class="keeping">
    <SiteNav />
    <section data-test="backup">
      <h1>
        <VerdictMark v-if="backup.verdict" :state="backup.verdict" />
        {{
          backup.verdict === null
            ? 'The demo is not backed up'
            : backup.madeAt
              ? `Backed up ${shownWithYear(backup.madeAt)}`
              : 'No backup yet'
        }}
      </h1>
      <p v-if="backup.trouble !== null" class="error">
        <strong>The one tried {{ shownWithYear(backup.triedAt ?? '') }} failed:</strong> {{ backup.trouble }}
      </p>
      <p class="quiet">
        One file a night, photographs in it, the last 14 kept on the server. Copy them to another machine: a disk that
        fails takes both. By hand, on the server: <code>npm run backup</code>; back again:
        <code>npm run restore -- FILE</code>.
      </p>
    </section>
    <section data-test="photo-room">
      <h2>Photographs</h2>
      <p>
        <strong class="big">{{ inMb(keeping.photos.taken) }}</strong> MB of {{ inMb(keeping.photos.room) }} in
        {{ keeping.photos.count }} {{ keeping.photos.count === 1 ? 'photograph' : 'photographs' }}
      </p>
      <div class="bar" aria-hidden="true"><i :style="{ width: `${Math.min(100, 100 * share)}%` }" /></div>
    </section>
    <section>
      <h2>Taking it elsewhere</h2>
      <p class="quiet">
        <code>npm run export -- --site NAME FOLDER</code> writes the whole site as open files: CSV, JSON, photographs,
        and a README that tells every column; <code>npm run import -- FOLDER</code> reads it again. How to run, update
        and restore a server stands in docs/operating.md.
      </p>
    </section>
  </section>
</template>

<style scoped>
.keeping {
  display: grid;
  align-content: start;
  gap: 26px;
  max-width: 860px;
  padding: 12px 24px 40px;
}

.keeping > section {
  display: grid;
  gap: 8px;
}

.big {
  font-size: 34px;
  line-height: 1;
}

.bar {
  height: 8px;
  border: 1px solid var(--ink-2);
}

.bar i {
  display: block;
  height: 100%;
  background: var(--frost);
}

code {
  font-size: 0.95em;
  overflow-wrap: anywhere;
}
</style>
