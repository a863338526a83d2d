<script setup lang="ts">
/** The pages of a lens, as words to press; arrow keys go along them. */
const { pages } = defineProps<{ pages: readonly { key: string; label: string }[] }>()
/** Key of the page that is open. */
const open = defineModel<string>({ required: true })

function step(by: 1 | -1, event: KeyboardEvent) {
  const at = pages.findIndex(({ key }) => key === open.value)
  const next = pages[(at + by + pages.length) % pages.length]
  if (!next) return
  open.value = next.key
  const row = (event.currentTarget as HTMLElement).parentElement
  row?.querySelector<HTMLElement>(`[data-page="${next.key}"]`)?.focus()
}
</script>

<template>
  <div v-if="pages.length > 1" class="pages" role="tablist" aria-label="Pages of this lens">
    <button
      v-for="{ key, label } in pages"
      :key="key"
      type="button"
      role="tab"
      :tabindex="key === open ? 0 : -1"
      :aria-selected="key === open"
      :data-page="key"
      @click="open = key"
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
