<script setup lang="ts">
import VerdictMark from '../figures/VerdictMark.vue'
import type { TodayLine } from './today.ts'

/** What a line of today is about: a verdict, a drop of grease, or how far a job or a round is. */
const { line } = defineProps<{ line: TodayLine }>()
const around = 2 * Math.PI * 7
</script>

<template>
  <VerdictMark v-if="line.mark === 'stop' || line.mark === 'watch'" :state="line.mark" />
  <svg v-else width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
    <path
      v-if="line.mark === 'grease'"
      class="drop"
      d="M10 2 C 13 7, 16 9.5, 16 13 A 6 5.6 0 0 1 4 13 C 4 9.5, 7 7, 10 2 z"
    />
    <path v-else-if="line.mark === 'warming'" class="rising" d="M2 16 L7 10 L11 12.5 L17 4 M12.5 4 H17 V8.5" />
    <template v-else>
      <circle class="whole" cx="10" cy="10" r="7" />
      <circle class="part" cx="10" cy="10" r="7" :stroke-dasharray="`${around * (line.share ?? 0)} ${around}`" />
    </template>
  </svg>
</template>

<style scoped>
.drop {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linejoin: round;
}

.rising {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2;
  stroke-linejoin: round;
}

circle {
  fill: none;
  stroke-width: 4;
}

.whole {
  stroke: var(--hair);
}

.part {
  stroke: var(--spruce);
  transform: rotate(-90deg);
  transform-origin: center;
}
</style>
