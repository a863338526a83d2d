<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { lenses, type Lens } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, nextTick, onBeforeUnmount, ref, useTemplateRef, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import BearingSheet from '../drawing/BearingSheet.vue'
import LookAlikes from '../drawing/LookAlikes.vue'
import { scaleWords } from '../drawing/sheet.ts'
import { useBearingDrawing } from '../drawing/use-bearing-drawing.ts'
import { useFormat } from '../figures/use-format.ts'
import WorkingPanel from '../figures/WorkingPanel.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useLoading } from '../shell/use-loading.ts'
import DocumentNotices from '../shell/DocumentNotices.vue'
import { shownTime } from '../shell/shown-time.ts'
import { usePageKeys } from '../shell/use-page-keys.ts'
import ConflictPanel from './ConflictPanel.vue'
import FindingStrip from './FindingStrip.vue'
import HistoryPanel from './HistoryPanel.vue'
import { lensNames } from './lens-names.ts'
import LensTrack from './LensTrack.vue'
import LensPanel from './LensPanel.vue'
import LooseBar from './LooseBar.vue'
import { keepDrawing, keepFigures } from './download.ts'
import { lensPages, pageOfField } from './lens-pages.ts'
import { useCandidates } from './identify/use-candidates.ts'
import { pageFigures } from './page-figures.ts'
import { lensOfField, openBench } from './use-bench.ts'

const { id, lens: asked = '' } = defineProps<{ id: string; lens?: string }>()

const bench = openBench(id)
const page = usePageState()
const router = useRouter()
const format = useFormat()

const lens = computed<Lens>(() => lenses.find((one) => one === asked) ?? 'identify')
// Another page may ask for one of the pages of a lens.
const { page: askedPage } = useRoute().query
if (lensPages[lens.value].some(({ key }) => key === askedPage)) bench.turnTo(lens.value, String(askedPage))
/** Figure whose working is open; empty for none. */
const working = ref('')
const historyOpen = ref(false)

const { failure, load } = useLoading(bench.load)

function choose(one: Lens) {
  working.value = ''
  historyOpen.value = false
  void router.replace({ name: 'position', params: { id, lens: one } })
}

function toggleWorking() {
  working.value = working.value ? '' : bench.assessment.value.lenses[lens.value].headline
}

/** Goes to a field, on another lens if need be, and puts the cursor there. */
async function goToField(path: string | null, on: Lens = path ? lensOfField(path) : lens.value) {
  // A field stands on the lens it belongs to, whichever lens complains of it.
  const where = path ? lensOfField(path) : on
  if (where !== lens.value) choose(where)
  const page = path ? pageOfField(where, path) : null
  if (page) bench.turnTo(where, page)
  working.value = ''
  await nextTick()
  // The lens has changed with the route, one tick later.
  await nextTick()
  if (!path) return
  const target = document.querySelector<HTMLElement>(`[data-test="${path}"]`)
  const focusable = target?.matches('input, button')
    ? target
    : target?.querySelector<HTMLElement>('[tabindex], input, button')
  focusable?.focus()
}

usePageKeys([
  ...lenses.map((one, index) => ({ key: String(index + 1), shown: index === 0 ? '1 … 7' : '', what: 'choose the lens', run: () => choose(one) })), // prettier-ignore
  { key: 'w', what: 'open or close the working', run: toggleWorking },
])

const frame = useTemplateRef('frame')
const { width, height } = useElementSize(frame)

const { section, slides, pxPerMm, overlay, dimensions } = useBearingDrawing(
  () => ({
    bearing: bench.bearing.value,
    inputs: bench.effective.value,
    assessment: bench.assessment.value,
    lens: lens.value,
  }),
  () => ({ width: width.value, height: height.value }),
  format,
)
const caption = computed(() =>
  section.value && width.value > 0
    ? `Half-section ${scaleWords(pxPerMm.value)} on the sheet, drawn from ${dimensions.value.bore} × ${dimensions.value.outside} × ${dimensions.value.width} ${format.unit('length')}`
    : '',
)

const candidates = useCandidates(bench)
/** Measuring compares what it can be; every other page looks at what is on the bench. */
const comparing = computed(
  () => lens.value === 'identify' && bench.pageOf('identify') === 'measure' && candidates.value.length > 0,
)
const figures = computed(() => pageFigures(bench, lens.value))
/** Some pages have a drawing of their own. */
const pageSheet = computed(() => {
  const page = lensPages[lens.value].find(({ key }) => key === bench.pageOf(lens.value))
  const on = { id, assessment: bench.assessment.value, inputs: bench.effective.value, bearing: bench.bearing.value, section: section.value } // prettier-ignore
  const props = page?.sheet?.props(on)
  return page?.sheet && props ? { ...page.sheet, props } : null
})
/** What files of this position are called. */
const fileName = computed(() => {
  const now = bench.detail.value
  return now
    ? `${now.machine.tag} ${now.name} ${lens.value}`
        .trim()
        .replace(/[^\w-]+/g, '-')
        .toLowerCase()
    : 'position'
})
function saveDrawing() {
  const drawing = frame.value?.querySelector('svg')
  if (drawing) keepDrawing(drawing, fileName.value)
}

watchEffect(() => {
  const now = bench.detail.value
  page.crumbs = now
    ? now.loose
      ? [{ label: 'Counter', to: { name: 'counter' } }, { label: now.name }]
      : [
          { label: now.area, to: { name: 'yard' } },
          { label: `${now.machine.tag} ${now.machine.name}`, to: { name: 'machine', params: { id: now.machine.id } } },
          { label: now.name },
        ]
    : [{ label: 'Yard', to: { name: 'yard' } }]
  const { saving } = bench
  page.saving = now && {
    ...saving.value,
    note: saving.value.note === 'Saved' ? `Saved ${shownTime(now.savedAt)}` : saving.value.note,
  }
})
onBeforeUnmount(() => {
  page.saving = null
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="bench.detail.value" class="bench">
    <h1 class="visually-hidden">
      {{ bench.detail.value.machine.tag }} {{ bench.detail.value.name }}: {{ lensNames[lens] }}
    </h1>
    <LensTrack :assessment="bench.assessment.value" :lens="lens" @choose="choose" />
    <DocumentNotices :document="bench" what="position" conflicts>
      <LooseBar v-if="bench.detail.value.loose" />
      <ConflictPanel v-if="bench.conflict.value" />
      <div v-if="bench.undoable.value" class="notice" role="status" data-test="undoable">
        <p>{{ bench.undoable.value.what }}</p>
        <Button
          label="Undo"
          size="small"
          severity="secondary"
          variant="outlined"
          data-test="undo"
          @click="bench.undo()"
        />
        <Button label="Keep" size="small" variant="text" @click="bench.undoable.value = null" />
      </div>
    </DocumentNotices>
    <div class="body">
      <section class="drawing" aria-label="Drawing">
        <p class="label caption">
          <span>{{ comparing ? 'What the readings fit, all to one scale' : (pageSheet?.caption ?? caption) }}</span>
          <span class="files">
            <button
              v-if="section || comparing || pageSheet"
              type="button"
              class="link"
              data-test="save-drawing"
              @click="saveDrawing"
            >
              drawing as SVG
            </button>
            <button
              type="button"
              class="link"
              data-test="save-figures"
              @click="keepFigures(bench.assessment.value, format, fileName)"
            >
              figures as CSV
            </button>
          </span>
        </p>
        <div ref="frame" class="frame" :class="{ scrolls: pageSheet?.scrolls }">
          <LookAlikes
            v-if="comparing && width > 0 && height > 0"
            :candidates="candidates"
            :width="width"
            :height="height"
            @choose="bench.putOn"
          />
          <component :is="pageSheet.component" v-else-if="pageSheet" v-bind="pageSheet.props" />
          <BearingSheet
            v-else-if="section && overlay && width > 0 && height > 0"
            :section="section"
            :width="width"
            :height="height"
            :slides="slides"
            :overlay="overlay"
            :lit="bench.lit.value"
            :dimensions="dimensions"
            @light="bench.lit.value = $event"
            @pick="working = $event"
          />
          <div v-else-if="!section" class="empty">
            <p class="teach">Nothing on the bench yet.</p>
            <p>
              Type the number from the ring or the box in Identify, or measure bore, outside diameter and width and look
              it up.
            </p>
          </div>
        </div>
      </section>
      <aside class="panel" aria-label="Lens">
        <WorkingPanel
          v-if="working"
          :figures="figures"
          :selected="working"
          @close="working = ''"
          @select="working = $event"
        />
        <HistoryPanel v-else-if="historyOpen" @close="historyOpen = false" />
        <template v-else>
          <LensPanel :lens="lens" @working="working = $event" @field="goToField" />
          <p class="foot">
            <button type="button" class="link" data-test="history" @click="historyOpen = true">Revision history</button>
            <button v-if="bench.dirty.value" type="button" class="link" @click="bench.discard()">
              Back to what is saved
            </button>
          </p>
        </template>
      </aside>
    </div>
    <FindingStrip :assessment="bench.assessment.value" @go="(on, field) => goToField(field, on)" />
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  height: 100%;
}

.body {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(420px, 3fr);
  min-height: 0;
}

.drawing {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-width: 0;
  min-height: 0;
  overflow: hidden;
}

.caption {
  display: flex;
  justify-content: space-between;
  gap: 18px;
  padding: 12px 22px 0;
  min-height: 34px;
}

.files {
  display: flex;
  gap: 14px;
  white-space: nowrap;
}

.files button {
  color: var(--ink-2);
  font: 15px var(--label);
}

.frame {
  min-height: 0;
  overflow: hidden;
}

.frame.scrolls {
  overflow-y: auto;
}

.panel {
  min-height: 0;
  padding: 14px 22px 18px;
  border-left: 1px solid var(--hair);
  overflow-y: auto;
}

.trouble strong {
  color: var(--stop);
}

.empty {
  max-width: 56ch;
  padding: 24px 22px;
  font-size: 17px;
}

.teach {
  font-size: 24px;
  font-weight: 700;
}

.foot {
  display: flex;
  gap: 18px;
  margin-top: 16px;
}

.link {
  padding: 4px 0;
  color: var(--ink-2);
}

@media (max-width: 980px) {
  .bench {
    height: auto;
    min-height: 100%;
    grid-template-rows: auto auto auto auto;
  }

  .body {
    grid-template-columns: 1fr;
  }

  .frame {
    height: 460px;
  }

  .frame.scrolls {
    height: auto;
  }

  .panel {
    border-left: 0;
    border-top: 1px solid var(--hair);
  }

  .bench > :last-child {
    position: sticky;
    bottom: 0;
  }
}

@media print {
  .body {
    display: block;
  }
}
</style>
