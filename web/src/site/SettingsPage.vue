<script setup lang="ts">
import {
  duties,
  GreaseGun,
  heatingTools,
  Lubricant,
  machineKinds,
  nlgiGrades,
  SiteLimits,
  SiteSettings,
  thickenerWords,
  toolWords,
  wantedLife,
  type Duty,
  type MachineKind,
} from '@yardfrost/core'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, onBeforeUnmount, watchEffect } from 'vue'
import { z } from 'zod'
import ChoiceField from '../form/ChoiceField.vue'
import DayField from '../form/DayField.vue'
import FieldFrame from '../form/FieldFrame.vue'
import QuantityField from '../form/QuantityField.vue'
import TextField from '../form/TextField.vue'
import ThingForm from '../form/ThingForm.vue'
import DocumentNotices from '../shell/DocumentNotices.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { useFormat } from '../figures/use-format.ts'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { useLoading } from '../shell/use-loading.ts'
import { kindWords } from '../register/words.ts'
import JudgingNote from './JudgingNote.vue'
import SiteNav from './SiteNav.vue'
import { useSiteSettings } from './use-site-settings.ts'
import { baseOilWords, dateWords, optionsOf, practiceChoices, unitWords } from './words.ts'

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
const unset = { value: null, label: 'not stated' }
const kinds = [
  { value: 'grease', label: 'a grease' },
  { value: 'oil', label: 'an oil' },
]
const thickeners = [unset, ...optionsOf(thickenerWords)]
const grades = [unset, ...nlgiGrades.map((grade) => ({ value: grade, label: grade }))]
const baseOils = optionsOf(baseOilWords)
const today = new Date().toISOString().slice(0, 10)
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
    <DocumentNotices :document="site" what="these settings" @reload="load" />
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
      <p v-if="settings.guns.length === 0" class="quiet">
        Weigh ten strokes and divide: then every interval tells its strokes, and not only its grams.
      </p>
      <ThingForm
        v-for="(gun, index) in settings.guns"
        :key="gun.id"
        :schema="GreaseGun"
        :value="gun"
        :path="`guns.${index}`"
        :unreadable="unreadable"
        @change="Object.assign(gun, $event)"
      >
        <div class="row" :data-gun="index">
          <TextField path="name" placeholder="Red one, pump house" />
          <QuantityField path="gramsPerStroke" />
          <DayField path="weighedOn" />
          <DayField path="nextWeighing" />
          <button
            type="button"
            class="link"
            :aria-label="`Remove ${gun.name || 'this gun'}`"
            @click="settings.guns.splice(index, 1)"
          >
            Remove
          </button>
          <p v-if="gun.nextWeighing && gun.nextWeighing < today" class="late">Its weighing is due.</p>
        </div>
      </ThingForm>
      <p>
        <Button
          label="Add a gun"
          size="small"
          severity="secondary"
          variant="outlined"
          data-test="add-gun"
          @click="site.addGun"
        />
      </p>
    </section>

    <section class="part">
      <h2>Greases and oils</h2>
      <p v-if="settings.lubricants.length === 0" class="quiet">
        From their data sheets, once; then a position names one.
      </p>
      <ThingForm
        v-for="(one, index) in settings.lubricants"
        :key="one.id"
        :schema="Lubricant"
        :value="one"
        :path="`lubricants.${index}`"
        :unreadable="unreadable"
        @change="Object.assign(one, $event)"
      >
        <div class="row many" :data-lubricant="index">
          <TextField path="name" />
          <ChoiceField path="kind" :options="kinds" />
          <ChoiceField v-if="one.kind === 'grease'" path="thickener" :options="thickeners" />
          <ChoiceField path="baseOil" :options="baseOils" />
          <QuantityField path="nu40Cst" />
          <QuantityField path="viscosityIndex" />
          <ChoiceField v-if="one.kind === 'grease'" path="nlgi" :options="grades" />
          <QuantityField path="lowC" />
          <QuantityField path="highC" />
          <TextField path="stands" placeholder="Shelf 2, oil store" />
          <label class="check"><Checkbox v-model="one.ep" binary /> with EP additives</label>
          <button
            type="button"
            class="link"
            :aria-label="`Remove ${one.name || 'this one'}`"
            @click="settings.lubricants.splice(index, 1)"
          >
            Remove
          </button>
        </div>
      </ThingForm>
      <p>
        <Button
          label="Add a grease or oil"
          size="small"
          severity="secondary"
          variant="outlined"
          data-test="add-lubricant"
          @click="site.addLubricant"
        />
      </p>
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
        <div class="row">
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
      <div v-for="{ key, title, usual, choices } in practiceChoices" :key="key" class="row two" :data-practice="key">
        <FieldFrame :title="title" :input-id="`practice-${key}`">
          <Select
            :label-id="`practice-${key}`"
            :model-value="settings.practices[key]"
            :options="practiceOptions(usual, choices)"
            option-label="label"
            option-value="value"
            :placeholder="usual"
            :data-test="`practice.${key}`"
            @update:model-value="choose(key, $event)"
          />
        </FieldFrame>
        <FieldFrame v-if="settings.practices[key] !== null" title="Why" :input-id="`why-${key}`">
          <InputText
            :id="`why-${key}`"
            :model-value="settings.reasons[key] ?? ''"
            maxlength="300"
            autocomplete="off"
            :data-test="`reason.${key}`"
            @update:model-value="explain(key, $event ?? '')"
          />
        </FieldFrame>
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
        <div class="row">
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
        <div class="row">
          <QuantityField v-for="kind in machineKinds" :key="kind" :path="kind" />
        </div>
      </ThingForm>
    </section>

    <section class="part">
      <h2>Units and dates</h2>
      <ThingForm
        :schema="SiteSettings.shape.customs"
        :value="settings.customs"
        path="customs"
        :unreadable="unreadable"
        @change="Object.assign(settings.customs, $event)"
      >
        <div class="row two">
          <ChoiceField path="units" :options="optionsOf(unitWords)" />
          <ChoiceField path="dates" :options="optionsOf(dateWords)" />
        </div>
      </ThingForm>
    </section>
  </section>
</template>

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

.row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  align-items: end;
  gap: 12px 18px;
}

.row.two {
  grid-template-columns: minmax(280px, 1fr) minmax(280px, 1.4fr);
}

.row.many {
  padding-bottom: 14px;
  border-bottom: 1px solid var(--hair);
}

.row .link {
  min-height: 44px;
  justify-self: start;
}

.late {
  grid-column: 1 / -1;
  color: var(--watch);
}

.check {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
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
  .row.two {
    grid-template-columns: 1fr;
  }
}
</style>
