<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { useElementSize, watchDebounced } from '@vueuse/core'
import {
  lookUpBearing,
  shaftLevers,
  wantedLife,
  type Lever,
  type ShaftPart,
  bySeverity,
  lifeChecksOf,
  longestLifeH,
} from '@yardfrost/core'
import { computed, onBeforeUnmount, ref, shallowRef, useTemplateRef, watchEffect } from 'vue'
import PracticeList from '../figures/PracticeList.vue'
import { catalogue } from '../references.ts'
import { halfSection, type HalfSection } from '../drawing/half-section.ts'
import type { Handle } from '../drawing/shaft/drag-along.ts'
import ShaftSheet from '../drawing/shaft/ShaftSheet.vue'
import CheckLine from '../figures/CheckLine.vue'
import FigureLine from '../figures/FigureLine.vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import WorkingPanel from '../figures/WorkingPanel.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import DocumentNotices from '../shell/DocumentNotices.vue'
import { useKeys } from '../shell/use-keys.ts'
import { canPull, pulledPart } from './pulled-part.ts'
import ShaftInspector from './ShaftInspector.vue'
import ShaftSketchForm from './ShaftSketchForm.vue'
import { openShaft } from './use-shaft.ts'

/** One machine’s shaft: drawn to scale, solved as it is dragged, and handed to the benches of its positions. */
const { id } = defineProps<{ id: string }>()
const shaft = openShaft(id)
const page = usePageState()
const format = useFormat()

const { failure, load } = useLoading(shaft.load)

const frame = useTemplateRef('frame')
const { width, height } = useElementSize(frame)
const line = computed(() => shaft.line.value)
const assessment = computed(() => shaft.assessment.value)
const bends = ref(false)
const working = ref('')

const sections = computed(() => {
  const drawn = new Map<string, HalfSection>()
  for (const [name, designation] of shaft.bearings.value) {
    const found = lookUpBearing(designation, catalogue)
    if (found.kind === 'found') drawn.set(name, halfSection(found.bearing))
  }
  return drawn
})
const picked = computed<Handle | null>(() => (shaft.picked.value.what === 'machine' ? null : shaft.picked.value))
const words = {
  force: (newton: number) => format.inline({ kind: 'number', number: newton }, 'force'),
  length: (mm: number, decimals = 0) => format.inline({ kind: 'number', number: mm }, 'length', { decimals }),
  mass: (kg: number) => format.inline({ kind: 'number', number: kg }, 'mass', { figures: 3 }),
}

function move({ what, index }: Handle, xMm: number) {
  if (what === 'part') shaft.changePart(index, { xMm }, false)
  else if (what === 'support') shaft.changeSupport(index, { xMm }, false)
}

/** The part whose load arrow is being drawn out, as it was when it was taken hold of. */
let pulledFrom: ShaftPart | null = null
function grab() {
  shaft.remember()
  pulledFrom = null
}
function push(index: number, times: number) {
  pulledFrom ??= line.value?.parts[index] ?? null
  if (pulledFrom) shaft.changePart(index, pulledPart(pulledFrom, times), false)
}

const checks = computed(() =>
  [...(assessment.value?.checks ?? []), ...lifeChecks.value, ...shaft.arrived.value].sort(bySeverity),
)
const worst = computed(() => checks.value.find(({ verdict }) => verdict !== 'go') ?? checks.value[0])
const growthFigure = computed(() => assessment.value?.figures['growth'])

const rows = computed(() =>
  (assessment.value?.supports ?? []).map((support, index) => ({
    ...support,
    letter: String.fromCharCode(65 + index),
    lifeH: shaft.life.value?.lives[index]?.lifeH ?? null,
    boundH: shaft.life.value?.lives[index]?.boundH ?? null,
    id: shaft.detail.value?.positions.find(({ name }) => name === support.position)?.id ?? null,
  })),
)
const times = (ratio: number) => `${format.digits(ratio, 'ratio', { figures: 2 })} ×`
const force = (newton: number) => format.digits(newton, 'force')
const hours = (value: number | null) =>
  value === null
    ? 'none'
    : value > longestLifeH
      ? `> ${format.digits(longestLifeH, 'duration')}`
      : format.digits(value, 'duration', { figures: 2 })

/** What buys most life, worked out once a drag is over: it solves the shaft a dozen times. */
const levers = shallowRef<Lever[]>([])
watchDebounced(
  shaft.whole,
  (whole) => {
    levers.value = whole ? shaftLevers(whole, catalogue).slice(0, 3) : []
  },
  { debounce: 250, immediate: true },
)
/** A shaft is not well carried by bearings that do not live long enough. */
const lifeChecks = computed(() =>
  shaft.life.value && wantedH.value !== null ? lifeChecksOf(shaft.life.value, wantedH.value) : [],
)
const wantedH = computed(() => (shaft.detail.value ? wantedLife(shaft.detail.value.machine.duty).wantedH : null))

const bound = computed(() => rows.value.filter(({ boundH }) => boundH !== null))

const ways = { both: 'located', left: 'located to the left', right: 'located to the right', none: 'floating' }

useKeys({
  z: () => shaft.undo(),
  y: () => shaft.redo(),
  b: () => (bends.value = !bends.value),
  t: () =>
    line.value && shaft.changeLine({ tiltDeg: line.value.tiltDeg >= 90 ? 0 : Math.min(90, line.value.tiltDeg + 15) }),
  a: () => document.querySelector<HTMLElement>('[data-test="add-part"] [role="combobox"]')?.focus(),
  w: () => (working.value = working.value ? '' : 'growth'),
  Delete: () => {
    const { value } = shaft.picked
    if (value.what !== 'machine') shaft.remove(value)
  },
})

watchEffect(() => {
  const now = shaft.detail.value
  page.crumbs = now
    ? [
        { label: now.machine.area, to: { name: 'yard' } },
        { label: `${now.machine.tag} ${now.machine.name}`, to: { name: 'machine', params: { id } } },
        { label: 'Shaft line' },
      ]
    : [{ label: 'Yard', to: { name: 'yard' } }]
  page.saving = now && line.value ? shaft.saving.value : null
})
onBeforeUnmount(() => {
  page.saving = null
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <ShaftSketchForm v-else-if="shaft.detail.value && !line" />
  <div v-else-if="line && assessment" class="page">
    <h1 class="visually-hidden">
      Shaft of {{ shaft.detail.value?.machine.tag }} {{ shaft.detail.value?.machine.name }}
    </h1>
    <DocumentNotices :document="shaft" what="shaft" />
    <div class="top">
      <section class="drawing" aria-label="Drawing">
        <p class="caption label">
          <span>
            {{ format.digits(line.speedRpm, 'speed') }} r/min,
            {{
              line.tiltDeg === 0
                ? 'horizontal'
                : line.tiltDeg === 90
                  ? 'upright'
                  : `leaning ${format.digits(line.tiltDeg, 'angle', { decimals: 0 })}°`
            }}, to scale
          </span>
          <span class="tools">
            <button type="button" :disabled="!shaft.canUndo.value" data-test="undo-shaft" @click="shaft.undo()">
              undo <kbd>z</kbd>
            </button>
            <button type="button" :disabled="!shaft.canRedo.value" data-test="redo-shaft" @click="shaft.redo()">
              redo <kbd>y</kbd>
            </button>
            <button type="button" :aria-pressed="bends" data-test="bends" @click="bends = !bends">
              bent <kbd>b</kbd>
            </button>
          </span>
        </p>
        <div ref="frame" class="frame">
          <ShaftSheet
            v-if="width > 0 && height > 0"
            :line="line"
            :assessment="assessment"
            :sections="sections"
            :picked="picked"
            :width="width"
            :height="height"
            :words="words"
            :bends="bends"
            :pullable="line.parts.map(canPull)"
            @pick="shaft.picked.value = $event ?? { what: 'machine' }"
            @grab="grab"
            @move="move"
            @push="push"
          />
        </div>
      </section>
      <ShaftInspector />
    </div>
    <div class="columns">
      <WorkingPanel
        v-if="working"
        class="wide"
        :figures="assessment.figures"
        :selected="working"
        @close="working = ''"
        @select="working = $event"
      />
      <template v-else>
        <section aria-label="Bearing reactions">
          <h2>Bearing reactions</h2>
          <table data-test="carried">
            <thead>
              <tr>
                <th scope="col" class="label">position</th>
                <th scope="col" class="label number">radial, {{ format.unit('force') }}</th>
                <th scope="col" class="label number">axial</th>
                <th scope="col" class="label number">life, h</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in rows" :key="row.position" :data-carried="row.position">
                <td>
                  {{ row.letter }}
                  <RouterLink v-if="row.id" :to="{ name: 'position', params: { id: row.id, lens: 'carry' } }">{{
                    row.position
                  }}</RouterLink>
                  <template v-else>{{ row.position }}</template>
                </td>
                <td class="number">
                  <strong>{{ force(row.downN < 0 ? -row.radialN : row.radialN) }}</strong>
                </td>
                <td class="number" :class="{ ember: row.axialN !== 0 }">{{ force(Math.abs(row.axialN)) }}</td>
                <td class="number">{{ row.designation ? hours(row.lifeH) : 'no bearing' }}</td>
              </tr>
            </tbody>
          </table>
          <p v-if="shaft.life.value?.systemH" class="whole" data-test="whole">
            Together {{ hours(shaft.life.value.systemH) }} h<template v-if="wantedH"
              >, required {{ format.digits(wantedH, 'duration') }}</template
            >. The weakest is {{ shaft.life.value.weakest }}.
          </p>
          <p v-if="bound.length" class="ember" data-test="bound">
            Held at both ends and hot:
            {{ bound.map(({ position, boundH }) => `${position} ${hours(boundH)} h`).join(', ') }}.
          </p>
          <template v-if="levers.length">
            <h3>Most effective improvements</h3>
            <ol class="levers" data-test="levers">
              <li v-for="lever in levers" :key="lever.label">
                <strong>{{ times(lever.ratio) }}</strong> <span>{{ format.sentence(lever.label) }}</span>
              </li>
            </ol>
          </template>
        </section>
        <section aria-label="How far does it grow?">
          <h2>How far does it grow?</h2>
          <template v-if="growthFigure">
            <FigureLine answer name="growth" :figure="growthFigure" @working="working = $event" />
            <PracticeList :figure="growthFigure" />
          </template>
          <FigureLine
            v-for="name in ['thrust', 'deflection', 'critical', 'gap'].filter((one) => assessment?.figures[one])"
            :key="name"
            :name="name"
            :figure="assessment.figures[name]!"
            @working="working = $event"
          />
        </section>
        <section aria-label="Who holds the shaft?">
          <h2>Who holds the shaft?</h2>
          <p>
            <RouterLink :to="{ name: 'arrival', params: { id } }" data-test="to-arrival">As-found inspection</RouterLink
            >: what others have left in it
          </p>
          <p v-for="(support, index) in line.supports" :key="support.position" class="holder">
            <button type="button" class="link" @click="shaft.picked.value = { what: 'support', index }">
              {{ support.position }}
            </button>
            {{ ways[support.holds]
            }}{{
              support.holds === 'none'
                ? support.floatsIn === 'housing'
                  ? ' in its housing'
                  : ' inside the bearing'
                : ''
            }}
          </p>
          <CheckLine v-for="check in checks" :key="check.key" :check="check" />
          <p class="feed">
            <label>
              <Checkbox v-model="shaft.feed.value" binary :pt="{ input: { 'data-test': 'feed' } }" />
              The benches of these positions take their loads from here, once this is saved
            </label>
          </p>
          <ul class="cautions">
            <li v-for="caution in assessment.cautions" :key="caution">{{ caution }}</li>
          </ul>
        </section>
      </template>
    </div>
    <div class="strip" role="status" data-test="shaft-finding">
      <template v-if="worst && worst.verdict !== 'go'">
        <VerdictMark :state="worst.verdict" />
        <span class="what">{{ format.sentence(worst.reason) }} {{ format.sentence(worst.wayOut) }}</span>
      </template>
      <template v-else>
        <VerdictMark state="go" />
        <span class="what">The shaft is located, carried and free to grow, and its bearings live long enough.</span>
      </template>
      <span class="quiet hints">Drag a part along the shaft · <kbd>a</kbd> add · <kbd>t</kbd> tilt</span>
    </div>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-rows: auto minmax(360px, 1fr) auto auto;
  height: 100%;
}

.top {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  min-height: 0;
}

.drawing {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
}

.caption {
  display: flex;
  justify-content: space-between;
  gap: 18px;
  padding: 10px 20px 0;
}

.tools {
  display: flex;
  gap: 8px;
}

.tools button {
  padding: 2px 8px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  cursor: pointer;
}

.tools button:disabled {
  color: var(--ink-2);
  cursor: default;
}

.tools [aria-pressed='true'] {
  border-color: var(--spruce);
  box-shadow: inset 0 0 0 1px var(--spruce);
}

.frame {
  min-height: 0;
  overflow: hidden;
}

.columns {
  display: grid;
  grid-template-columns: 1.1fr 1fr 1.1fr;
  max-height: 290px;
  border-top: 1px solid var(--hair);
  overflow-y: auto;
}

.columns > section {
  padding: 12px 20px;
  border-right: 1px solid var(--hair);
}

.columns > .wide {
  grid-column: 1 / -1;
  padding: 12px 20px;
}

a {
  color: inherit;
  text-underline-offset: 3px;
}

table {
  width: 100%;
}

th,
td {
  padding: 4px 8px 4px 0;
  border-bottom: 1px solid var(--hair);
}

.number {
  padding-right: 0;
  text-align: right;
}

.whole {
  padding: 6px 0;
}

.levers {
  display: grid;
  gap: 3px;
  margin: 0;
  padding: 0;
  list-style: none;
}

/* The factor stands in a column of its own. */
.levers li {
  display: grid;
  grid-template-columns: 62px 1fr;
  align-items: baseline;
}

.levers strong {
  font-size: 17px;
}

h3 {
  padding: 8px 0 4px;
  border-top: 1px solid var(--hair);
  font: 650 16px var(--label);
}

.holder {
  padding: 2px 0;
}

.feed {
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}

.cautions {
  margin: 0;
  padding-left: 18px;
  color: var(--watch);
  font-size: 14px;
}

.strip {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 44px;
  padding: 6px 18px;
  border-top: 1px solid var(--hair);
  background: var(--sheet);
}

.what {
  flex: 1;
  min-width: 0;
}

.hints {
  white-space: nowrap;
}

@media (max-width: 980px) {
  .page {
    height: auto;
    grid-template-rows: auto auto auto auto;
  }

  .top,
  .columns {
    grid-template-columns: 1fr;
  }

  .columns {
    max-height: none;
  }

  .frame {
    height: 420px;
  }

  .hints {
    display: none;
  }
}
</style>
