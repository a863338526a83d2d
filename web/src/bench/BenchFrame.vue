<script setup lang="ts">
import type { Figure } from '@yardfrost/core'
import Button from 'primevue/button'
import { onBeforeUnmount, ref, useTemplateRef, watchEffect } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import WorkingPanel from '../figures/WorkingPanel.vue'
import DocumentNotices from '../shell/DocumentNotices.vue'
import { usePageState } from '../shell/page-state.ts'
import { shownTime } from '../shell/shown-time.ts'
import { usePageKeys } from '../shell/use-page-keys.ts'
import type { AnyBench } from './any-bench.ts'
import ConflictPanel from './ConflictPanel.vue'
import { keepDrawing, keepFigures } from './download.ts'
import FindingStrip from './FindingStrip.vue'
import HistoryPanel from './HistoryPanel.vue'
import LensTrack from './LensTrack.vue'

/** What stands round a position of any kind: its lenses, its drawing, the panel beside it, its history and its worst finding. */
const {
  bench,
  lens,
  names,
  figures,
  caption,
  drawn,
  scrolls = false,
} = defineProps<{
  bench: AnyBench
  lens: string
  names: Record<string, string>
  /** Whose working can be opened. */
  figures: Record<string, Figure>
  caption: string
  /** There is a drawing to keep. */
  drawn: boolean
  scrolls?: boolean
}>()
const emit = defineEmits<{ choose: [lens: string]; field: [path: string | null, lens: string] }>()
/** Figure whose working is open; empty for none. */
const working = defineModel<string>('working', { required: true })
const historyOpen = ref(false)
const page = usePageState()
const format = useFormat()
const frame = useTemplateRef('frame')
defineExpose({ frame })

function choose(one: string) {
  working.value = ''
  historyOpen.value = false
  emit('choose', one)
}

const lenses = () => Object.keys(bench.assessment.value.lenses)
usePageKeys([
  ...lenses().map((one, index) => ({ key: String(index + 1), shown: index === 0 ? '1 … 7' : '', what: 'choose the lens', run: () => choose(one) })), // prettier-ignore
  {
    key: 'w',
    what: 'open or close the working',
    run: () => {
      const at = Object.values(bench.assessment.value.lenses).find((one) => one.lens === lens)
      working.value = working.value ? '' : (at?.headline ?? '')
    },
  },
])

/** What files of this position are called. */
const fileName = () => {
  const now = bench.detail.value
  return now
    ? `${now.machine.tag} ${now.name} ${lens}`
        .trim()
        .replace(/[^\w-]+/g, '-')
        .toLowerCase()
    : 'position'
}
function saveDrawing() {
  const drawing = frame.value?.querySelector('svg')
  if (drawing) keepDrawing(drawing, fileName())
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
  const { value: saving } = bench.saving
  page.saving = now && { ...saving, note: saving.note === 'Saved' ? `Saved ${shownTime(now.savedAt)}` : saving.note }
})
onBeforeUnmount(() => {
  page.saving = null
})
</script>

<template>
  <div v-if="bench.detail.value" class="bench">
    <h1 class="visually-hidden">
      {{ bench.detail.value.machine.tag }} {{ bench.detail.value.name }}: {{ names[lens] }}
    </h1>
    <LensTrack :lenses="bench.assessment.value.lenses" :names="names" :lens="lens" @choose="choose" />
    <DocumentNotices :document="bench" what="position" conflicts>
      <slot name="notices" />
      <ConflictPanel v-if="bench.conflict.value" :bench="bench" />
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
        <Button label="Keep" size="small" variant="text" @click="bench.keepChange()" />
      </div>
    </DocumentNotices>
    <div class="body">
      <section class="drawing" aria-label="Drawing">
        <p class="label caption">
          <span>{{ caption }}</span>
          <span class="files">
            <button v-if="drawn" type="button" class="link" data-test="save-drawing" @click="saveDrawing">
              drawing as SVG
            </button>
            <button
              type="button"
              class="link"
              data-test="save-figures"
              @click="keepFigures(bench.assessment.value, format, fileName())"
            >
              figures as CSV
            </button>
          </span>
        </p>
        <div ref="frame" class="frame" :class="{ scrolls }">
          <slot name="sheet" />
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
        <HistoryPanel v-else-if="historyOpen" :bench="bench" @close="historyOpen = false" />
        <template v-else>
          <slot name="panel" />
          <p class="foot">
            <button type="button" class="link" data-test="history" @click="historyOpen = true">Revision history</button>
            <button v-if="bench.dirty.value" type="button" class="link" @click="bench.discard()">
              Back to what is saved
            </button>
          </p>
        </template>
      </aside>
    </div>
    <FindingStrip :assessment="bench.assessment.value" :names="names" @go="(on, field) => emit('field', field, on)" />
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
