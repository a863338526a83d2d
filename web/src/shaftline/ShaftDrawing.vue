<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { lookUpBearing, type ShaftPart } from '@yardfrost/core'
import { computed, useTemplateRef } from 'vue'
import { halfSection, type HalfSection } from '../drawing/half-section.ts'
import type { Handle } from '../drawing/shaft/drag-along.ts'
import ShaftSheet from '../drawing/shaft/ShaftSheet.vue'
import { useFormat } from '../figures/use-format.ts'
import { catalogue } from '../references.ts'
import { canPull, pulledPart } from './pulled-part.ts'
import { useShaft } from './use-shaft.ts'

/** The line drawn to scale, whose parts are dragged and whose loads are pulled. */
const bends = defineModel<boolean>('bends', { required: true })
const shaft = useShaft()
const format = useFormat()

const frame = useTemplateRef('frame')
const { width, height } = useElementSize(frame)
const line = computed(() => shaft.line.value)
const assessment = computed(() => shaft.assessment.value)
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
const leaning = computed(() => {
  const tilt = line.value?.tiltDeg ?? 0
  if (tilt === 0) return 'horizontal'
  return tilt === 90 ? 'upright' : `leaning ${format.digits(tilt, 'angle', { decimals: 0 })}°`
})

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
</script>

<template>
  <section v-if="line && assessment" class="drawing" aria-label="Drawing">
    <p class="caption label">
      <span> {{ format.digits(line.speedRpm, 'speed') }} r/min, {{ leaning }}, to scale </span>
      <span class="tools">
        <button type="button" :disabled="!shaft.canUndo.value" data-test="undo-shaft" @click="shaft.undo()">
          undo <kbd>z</kbd>
        </button>
        <button type="button" :disabled="!shaft.canRedo.value" data-test="redo-shaft" @click="shaft.redo()">
          redo <kbd>y</kbd>
        </button>
        <button type="button" :aria-pressed="bends" data-test="bends" @click="bends = !bends">bent <kbd>b</kbd></button>
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
</template>

<style scoped>
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

@media (max-width: 980px) {
  .frame {
    height: 420px;
  }
}
</style>
