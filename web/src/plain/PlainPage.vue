<script setup lang="ts">
import type { PlainDetail } from '@yardfrost/contract'
import { plainLenses, type PlainLens } from '@yardfrost/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import BenchFrame from '../bench/BenchFrame.vue'
import { focusField } from '../bench/focus-field.ts'
import LensBody from '../bench/LensBody.vue'
import LensPages from '../bench/LensPages.vue'
import { layOutSleeve } from '../drawing/sleeve/frame.ts'
import SleeveSheet from '../drawing/sleeve/SleeveSheet.vue'
import { useSleeveDrawing } from '../drawing/sleeve/use-sleeve-drawing.ts'
import { useFormat } from '../figures/use-format.ts'
import SignsSheet from './diagnose/SignsSheet.vue'
import { plainLensNames, plainPageOfField, plainPages } from './plain-pages.ts'
import { openPlainBench, plainLensOfField } from './use-plain-bench.ts'

/** A plain bearing on the bench. */
const { id, lens: asked = '', first } = defineProps<{ id: string; lens?: string; first: PlainDetail }>()

const bench = openPlainBench(id)
watch(() => first, bench.take, { immediate: true })
const router = useRouter()
const format = useFormat()

const lens = computed<PlainLens>(() => plainLenses.find((one) => one === asked) ?? 'identify')
// Another page may ask for one of the pages of a lens.
const { page: askedPage } = useRoute().query
if (plainPages[lens.value].some(({ key }) => key === askedPage)) bench.turnTo(lens.value, String(askedPage))
const working = ref('')
const choose = (one: string) => void router.replace({ name: 'position', params: { id, lens: one } })

/** Goes to a field, on another lens if need be, and puts the cursor there. */
async function goToField(path: string | null, on: string = lens.value) {
  const where = path ? plainLensOfField(path) : plainLenses.find((one) => one === on)
  if (where && where !== lens.value) choose(where)
  const page = path && where ? plainPageOfField(where, path) : null
  if (page && where) bench.turnTo(where, page)
  working.value = ''
  await focusField(path)
}

const open = computed({ get: () => bench.pageOf(lens.value), set: (page) => bench.turnTo(lens.value, page) })
const page = computed(() => plainPages[lens.value].find(({ key }) => key === open.value))
const shown = computed(() => bench.assessment.value.lenses[lens.value])
const { sleeve, pressure, callouts, dimensions } = useSleeveDrawing(() => ({
  inputs: bench.effective.value,
  assessment: bench.assessment.value,
  lens: lens.value,
}))
const marks = computed(() => lens.value === 'diagnose')
const caption = computed(() => {
  if (marks.value) return 'Press what you see; press again for what you looked for and did not find'
  if (!sleeve.value) return ''
  const times = layOutSleeve(sleeve.value).gapTimes
  return `Along and across, to one scale; the gap drawn ${format.digits(times, 'ratio', { figures: 2 })} times as large`
})
</script>

<template>
  <BenchFrame
    v-model:working="working"
    :bench="bench"
    :lens="lens"
    :names="plainLensNames"
    :figures="shown.figures"
    :caption="caption"
    :drawn="sleeve !== null && !marks"
    :scrolls="marks"
    @choose="choose"
    @field="goToField"
  >
    <template #sheet>
      <SignsSheet v-if="marks" />
      <SleeveSheet
        v-else-if="sleeve"
        :sleeve="sleeve"
        :pressure="lens === 'carry' ? pressure : null"
        :callouts="callouts"
        :dimensions="dimensions"
      />
      <div v-else class="empty">
        <p class="teach">Nothing on the bench yet.</p>
        <p>Give the journal and the length in Identify: the bearing is drawn from them, to scale.</p>
      </div>
    </template>
    <template #panel>
      <LensBody :lens="shown" :question="page?.question ?? ''" @field="goToField">
        <template #pages><LensPages v-model="open" :pages="plainPages[lens]" /></template>
        <template #inputs>
          <component :is="page.component" v-if="page" @working="working = $event" @field="goToField" />
        </template>
      </LensBody>
    </template>
  </BenchFrame>
</template>

<style src="../bench/empty-sheet.css"></style>
