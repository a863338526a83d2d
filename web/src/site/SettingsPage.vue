<script setup lang="ts">
import {
  duties,
  heatingTools,
  machineKinds,
  SiteLimits,
  SiteSettings,
  toolWords,
  wantedLife,
  type Duty,
  type MachineKind,
} from '@yardfrost/core'
import Checkbox from 'primevue/checkbox'
import { computed, onBeforeUnmount, watchEffect } from 'vue'
import { z } from 'zod'
import ChoiceField from '../form/ChoiceField.vue'
import ChoiceInput from '../form/ChoiceInput.vue'
import QuantityField from '../form/QuantityField.vue'
import TextInput from '../form/TextInput.vue'
import ThingForm from '../form/ThingForm.vue'
import DocumentNotices from '../shell/DocumentNotices.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { useFormat } from '../figures/use-format.ts'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { useLoading } from '../shell/use-loading.ts'
import { kindWords } from '../register/words.ts'
import GunList from './GunList.vue'
import JudgingNote from './JudgingNote.vue'
import LubricantList from './LubricantList.vue'
import SiteNav from './SiteNav.vue'
import { useSiteSettings } from './use-site-settings.ts'
import { collectorWords, dateWords, optionsOf, practiceChoices, roundingWords, unitWords } from './words.ts'

/** What the plant settles once for all its positions. */
const page = usePageState()
const session = useSession()
const site = useSiteSettings()
const { settings, unreadable, judging, moves } = site
const { failure, load } = useLoading(site.load)
page.crumbs = [{ label: 'Yard', to: { name: 'yard' } }, { label: 'Site' }, { label: 'Settings' }]

async function save() {
  // What it changes is told above.
  document.querySelector('main')?.scrollTo({ top: 0 })
  if ((await site.save()) && session.account) session.account = { ...session.account, customs: settings.value.customs }
}
watchEffect(() => {
  page.saving = site.stored.value ? { ...site.saving.value, save: () => void save() } : null
})
onBeforeUnmount(() => {
  page.saving = null
})

/** Fields by the name of a duty or a kind of machine: empty is none. */
const sizes = <K extends string>(
  names: readonly K[],
  title: (name: K) => string,
  quantity: string,
  unit: string,
  most: number,
) =>
  z.object(
    Object.fromEntries(
      names.map((name) => [
        name,
        z
          .number()
          .gt(0)
          .max(most)
          .nullable()
          .default(null)
          .meta({ title: title(name), quantity, unit }),
      ]),
    ),
  )
const LivesForm = sizes(duties, (duty: Duty) => wantedLife(duty).label, 'duration', 'h', 1e7)
const WallsForm = sizes(machineKinds, (kind: MachineKind) => kindWords[kind], 'length', 'mm', 1000)
const withNulls = (names: readonly string[], given: Partial<Record<string, number>>) =>
  Object.fromEntries(names.map((name) => [name, given[name] ?? null]))
const lives = computed(() => withNulls(duties, settings.value.lives))
const walls = computed(() => withNulls(machineKinds, settings.value.walls))
/** Sets one, or takes it out. */
function into(record: Partial<Record<string, number>>, change: Record<string, unknown>) {
  for (const [name, value] of Object.entries(change))
    if (typeof value === 'number') record[name] = value
    else Reflect.deleteProperty(record, name)
}
const format = useFormat()
const usualLife = (duty: Duty) => `${format.digits(wantedLife(duty).wantedH, 'duration')} h is usual`

const tools = computed({
  get: () => settings.value.tools ?? [],
  set: (next) => {
    settings.value.tools = next.length > 0 ? next : null
  },
})
const practiceOptions = (usual: string, choices: Record<string, string>) => [
  { value: null, label: usual },
  ...optionsOf(choices),
]
function choose(key: keyof SiteSettings['practices'], value: string | null) {
  Object.assign(settings.value.practices, { [key]: value })
  if (value === null) Reflect.deleteProperty(settings.value.reasons, key)
}
function explain(key: string, reason: string) {
  if (reason.trim() === '') Reflect.deleteProperty(settings.value.reasons, key)
  else settings.value.reasons[key] = reason
}
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <section v-else-if="site.stored.value" class="settings">
    <SiteNav />
    <DocumentNotices :document="site" what="page of settings" @reload="load" />
    <JudgingNote v-if="judging && (judging.total > 0 || judging.endedAt === null)" :judging="judging" :moves="moves" />
    <header>
      <h1>What {{ session.account?.siteName }} settles</h1>
      <p class="quiet">
        Every position takes this where it says nothing of its own, and says where it came from. Saving judges all of
        them anew.
      </p>
    </header>

    <section class="part">
      <h2>Guns</h2>
      <GunList
        :guns="settings.guns"
        :lubricants="settings.lubricants"
        :unreadable="unreadable"
        @add="site.addGun"
        @remove="settings.guns.splice($event, 1)"
      />
    </section>

    <section class="part">
      <h2>Greases and oils</h2>
      <LubricantList
        :lubricants="settings.lubricants"
        :unreadable="unreadable"
        @add="site.addLubricant"
        @remove="settings.lubricants.splice($event, 1)"
      />
    </section>

    <section class="part">
      <h2>Limits</h2>
      <ThingForm
        :schema="SiteLimits"
        :value="settings.limits"
        path="limits"
        :unreadable="unreadable"
        @change="Object.assign(settings.limits, $event)"
      >
        <div class="rows-of">
          <QuantityField path="warmC" />
          <QuantityField path="hotC" />
          <QuantityField path="roughMmPerS" />
          <QuantityField path="wildMmPerS" />
        </div>
      </ThingForm>
    </section>

    <section class="part">
      <h2>Practices</h2>
      <p class="quiet">Where the trade has several ways: the one the verdicts go by here, and why.</p>
      <div
        v-for="{ key, title, usual, choices } in practiceChoices"
        :key="key"
        class="rows-of two"
        :data-practice="key"
      >
        <ChoiceInput
          :id="`practice-${key}`"
          :model-value="settings.practices[key]"
          :title="title"
          :test="`practice.${key}`"
          :options="practiceOptions(usual, choices)"
          :placeholder="usual"
          @update:model-value="choose(key, $event)"
        />
        <TextInput
          v-if="settings.practices[key] !== null"
          :id="`why-${key}`"
          :model-value="settings.reasons[key] ?? ''"
          title="Why"
          :test="`reason.${key}`"
          maxlength="300"
          @update:model-value="explain(key, $event)"
        />
      </div>
    </section>

    <section class="part">
      <h2>Required life by duty</h2>
      <ThingForm
        :schema="LivesForm"
        :value="lives"
        path="lives"
        :unreadable="unreadable"
        @change="into(settings.lives, $event)"
      >
        <div class="rows-of">
          <div v-for="duty in duties" :key="duty">
            <QuantityField :path="duty" />
            <p class="quiet small">{{ usualLife(duty) }}</p>
          </div>
        </div>
      </ThingForm>
    </section>

    <section class="part">
      <h2>Tools in the shop</h2>
      <p class="checks">
        <label v-for="tool in heatingTools" :key="tool" class="check">
          <Checkbox v-model="tools" :value="tool" :pt="{ input: { 'data-tool': tool } }" /> {{ toolWords[tool] }}
        </label>
      </p>
    </section>

    <section class="part">
      <h2>Wall of the usual housing</h2>
      <ThingForm
        :schema="WallsForm"
        :value="walls"
        path="walls"
        :unreadable="unreadable"
        @change="into(settings.walls, $event)"
      >
        <div class="rows-of">
          <QuantityField v-for="kind in machineKinds" :key="kind" :path="kind" />
        </div>
      </ThingForm>
    </section>

    <section class="part">
      <h2>Units, rounding, dates and collector</h2>
      <ThingForm
        :schema="SiteSettings.shape.customs"
        :value="settings.customs"
        path="customs"
        :unreadable="unreadable"
        @change="Object.assign(settings.customs, $event)"
      >
        <div class="rows-of two">
          <ChoiceField path="units" :options="optionsOf(unitWords)" />
          <ChoiceField path="rounding" :options="optionsOf(roundingWords)" />
          <ChoiceField path="dates" :options="optionsOf(dateWords)" />
          <ChoiceField path="collector" :options="optionsOf(collectorWords)" />
        </div>
      </ThingForm>
    </section>
  </section>
</template>

<style src="./rows.css"></style>

<style scoped>
.settings {
  display: grid;
  align-content: start;
  gap: 22px;
  max-width: 1180px;
  padding: 12px 24px 60px;
}

.part {
  display: grid;
  gap: 10px;
  padding-top: 14px;
  border-top: 1px solid var(--hair);
}

.rows-of.two {
  grid-template-columns: minmax(280px, 1fr) minmax(280px, 1.4fr);
}

.checks {
  display: flex;
  flex-wrap: wrap;
  gap: 0 26px;
}

.small {
  font-size: 14px;
}

@media (max-width: 640px) {
  .rows-of.two {
    grid-template-columns: 1fr;
  }
}
</style>
