<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { RollingDetail } from '@yardfrost/contract'
import { assessRolling, findBearing, withShaftLine, type Lens } from '@yardfrost/core'
import { computed, useTemplateRef } from 'vue'
import { catalogue, damage } from '../references.ts'
import BearingSheet from '../drawing/BearingSheet.vue'
import { useBearingDrawing } from '../drawing/use-bearing-drawing.ts'
import { useFormat } from '../figures/use-format.ts'

/** The bearing of a position, drawn to scale with what the step is about. */
const { detail, lens } = defineProps<{ detail: RollingDetail; lens: Lens }>()
const format = useFormat()
const frame = useTemplateRef('frame')
const { width, height } = useElementSize(frame)

const bearing = computed(() => findBearing(detail.inputs.bearing.designation, catalogue))
const { section, slides, overlay, dimensions } = useBearingDrawing(
  () => ({
    bearing: bearing.value,
    inputs: withShaftLine(detail.inputs, detail.machine),
    assessment: assessRolling(detail.inputs, detail.machine, catalogue, damage),
    lens,
  }),
  () => ({ width: width.value, height: height.value }),
  format,
)
const drawn = computed(() =>
  section.value && overlay.value && width.value > 0 && height.value > 0
    ? { section: section.value, slides: slides.value, overlay: overlay.value, dimensions: dimensions.value }
    : null,
)
</script>

<template>
  <div ref="frame" class="frame">
    <BearingSheet v-if="drawn" v-bind="drawn" :width="width" :height="height" :lit="null" />
    <p v-else class="quiet">No bearing to draw: none is entered at this position.</p>
  </div>
</template>

<style scoped>
.frame {
  min-height: 0;
  height: 100%;
  overflow: hidden;
}
</style>
