<script setup lang="ts">
import {
  loadedRing,
  racewaysOf,
  type Band,
  type LoadCase,
  type PaintedMark,
  type ResolvedBearing,
} from '@yardfrost/core'
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import RacewayStrip from '../drawing/raceway/RacewayStrip.vue'
import { stripSheet } from '../drawing/raceway/strip-frame.ts'
import { ringTitle } from './damage-words.ts'

/** Both rings unrolled with what was painted on them, to look at. */
const { bearing, loadCase = null } = defineProps<{
  bearing: ResolvedBearing
  loadCase?: LoadCase | null
  bands: readonly Band[]
  marks: readonly PaintedMark[]
  label?: string
}>()
const sheet = useTemplateRef('sheet')
const { width } = useElementSize(sheet)
const raceways = computed(() => racewaysOf(bearing, loadCase))
const laidOut = computed(() => stripSheet(raceways.value, width.value))
const loadOn = computed(() => loadedRing(loadCase))
</script>

<template>
  <div ref="sheet" class="rings">
    <svg
      v-if="width > 0"
      :width="width"
      :height="laidOut.height"
      role="img"
      :aria-label="label ?? 'Raceways unrolled, as they came out'"
    >
      <RacewayStrip
        v-for="frame in laidOut.frames"
        :key="frame.ring"
        :frame="frame"
        :title="ringTitle(frame.ring, raceways, loadOn)"
        :bands="bands"
        :marks="marks"
        :load-shown="frame.ring === loadOn"
      />
    </svg>
  </div>
</template>

<style scoped>
.rings {
  min-width: 0;
}
</style>
