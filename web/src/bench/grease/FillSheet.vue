<script setup lang="ts">
import { bathOf, firstFillOf, oilInBath, type GreaseOutcome, type RollingPosition } from '@yardfrost/core'
import { computed } from 'vue'
import FirstFillSheet from '../../drawing/FirstFillSheet.vue'
import OilBathSheet from '../../drawing/OilBathSheet.vue'

/** The first fill of a position: grease in its housing, or oil at the lowest element. */
const { inputs, outcome } = defineProps<{ inputs: RollingPosition; outcome: GreaseOutcome }>()
const fill = computed(() => firstFillOf(inputs, outcome))
const bath = computed(() => outcome.bearing && bathOf(outcome.bearing))
</script>

<template>
  <OilBathSheet
    v-if="fill.filledIn === 'oil-bath' && bath"
    class="whole"
    :bath="bath"
    :tolerance-mm="oilInBath(bath, null).toleranceMm"
  />
  <FirstFillSheet
    v-else-if="fill.filledIn !== 'oil-bath'"
    :filled-in="fill.filledIn"
    :percent="fill.housingPercent"
    :rows="fill.rows"
  />
</template>

<style scoped>
.whole {
  max-height: 100%;
}
</style>
