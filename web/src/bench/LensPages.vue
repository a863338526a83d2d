<script setup lang="ts">
import type { Lens } from '@yardfrost/core'
import { lensPages } from './lens-pages.ts'
import { useBench } from './use-bench.ts'

/** The pages of a lens, as words to press; arrow keys go along them. */
const { lens } = defineProps<{ lens: Lens }>()
const bench = useBench()

function step(by: 1 | -1, event: KeyboardEvent) {
  const pages = lensPages[lens]
  const at = pages.findIndex(({ key }) => key === bench.pageOf(lens))
  const next = pages[(at + by + pages.length) % pages.length]
  if (!next) return
  bench.turnTo(lens, next.key)
  const row = (event.currentTarget as HTMLElement).parentElement
  row?.querySelector<HTMLElement>(`[data-page="${next.key}"]`)?.focus()
}
</script>

<template>
  <div v-if="lensPages[lens].length > 1" class="pages" role="tablist" aria-label="Pages of this lens">
    <button
      v-for="{ key, label } in lensPages[lens]"
      :key="key"
      type="button"
      role="tab"
      :tabindex="key === bench.pageOf(lens) ? 0 : -1"
      :aria-selected="key === bench.pageOf(lens)"
      :data-page="key"
      @click="bench.turnTo(lens, key)"
      @keydown.right.prevent="step(1, $event)"
      @keydown.left.prevent="step(-1, $event)"
    >
      {{ label }}
    </button>
  </div>
</template>

<style scoped>
.pages {
  display: flex;
  gap: 20px;
  border-bottom: 1px solid var(--hair);
}

button {
  margin-bottom: -1px;
  padding: 2px 0 6px;
  border: 0;
  border-bottom: 3px solid transparent;
  background: none;
  color: var(--ink-2);
  font: 17px var(--label);
  cursor: pointer;
}

button[aria-selected='true'] {
  border-bottom-color: var(--spruce);
  color: var(--ink);
  font-weight: 650;
}
</style>
