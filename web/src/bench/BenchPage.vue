<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { RollingDetail } from '@yardfrost/contract'
import { lenses, type Lens } from '@yardfrost/core'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import BearingSheet from '../drawing/BearingSheet.vue'
import LookAlikes from '../drawing/LookAlikes.vue'
import { scaleWords } from '../drawing/sheet.ts'
import { useBearingDrawing } from '../drawing/use-bearing-drawing.ts'
import { useFormat } from '../figures/use-format.ts'
import BenchFrame from './BenchFrame.vue'
import { focusField } from './focus-field.ts'
import { useCandidates } from './identify/use-candidates.ts'
import { lensNames } from './lens-names.ts'
import LooseBar from './LooseBar.vue'
import LensPanel from './LensPanel.vue'
import { lensPages, pageOfField } from './lens-pages.ts'
import { pageFigures } from './page-figures.ts'
import { lensOfField, openBench } from './use-bench.ts'

/** A rolling bearing on the bench. */
const { id, lens: asked = '', first } = defineProps<{ id: string; lens?: string; first: RollingDetail }>()

const bench = openBench(id)
watch(() => first, bench.take, { immediate: true })
const router = useRouter()
const format = useFormat()

const lens = computed<Lens>(() => lenses.find((one) => one === asked) ?? 'identify')
// Another page may ask for one of the pages of a lens.
const { page: askedPage } = useRoute().query
if (lensPages[lens.value].some(({ key }) => key === askedPage)) bench.turnTo(lens.value, String(askedPage))
/** Figure whose working is open; empty for none. */
const working = ref('')

const choose = (one: string) => void router.replace({ name: 'position', params: { id, lens: one } })

/** Goes to a field, on another lens if need be, and puts the cursor there. */
async function goToField(path: string | null, on: string = lens.value) {
  // A field stands on the lens it belongs to, whichever lens complains of it.
  const where = path ? lensOfField(path) : lenses.find((one) => one === on)
  if (where && where !== lens.value) choose(where)
  const page = path && where ? pageOfField(where, path) : null
  if (page && where) bench.turnTo(where, page)
  working.value = ''
  await focusField(path)
}

const frame = useTemplateRef('frame')
const { width, height } = useElementSize(() => frame.value?.frame)

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
const shownCaption = computed(() =>
  comparing.value ? 'What the readings fit, all to one scale' : (pageSheet.value?.caption ?? caption.value),
)
</script>

<template>
  <BenchFrame
    ref="frame"
    v-model:working="working"
    :bench="bench"
    :lens="lens"
    :names="lensNames"
    :figures="figures"
    :caption="shownCaption"
    :drawn="Boolean(section || comparing || pageSheet)"
    :scrolls="Boolean(pageSheet?.scrolls)"
    @choose="choose"
    @field="goToField"
  >
    <template #notices>
      <LooseBar v-if="bench.detail.value?.loose" />
    </template>
    <template #sheet>
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
          Type the number from the ring or the box in Identify, or measure bore, outside diameter and width and look it
          up.
        </p>
      </div>
    </template>
    <template #panel>
      <LensPanel :lens="lens" @working="working = $event" @field="goToField" />
    </template>
  </BenchFrame>
</template>

<style src="./empty-sheet.css"></style>
