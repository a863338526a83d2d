<script setup lang="ts">
import { alsoSeen, seenThings, type SeenThing } from '@yardfrost/core'
import { computed } from 'vue'
import { useBench } from '../use-bench.ts'

/** What is seen besides sizes and closures, each as a small section; how it is told stands under those that are chosen. */
const bench = useBench()
const chosen = computed(() => bench.inputs.value.identify.alsoSeen)
function toggle(thing: SeenThing) {
  const has = chosen.value.includes(thing)
  bench.setAt('identify.alsoSeen', has ? chosen.value.filter((one) => one !== thing) : [...chosen.value, thing])
}

const rings = 'M8 2 H48 V11 H8 Z M8 33 H48 V42 H8 Z'
/** Rings and what is special about them, in a box of 56 by 44. */
const drawn: Record<SeenThing, { rings: string; mark?: string; cage?: boolean }> = {
  'tapered-bore': { rings: 'M8 2 H48 V11 H8 Z M8 33 H48 V38 L8 42 Z', mark: 'M4 43 L52 37.5' },
  'snap-ring-groove': { rings: 'M8 2 H15 V6 H19 V2 H48 V11 H8 Z M8 33 H48 V42 H8 Z' },
  'snap-ring': { rings: 'M8 4 H15 V8 H19 V4 H48 V12 H8 Z M8 33 H48 V42 H8 Z', mark: 'M17 8 V0' },
  flange: { rings: 'M4 0 H9 V3 H48 V11 H8 V6 H4 Z M8 33 H48 V42 H8 Z' },
  'wide-inner': { rings: 'M12 2 H40 V11 H12 Z M2 33 H54 V42 H2 Z' },
  'hexagon-bore': { rings: 'M8 2 H48 V11 H8 Z M8 31 H48 V37 H8 Z', mark: 'M20 44 L23 39 H33 L36 44' },
  'brass-cage': { rings, cage: true, mark: 'M17 18 V26 M39 18 V26' },
  'steel-cage': { rings, mark: 'M16 17 Q22 22 16 27 M40 17 Q34 22 40 27' },
  'polymer-cage': { rings, mark: 'M16 16 H20 V28 H16 Z M36 16 H40 V28 H36 Z' },
}
</script>

<template>
  <div class="also" role="group" aria-label="Also seen on it" data-test="also-seen">
    <span class="label">Also seen on it</span>
    <div class="things">
      <button
        v-for="thing in seenThings"
        :key="thing"
        type="button"
        :aria-pressed="chosen.includes(thing)"
        :title="alsoSeen[thing].tell"
        :data-seen="thing"
        @click="toggle(thing)"
      >
        <svg width="56" height="44" viewBox="0 0 56 44" aria-hidden="true">
          <path class="ring" :d="drawn[thing].rings" />
          <circle class="ball" cx="28" cy="22" r="11" />
          <path v-if="drawn[thing].mark" class="mark" :class="{ thick: drawn[thing].cage }" :d="drawn[thing].mark" />
        </svg>
        <span>{{ alsoSeen[thing].name }}</span>
      </button>
    </div>
    <p v-for="thing in chosen" :key="thing" class="quiet tell">{{ alsoSeen[thing].tell }}</p>
  </div>
</template>

<style scoped>
.also {
  display: grid;
  gap: 4px;
}

.things {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(84px, 1fr));
  gap: 6px;
}

.things button {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 2px;
  min-height: 88px;
  padding: 6px 2px;
  border: 1px solid transparent;
  background: none;
  font-size: 13px;
  line-height: 1.15;
}

.things button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--sheet);
  font-weight: 650;
}

.ring {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.3;
}

.ball {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.3;
}

.mark {
  fill: none;
  stroke: var(--frost);
  stroke-width: 2;
}

.mark.thick {
  stroke-width: 5;
}

.tell {
  margin: 0;
  font-size: 14px;
}
</style>
