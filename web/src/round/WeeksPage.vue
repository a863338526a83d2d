<script setup lang="ts">
import type { Person, Proposals, RoundSummary } from '@yardfrost/contract'
import { mondayOf, weekNumber } from '@yardfrost/core'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import ChoiceInput from '../form/ChoiceInput.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import MissingLine from '../shelf/MissingLine.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownDay } from '../shell/shown-time.ts'
import { useAsking } from '../shell/use-asking.ts'
import { useLoading } from '../shell/use-loading.ts'
import CodeBox from './CodeBox.vue'
import { listWalkers } from './list-walkers.ts'
import PointCard from './PointCard.vue'
import SayDoneForm from './SayDoneForm.vue'
import StopList from './StopList.vue'
import ProposalLine from './ProposalLine.vue'
import { minutesOf, useWeeks } from './use-weeks.ts'
import WalkerChoice from './WalkerChoice.vue'
import WeeksPicture from './WeeksPicture.vue'
import { pointName } from './words.ts'

/** The weeks ahead, rounds under way, and a new one made of what is due. */
const page = usePageState()
const session = useSession()
const router = useRouter()
page.saving = null
page.crumbs = [{ label: 'Rounds' }]

const weeks = useWeeks()
const rounds = ref<RoundSummary[]>([])
const people = ref<Person[]>([])
const proposals = ref<Proposals>([])
const { failure, load } = useLoading(async () => {
  const [list, walkers, learned] = await Promise.all([
    api.rounds(),
    listWalkers(session),
    api.proposals(),
    weeks.load(),
  ])
  rounds.value = list
  proposals.value = learned
  people.value = walkers
})
const open = computed(() => rounds.value.filter(({ state }) => state === 'open'))

const { trouble, asking } = useAsking()
const told = ref('')

const chosen = ref<readonly string[]>([])
/** Points nobody has spoken of yet. */
const unsaid = computed(() =>
  [...weeks.byId.value.values()].filter(({ lastDone }) => lastDone === null).map(({ id }) => id),
)
const shown = computed(() => chosen.value.flatMap((id) => weeks.byId.value.get(id) ?? []))

/** A new round: which areas, how far ahead, for whom, and which points a person took or left by hand. */
const making = reactive({ on: false, title: '', week: 0, walkedBy: null as string | null })
const areas = ref<string[]>([])
const byHand = reactive(new Map<string, boolean>())
const onRound = computed(() => {
  if (!making.on) return new Set<string>()
  const picked = new Set(weeks.pointsFor(making.week, new Set(areas.value)))
  for (const [id, taken] of byHand) {
    if (taken) picked.add(id)
    else picked.delete(id)
  }
  return picked
})
const minutes = computed(() =>
  [...onRound.value].reduce((sum, id) => sum + minutesOf(weeks.byId.value.get(id) ?? never()), 0),
)
function never(): never {
  throw new Error('a round of a point that is not there')
}
function begin() {
  making.on = true
  making.title = `Week ${weekNumber(mondayOf(weeks.asOf))}`
  making.week = 0
  making.walkedBy = null
  areas.value = [...weeks.areas.value]
  byHand.clear()
}
watch(
  () => making.week,
  (week) => {
    making.title = `Week ${weeks.weeks.value[week]?.number ?? ''}`
  },
)
const weekOptions = computed(() =>
  weeks.weeks.value
    .slice(0, 4)
    .map(({ number, monday }, value) => ({ value, label: `week ${number}, from ${shownDay(monday)}` })),
)

const make = () =>
  asking(async () => {
    const week = weeks.weeks.value[making.week]
    const day = week && week.monday > weeks.asOf ? week.monday : weeks.asOf
    const round = await api.addRound({
      title: making.title,
      day,
      walkedBy: making.walkedBy,
      pointIds: [...onRound.value],
    })
    await router.push({ name: 'round', params: { id: round.id } })
  })
const level = () =>
  asking(async () => {
    const moved = await weeks.level()
    told.value =
      moved === 0
        ? 'The weeks are as even as tolerances let them be.'
        : `${moved} points moved, each within its tolerance.`
  })
const move = (ids: readonly string[], week: number) => asking(() => weeks.move(ids, week))
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="weeks.points.value" class="weeks">
    <section class="ahead" aria-label="The weeks ahead">
      <header>
        <h1>The weeks ahead</h1>
        <p class="quiet">What is greased, oiled or looked at; the numbers are minutes.</p>
      </header>
      <p v-if="weeks.points.value.length === 0" class="quiet empty" data-test="no-points">
        Nothing comes due yet. A position asks for grease once its Grease lens knows speed, temperature and lubricant,
        and for a look once its bearing is named.
      </p>
      <WeeksPicture
        v-else
        :rows="weeks.rows.value"
        :weeks="weeks.weeks.value"
        :overdue-minutes="weeks.overdueMinutes.value"
        :by-id="weeks.byId.value"
        :chosen="chosen"
        :on-round="onRound"
        :allowed="weeks.allowed"
        :movable="session.maySave"
        @choose="chosen = $event"
        @move="move"
      />
      <footer class="bar">
        <Button v-if="session.maySave && !making.on" label="Make a round" data-test="begin-round" @click="begin" />
        <Button
          v-if="session.maySave"
          label="Level the weeks"
          severity="secondary"
          variant="outlined"
          data-test="level"
          @click="level"
        />
        <p v-if="trouble" class="stop-text" role="alert" data-test="weeks-trouble">
          {{ trouble.message }}. {{ trouble.fix }}
        </p>
        <p v-else class="quiet" role="status" data-test="weeks-told">
          {{ told || 'Drag a mark within its tolerance, or move it with ← and →. Press one to see why it is due.' }}
        </p>
        <RouterLink class="link" :to="{ name: 'me' }">Calendar</RouterLink>
        <a class="link" href="/api/points.csv" download data-test="points-csv">CSV</a>
      </footer>
    </section>
    <aside class="side">
      <section v-if="making.on" class="making" aria-label="A new round" data-test="making">
        <h2>A new round</h2>
        <label class="label" for="round-title">Name</label>
        <InputText id="round-title" v-model="making.title" maxlength="80" data-test="round-title" />
        <ChoiceInput
          id="round-week"
          v-model="making.week"
          title="What is due by the end of"
          test="round-week"
          :options="weekOptions"
        />
        <WalkerChoice id="round-walker" v-model="making.walkedBy" :people="people" />
        <p class="checks">
          <label v-for="area in weeks.areas.value" :key="area" class="check">
            <Checkbox v-model="areas" :value="area" :pt="{ input: { 'data-area': area } }" /> {{ area }}
          </label>
        </p>
        <p class="count" data-test="round-count">
          <strong>{{ onRound.size }}</strong> points, {{ minutes }} min
        </p>
        <p class="actions">
          <Button
            label="Make it"
            :disabled="onRound.size === 0 || !making.title.trim()"
            data-test="make-round"
            @click="make"
          />
          <Button label="Leave it" severity="secondary" variant="outlined" @click="making.on = false" />
        </p>
      </section>
      <section v-if="shown.length" aria-label="Points" class="points">
        <SayDoneForm v-if="session.maySave && shown.length > 1 && !making.on" :points="shown" @saved="weeks.load()" />
        <PointCard
          v-for="point in shown"
          :key="point.id"
          :point="point"
          :making="making.on"
          :taken="onRound.has(point.id)"
          :rounds="open"
          @take="byHand.set(point.id, $event)"
          @saved="weeks.load()"
        />
      </section>
      <section v-else-if="!making.on" aria-label="Rounds">
        <h2>Rounds</h2>
        <p v-if="open.length === 0" class="quiet">None is open.</p>
        <ol class="rounds">
          <li v-for="round in rounds" :key="round.id">
            <RouterLink :to="{ name: 'round', params: { id: round.id } }" :data-round="round.number">
              <span>
                <strong>{{ round.title }}</strong>
                <span class="quiet">
                  {{ shownDay(round.day) }}{{ round.walkedBy ? `, ${round.walkedBy}` : ''
                  }}{{ round.state === 'closed' ? ', closed' : ''
                  }}{{ round.skipped ? `, ${round.skipped} not done` : '' }}
                </span>
              </span>
              <span class="far" :aria-label="`${round.done} of ${round.points} done`"
                >{{ round.done }}<span class="quiet">/{{ round.points }}</span></span
              >
            </RouterLink>
          </li>
        </ol>
        <CodeBox />
        <template v-if="proposals.length">
          <h2>Learned on the rounds</h2>
          <ul class="plain">
            <ProposalLine v-for="one in proposals" :key="one.point.id" :one="one" @settled="load" />
          </ul>
        </template>
        <StopList v-if="session.mayPlan" :stops="weeks.stops.value" @saved="load" />
        <p v-if="unsaid.length" class="quiet">
          Of {{ unsaid.length }} points nobody has said when they were last done: they are due now.
          <button type="button" class="link" data-test="unsaid" @click="chosen = unsaid">Look at them</button>
        </p>
        <template v-if="weeks.unreached.value.length">
          <h2>Nobody can reach</h2>
          <ul class="plain">
            <li v-for="point in weeks.unreached.value" :key="point.id">
              <button type="button" class="link" @click="chosen = [point.id]">
                {{ pointName(point) }}
              </button>
              <span class="quiet">{{ point.own.unreachable }}</span>
            </li>
          </ul>
        </template>
      </section>
      <MissingLine />
    </aside>
  </div>
</template>

<style scoped>
.weeks {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  height: 100%;
}

.ahead {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  min-height: 0;
  padding: 14px 0 0 22px;
}

.ahead header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 16px;
  padding-right: 22px;
}

h1,
h2,
p {
  margin: 0;
}

.bar p {
  flex: 1;
}

.bar {
  display: flex;
  align-items: center;
  gap: 16px;
  min-height: 60px;
  margin-left: -22px;
  padding: 8px 22px;
  border-top: 1px solid var(--hair);
  background: var(--sheet);
}

.side {
  display: grid;
  align-content: start;
  gap: 18px;
  overflow-y: auto;
  padding: 18px;
  border-left: 1px solid var(--hair);
  background: var(--sheet);
}

.side section {
  display: grid;
  gap: 10px;
}

.checks {
  display: grid;
}

.check {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
}

.count strong {
  font-size: 28px;
}

.actions {
  display: flex;
  gap: 10px;
}

.rounds,
.plain {
  margin: 0;
  padding: 0;
  list-style: none;
}

.rounds a {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 12px;
  min-height: 52px;
  padding: 6px 0;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

.rounds .quiet,
.plain .quiet {
  display: block;
}

.far {
  font-size: 22px;
}

.far .quiet {
  display: inline;
  font-size: 15px;
}

.stop-text {
  color: var(--stop);
}

@media (width < 1000px) {
  .weeks {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(420px, 1fr) auto;
  }
}
</style>
