<script setup lang="ts">
import type { Closure } from '@yardfrost/core'
import { useBench } from '../use-bench.ts'

/** How each side is closed, as four small sections between the rings: how to tell them apart is drawn. */
defineProps<{ kinds: readonly Closure[] }>()
const bench = useBench()

const words: Record<Closure, { name: string; tell: string }> = {
  open: { name: 'open', tell: 'you see what rolls' },
  shield: { name: 'shield', tell: 'steel, a fine gap inside' },
  'contact-seal': { name: 'contact seal', tell: 'rubber, rubs on the ring' },
  'low-friction-seal': { name: 'low-friction seal', tell: 'rubber, does not rub' },
}
const sides = [
  { path: 'identify.leftClosure', label: 'Left side' },
  { path: 'identify.rightClosure', label: 'Right side' },
] as const
</script>

<template>
  <div
    v-for="{ path, label } in sides"
    :key="path"
    class="side"
    role="radiogroup"
    :aria-label="label"
    :data-test="path"
  >
    <span class="label">{{ label }}</span>
    <button
      v-for="kind in kinds"
      :key="kind"
      type="button"
      role="radio"
      :aria-checked="bench.valueAt(path) === kind"
      :aria-label="`${label}: ${words[kind].name}, ${words[kind].tell}`"
      :title="words[kind].tell"
      :data-closure="kind"
      @click="bench.setAt(path, bench.valueAt(path) === kind ? null : kind)"
    >
      <svg width="64" height="46" viewBox="0 0 64 46" aria-hidden="true">
        <path class="ring" d="M6 2 H54 V12 H6 Z M6 34 H54 V44 H6 Z" />
        <circle class="ball" cx="26" cy="23" r="12.5" />
        <path v-if="kind === 'shield'" class="steel" d="M48 11 V29 q0 2 -3 2" />
        <template v-else-if="kind !== 'open'">
          <path class="steel" d="M47 12 V27" />
          <path
            class="rubber"
            :d="kind === 'contact-seal' ? 'M44 11 h7 v17 l-4 6 l-2 -4 z' : 'M44 11 h7 v15 l-3 4 h-3 z'"
          />
          <path v-if="kind === 'low-friction-seal'" class="groove" d="M43 34 v4 h9 v-4" />
        </template>
      </svg>
      <span>{{ words[kind].name }}</span>
    </button>
  </div>
</template>

<style scoped>
.side {
  display: grid;
  grid-template-columns: 62px repeat(4, 1fr);
  align-items: center;
  gap: 6px;
}

button {
  display: grid;
  justify-items: center;
  gap: 1px;
  min-height: 68px;
  padding: 4px 2px 5px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  font-size: 13px;
  line-height: 1.15;
  cursor: pointer;
}

button[aria-checked='true'] {
  border-color: var(--spruce);
  box-shadow: inset 0 0 0 1px var(--spruce);
}

.ring {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}

.ball {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.steel {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.rubber {
  fill: var(--ink);
}

.groove {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.2;
}
</style>
