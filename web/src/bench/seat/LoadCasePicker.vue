<script setup lang="ts">
import { loadCases, type LoadCase } from '@yardfrost/core'
import ArrowHead from '../../drawing/kit/ArrowHead.vue'
import { useBench } from '../use-bench.ts'

/** Load and rings as four small drawings that move while they are pointed at: what turns turns, the load is ember. */
const bench = useBench()

const cases: Record<LoadCase, { words: string; example: string }> = {
  'inner-turns': { words: 'Shaft turns, load stands', example: 'weight, belt pull, gear' },
  'outer-turns': { words: 'Housing turns, load stands', example: 'pulley on a fixed axle' },
  'load-turns': { words: 'Load turns with the shaft', example: 'unbalance' },
  both: { words: 'Both, or not known', example: 'unbalance and belt' },
}
</script>

<template>
  <div class="cases" role="radiogroup" aria-label="How the load turns" data-test="seat.loadCase">
    <button
      v-for="one in loadCases"
      :key="one"
      type="button"
      role="radio"
      tabindex="0"
      :aria-checked="bench.inputs.value.seat.loadCase === one"
      :data-case="one"
      :title="cases[one].example"
      @click="bench.setAt('seat.loadCase', one)"
    >
      <svg width="70" height="57" viewBox="0 0 76 62" aria-hidden="true">
        <defs>
          <ArrowHead :id="`turn-${one}`" tone="ink" :length="7" :breadth="7" />
          <ArrowHead :id="`load-${one}`" tone="ember" :length="10" :breadth="8" />
        </defs>
        <g class="ring" :class="{ spins: one === 'outer-turns' }">
          <circle cx="38" cy="34" r="22" :class="{ turning: one === 'outer-turns' }" />
          <path v-if="one === 'outer-turns'" class="mark" d="M38 12 v6" />
        </g>
        <g class="ring" :class="{ spins: one !== 'outer-turns' }">
          <circle cx="38" cy="34" r="11.5" :class="{ turning: one !== 'outer-turns' }" />
          <path v-if="one !== 'outer-turns'" class="mark" d="M38 22.5 v5" />
          <!-- The load that turns with the shaft always presses the same point of it. -->
          <path
            v-if="one === 'load-turns' || one === 'both'"
            class="with"
            d="M38 1 v20"
            transform="rotate(-52 38 34)"
            :marker-end="`url(#load-${one})`"
          />
        </g>
        <path
          v-if="one === 'outer-turns'"
          class="turn"
          d="M62.5 22 A27 27 0 0 1 62.5 46"
          :marker-end="`url(#turn-${one})`"
        />
        <path v-else class="turn" d="M43.6 29.5 A7 7 0 1 1 33 29" :marker-end="`url(#turn-${one})`" />
        <path
          v-if="one === 'inner-turns' || one === 'outer-turns' || one === 'both'"
          class="force"
          d="M38 1 V21"
          :marker-end="`url(#load-${one})`"
        />
      </svg>
      <span class="words">{{ cases[one].words }}</span>
      <span class="example">{{ cases[one].example }}</span>
    </button>
  </div>
</template>

<style scoped>
.cases {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
}

button {
  display: grid;
  align-content: start;
  justify-items: center;
  gap: 2px;
  padding: 6px 4px 8px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  cursor: pointer;
}

button[aria-checked='true'] {
  border-color: var(--spruce);
  box-shadow: inset 0 0 0 1px var(--spruce);
}

.words {
  font-size: 13.5px;
  font-weight: 650;
  line-height: 1.2;
  text-align: center;
}

.example {
  color: var(--ink-2);
  font-size: 13px;
  line-height: 1.15;
  text-align: center;
}

.mark {
  stroke: var(--ink);
  stroke-width: 3;
}

.with {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2.4;
}

/* The turning explains; it runs for the case in hand and for the one that is pointed at. */
.spins {
  transform-origin: 38px 34px;
}

button:hover .spins,
button:focus-visible .spins,
button[aria-checked='true'] .spins {
  animation: turn 2.4s linear infinite;
}

@keyframes turn {
  to {
    transform: rotate(360deg);
  }
}

circle {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.3;
}

circle.turning {
  stroke-width: 3;
}

.turn {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.3;
}

.force {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2.4;
}
</style>
