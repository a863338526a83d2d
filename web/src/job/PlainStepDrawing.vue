<script setup lang="ts">
import type { PlainDetail } from '@yardfrost/contract'
import { assessPlain, onShaftLine, plainLenses, type Lens } from '@yardfrost/core'
import { computed } from 'vue'
import SleeveSheet from '../drawing/sleeve/SleeveSheet.vue'
import { useSleeveDrawing } from '../drawing/sleeve/use-sleeve-drawing.ts'

/** The plain bearing of a position, drawn to scale with what the step is about. */
const { detail, lens } = defineProps<{ detail: PlainDetail; lens: Lens }>()
const assessment = computed(() => assessPlain(detail.inputs, detail.machine))
const { sleeve, pressure, callouts, dimensions } = useSleeveDrawing(() => ({
  inputs: onShaftLine(detail.inputs, detail.machine),
  assessment: assessment.value,
  lens: plainLenses.find((one) => one === lens) ?? 'identify',
}))
</script>

<template>
  <div class="frame">
    <SleeveSheet
      v-if="sleeve"
      :sleeve="sleeve"
      :pressure="lens === 'carry' ? pressure : null"
      :callouts="callouts"
      :dimensions="dimensions"
    />
    <p v-else class="quiet">No bearing to draw: its sizes are not entered.</p>
  </div>
</template>

<style scoped>
.frame {
  min-height: 0;
  height: 100%;
  overflow: hidden;
}
</style>
