<script setup lang="ts">
import type { LensAssessment } from '@yardfrost/core'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'

/** State and headline of every lens; the one in hand stands out. */
const { lenses, names, lens } = defineProps<{
  /** Of each lens, in working order. */
  lenses: Record<string, LensAssessment>
  names: Record<string, string>
  lens: string
}>()
defineEmits<{ choose: [lens: string] }>()

const format = useFormat()

function headline({ figures, headline: key }: LensAssessment): { digits: string; unit: string } | null {
  const figure = figures[key]
  return figure ? format.figure(figure) : null
}

/** What stands on the track when there is no figure. */
function instead({ state }: LensAssessment): string {
  if (state === 'stop') return 'no'
  return state === 'open' ? 'not complete' : 'not begun'
}
</script>

<template>
  <nav class="track" aria-label="Lenses">
    <button
      v-for="(one, key, index) in lenses"
      :key="key"
      type="button"
      class="stop-on-track"
      :class="{ chosen: key === lens }"
      :aria-current="key === lens ? 'step' : undefined"
      :data-lens="key"
      :data-state="one.state"
      @click="$emit('choose', String(key))"
    >
      <span class="name">{{ index + 1 }}&ensp;{{ names[key] }}</span>
      <VerdictMark :state="one.state" />
      <span class="headline">
        <template v-if="headline(one)">
          {{ headline(one)?.digits }}<span class="unit">{{ headline(one)?.unit }}</span>
        </template>
        <span v-else class="none">{{ instead(one) }}</span>
      </span>
    </button>
  </nav>
</template>

<style scoped>
.track {
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  border-bottom: 1px solid var(--hair);
  background: var(--sheet);
}

.stop-on-track {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px;
  min-width: 0;
  padding: 8px 10px 12px 12px;
  border: 0;
  border-right: 1px solid var(--hair);
  border-top: 4px solid transparent;
  background: none;
  text-align: left;
  cursor: pointer;
}

.chosen {
  border-top-color: var(--spruce);
  background: var(--paper);
  margin-bottom: -1px;
}

.name {
  font: 17px var(--label);
}

.headline {
  grid-column: 1 / -1;
  font-size: 19px;
  font-weight: 700;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.unit {
  margin-left: 6px;
  font-size: 13px;
  font-weight: 400;
  color: var(--ink-2);
}

.none {
  font-weight: 400;
  color: var(--ink-2);
}

.stop-on-track:focus-visible {
  outline-offset: -4px;
}

@media (max-width: 900px) {
  .stop-on-track {
    padding: 7px 6px 9px 8px;
  }

  .headline {
    font-size: 16px;
  }
}

@media (max-width: 620px) {
  .track {
    grid-template-columns: repeat(auto-fit, minmax(100px, 1fr));
  }

  .stop-on-track {
    padding: 6px 8px 8px;
  }

  .headline {
    font-size: 15px;
  }
}
</style>
