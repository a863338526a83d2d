<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watchEffect } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import WorkingPanel from '../figures/WorkingPanel.vue'
import DocumentNotices from '../shell/DocumentNotices.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { usePageKeys } from '../shell/use-page-keys.ts'
import { useLoading } from '../shell/use-loading.ts'
import BearingReactions from './BearingReactions.vue'
import ShaftDrawing from './ShaftDrawing.vue'
import ShaftGrowth from './ShaftGrowth.vue'
import ShaftInspector from './ShaftInspector.vue'
import ShaftSketchForm from './ShaftSketchForm.vue'
import ShaftConflict from './ShaftConflict.vue'
import { openShaft } from './use-shaft.ts'
import WhoHolds from './WhoHolds.vue'

/** One machine’s shaft: drawn to scale, solved as it is dragged, and handed to the benches of its positions. */
const { id } = defineProps<{ id: string }>()
const shaft = openShaft(id)
const page = usePageState()
const format = useFormat()

const { failure, load } = useLoading(shaft.load)

const line = computed(() => shaft.line.value)
const assessment = computed(() => shaft.assessment.value)
const bends = ref(false)
/** Figure whose working is open. */
const working = ref('')
const checks = computed(() => shaft.checks.value)
const worst = computed(() => checks.value.find(({ verdict }) => verdict !== 'go') ?? checks.value[0])

usePageKeys([
  { key: 'z', what: 'undo', run: () => shaft.undo() },
  { key: 'y', what: 'do it again', run: () => shaft.redo() },
  { key: 'b', what: 'how it bends', run: () => (bends.value = !bends.value) },
  {
    key: 't',
    what: 'lean the machine over',
    run: () =>
      line.value && shaft.changeLine({ tiltDeg: line.value.tiltDeg >= 90 ? 0 : Math.min(90, line.value.tiltDeg + 15) }),
  },
  {
    key: 'a',
    what: 'put a part on',
    run: () => document.querySelector<HTMLElement>('[data-test="add-part"] [role="combobox"]')?.focus(),
  },
  { key: 'w', what: 'open or close the working', run: () => (working.value = working.value ? '' : 'growth') },
  {
    key: 'Delete',
    what: 'take off what is picked',
    run: () => {
      const { value } = shaft.picked
      if (value.what !== 'machine') shaft.remove(value)
    },
  },
])

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
    <DocumentNotices :document="shaft" what="shaft" conflicts>
      <ShaftConflict />
    </DocumentNotices>
    <div class="top">
      <ShaftDrawing v-model:bends="bends" />
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
        <BearingReactions />
        <ShaftGrowth @working="working = $event" />
        <WhoHolds />
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

  .hints {
    display: none;
  }
}
</style>
