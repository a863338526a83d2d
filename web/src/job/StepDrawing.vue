<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { RollingDetail } from '@yardfrost/contract'
import { assess, lookUpBearing, withShaftLine, type Lens } from '@yardfrost/core'
import { computed, useTemplateRef } from 'vue'
import { drawnHolding } from '../bench/drawn-holding.ts'
import { overlayFor } from '../bench/overlay-for.ts'
import { catalogue, damage } from '../bench/references.ts'
import BearingSheet from '../drawing/BearingSheet.vue'
import { halfSection } from '../drawing/half-section.ts'
import { layOut } from '../drawing/sheet.ts'
import { useFormat } from '../figures/use-format.ts'

/** The bearing of a position, drawn to scale with what the step is about. */
const { detail, lens } = defineProps<{ detail: RollingDetail; lens: Lens }>()
const format = useFormat()
const frame = useTemplateRef('frame')
const { width, height } = useElementSize(frame)

const drawn = computed(() => {
  const { inputs, machine } = detail
  const found = lookUpBearing(inputs.bearing.designation, catalogue)
  if (found.kind !== 'found' || width.value === 0 || height.value === 0) return null
  const { bearing } = found
  const assessment = assess(inputs, machine, catalogue, damage)
  const section = halfSection(
    bearing,
    drawnHolding(inputs, bearing),
    assessment.outcomes.seat.shaft.bare?.nominalMm ?? null,
  )
  const slides = inputs.seat.slides === 'outer'
  const { pxPerMm } = layOut(section, width.value, height.value, slides).scale
  const overlay = overlayFor(lens, assessment, withShaftLine(inputs, machine), bearing, section, format, pxPerMm)
  const sized = (mm: number) => format.digits(mm, 'length', { decimals: Number.isInteger(mm) ? 0 : 2 })
  const { row } = bearing
  const dimensions = {
    width: sized(row.assemblyWidthMm ?? row.widthMm),
    bore: sized(section.boreMm),
    outside: sized(row.odMm),
  }
  return { section, slides, overlay, dimensions }
})
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
