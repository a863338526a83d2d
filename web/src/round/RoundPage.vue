<script setup lang="ts">
import { useEventListener, useSessionStorage } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, nextTick, ref, useTemplateRef, watch, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import VerdictMark from '../figures/VerdictMark.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownClock } from '../shell/shown-time.ts'
import { useAsking } from '../shell/use-asking.ts'
import { useLoading } from '../shell/use-loading.ts'
import { usePageKeys } from '../shell/use-page-keys.ts'
import RoundForm from './RoundForm.vue'
import PointScreen from './PointScreen.vue'
import PointSide from './PointSide.vue'
import { useRound, type PointInHand } from './use-round.ts'
import { markWords, pointName, skipWords } from './words.ts'

/** A round walked point by point: what is done is kept on the device at once, and sent when it can be. */
const { id, point: asked = '' } = defineProps<{ id: string; point?: string }>()
const work = useRound(id)
const page = usePageState()
const session = useSession()
const router = useRouter()
page.saving = null
const { failure, load } = useLoading(work.load)

const points = work.progress
const shown = computed(
  () =>
    points.value.find(({ point }) => point.id === asked) ??
    points.value.find(({ progress }) => progress.state === 'open') ??
    points.value.at(-1),
)
const done = computed(() => points.value.filter(({ progress }) => progress.state === 'done').length)
/** Points by area, in walking order. */
const areas = computed(() => {
  const all: { name: string; points: PointInHand[] }[] = []
  for (const one of points.value) {
    const { area } = one.point.machine
    if (all.at(-1)?.name !== area) all.push({ name: area, points: [] })
    all.at(-1)?.points.push(one)
  }
  return all
})

/** The gun in hand stays in hand from point to point. */
const gun = useSessionStorage('yardfrost.gun', '')

function choose(pointId: string) {
  void router.replace({ name: 'round', params: { id, point: pointId } })
}
function turn(by: 1 | -1) {
  const index = points.value.findIndex(({ point }) => point.id === shown.value?.point.id)
  const next = points.value[index + by]
  if (next) choose(next.point.id)
}
/** Enters something that settles the point on the screen, and goes on to the next that nobody has settled. */
function settle(made: Parameters<typeof work.add>[0]) {
  const from = points.value.findIndex(({ point }) => point.id === made.point)
  const next = [...points.value.slice(from + 1), ...points.value.slice(0, Math.max(0, from))].find(
    ({ progress }) => progress.state === 'open',
  )
  work.add(made)
  choose(next?.point.id ?? made.point)
}
const press = (css: string) => document.querySelector<HTMLElement>(css)?.click()
usePageKeys([
  { key: 'ArrowDown', shown: '↓ ↑', what: 'next point, point before', run: () => turn(1) },
  { key: 'ArrowUp', shown: '', what: '', run: () => turn(-1) },
  { key: 'd', what: 'done', run: () => press('[data-test="point-done"]:enabled') },
  { key: 's', what: 'not done', run: () => press('[data-test="not-done"]') },
])
watchEffect(() => {
  page.crumbs = [
    { label: 'Rounds', to: { name: 'rounds' } },
    ...(work.round.value ? [{ label: work.round.value.title }] : []),
  ]
})
useEventListener(window, 'beforeunload', (event) => {
  if (work.waiting.value.length > 0) event.preventDefault()
})

const list = useTemplateRef('list')
watch(
  [() => shown.value?.point.id, list],
  async () => {
    await nextTick()
    list.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' })
  },
  { immediate: true },
)
const network = computed(() => {
  const count = work.waiting.value.length
  const kept = count > 0 ? `, ${count} to send` : ''
  if (!session.account) return `Signed out${kept}`
  if (work.away.value) return `No network: all is kept on this tablet${kept}`
  return count > 0 ? `Sending ${count}` : 'All sent'
})
const endOf = ({ point, plan, progress }: PointInHand) =>
  progress.strokes ?? (point.kind === 'grease' ? (plan.strokes ?? '') : (markWords[point.kind] ?? ''))
/** Read before it was greased and not yet after: it comes back on the list. */
const comesBack = ({ point, progress }: PointInHand) =>
  point.kind === 'grease' && progress.state === 'done' && progress.readings.before !== undefined && progress.readings.after === undefined // prettier-ignore
/** Grease has warmed it by then, ms. */
const readAgainMs = 30 * 60_000
const readAgainAt = ({ progress }: PointInHand): string =>
  progress.at === null ? '' : shownClock(new Date(Date.parse(progress.at) + readAgainMs).toISOString())

/** The round itself is changed, and not what stands on it. */
const changing = ref(false)
const spoken = computed(() => new Set(work.spoken.value))

const { trouble, asking } = useAsking()
const close = () => asking(work.close)
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="work.round.value && shown" class="round">
    <nav class="list" aria-label="Points">
      <p class="far">
        <strong data-test="far">{{ done }} of {{ points.length }} done</strong>
        <span class="quiet">{{ work.closed.value ? 'closed' : '' }}</span>
      </p>
      <p class="network" :class="{ away: work.away.value || !session.account }" role="status" data-test="network">
        {{ network }}
      </p>
      <div ref="list" class="points">
        <template v-for="area in areas" :key="area.name">
          <h2>{{ area.name }}</h2>
          <button
            v-for="one in area.points"
            :key="one.point.id"
            type="button"
            :class="{ here: one.point.id === shown.point.id }"
            :aria-current="one.point.id === shown.point.id ? 'step' : undefined"
            :data-listed="`${one.point.machine.tag} ${one.point.position.name} ${one.point.kind}`"
            :data-state="one.progress.state"
            @click="choose(one.point.id)"
          >
            <VerdictMark
              :state="one.progress.state === 'done' ? 'go' : one.progress.state === 'skipped' ? 'watch' : 'open'"
            />
            <span>
              {{ pointName(one.point) }}
              <span v-if="one.progress.reason" class="quiet">{{ skipWords[one.progress.reason].toLowerCase() }}</span>
              <span v-else-if="comesBack(one)" class="quiet">read it again at {{ readAgainAt(one) }}</span>
              <span v-else-if="one.progress.by && one.progress.by !== session.account?.name" class="quiet">{{
                one.progress.by
              }}</span>
            </span>
            <strong>{{ endOf(one) }}</strong>
          </button>
        </template>
      </div>
      <p class="more">
        <RouterLink class="link" :to="{ name: 'round-sheet', params: { id } }" data-test="to-sheet">Sheet</RouterLink>
        <Button
          v-if="work.mayWrite.value"
          size="small"
          severity="secondary"
          variant="outlined"
          :label="changing ? 'Back' : 'Change'"
          data-test="change-round"
          @click="changing = !changing"
        />
        <Button
          v-if="work.mayWrite.value"
          size="small"
          severity="secondary"
          variant="outlined"
          label="Close it"
          data-test="close-round"
          @click="close"
        />
      </p>
      <p v-if="trouble" class="stop-text" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
    </nav>
    <div class="middle">
      <div v-for="one in work.refused.value" :key="one.entry.id" class="notice" role="alert" data-test="refused">
        <p><strong>Not taken.</strong> {{ one.message }}. {{ one.fix }}</p>
        <Button label="Hide" size="small" variant="text" @click="work.hideRefused(one.entry.id)" />
      </div>
      <RoundForm
        v-if="changing"
        :round="work.round.value"
        :spoken="spoken"
        :change="work.change"
        @close="changing = false"
      />
      <PointScreen
        v-else
        :shown="shown"
        :guns="work.round.value.guns"
        :gun="gun"
        :may-write="work.mayWrite.value"
        :photos="`/api/rounds/${id}/photos`"
        :take="(file) => work.addPhoto(shown!.point.id, file)"
        @gun="gun = $event"
        @done="settle({ kind: 'done', point: shown.point.id, ...$event })"
        @skipped="settle({ kind: 'skipped', point: shown.point.id, ...$event })"
        @undone="work.add({ kind: 'undone', point: shown.point.id })"
      />
    </div>
    <PointSide
      :key="shown.point.id"
      :shown="shown"
      :may-write="work.mayWrite.value"
      @read="(what, value) => work.add({ kind: 'read', point: shown!.point.id, what, value })"
    />
  </div>
</template>

<style src="../shell/notices.css"></style>
<style scoped>
.round {
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr) 310px;
  height: 100%;
}

.list {
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  min-height: 0;
  padding: 14px 0 0;
  border-right: 1px solid var(--hair);
  background: var(--sheet);
}

.list p {
  margin: 0;
  padding: 0 16px 6px;
}

.far {
  display: flex;
  justify-content: space-between;
}

.network.away {
  color: var(--watch);
}

.points {
  overflow-y: auto;
}

h2 {
  margin: 8px 16px 2px;
  font-family: var(--label);
  font-size: 15px;
  font-weight: 500;
  color: var(--ink-2);
}

.points button {
  display: grid;
  grid-template-columns: auto 1fr auto;
  align-items: center;
  gap: 12px;
  width: 100%;
  min-height: 56px;
  padding: 6px 16px;
  border: 0;
  border-top: 1px solid var(--hair);
  border-left: 5px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.points button.here {
  border-left-color: var(--spruce);
  background: var(--paper);
  font-weight: 600;
}

.points .quiet {
  display: block;
  font-weight: 400;
}

.points strong {
  font-size: 20px;
}

.more {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 60px;
}

.middle {
  display: grid;
  align-content: start;
  min-height: 0;
  overflow-y: auto;
}

.stop-text {
  color: var(--stop);
}

@media (width < 1000px) {
  .round {
    grid-template-columns: minmax(0, 1fr);
    height: auto;
  }

  .points {
    max-height: 190px;
  }
}
</style>
