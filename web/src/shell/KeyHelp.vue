<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, useTemplateRef } from 'vue'
import { usePageState } from './page-state.ts'

const emit = defineEmits<{ close: [] }>()
const close = useTemplateRef('close')
onMounted(() => close.value?.focus())
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') emit('close')
})

const page = usePageState()
const keys = computed(() => [
  ...page.keys,
  ...(page.saving ? [['Ctrl S', 'save'] as const] : []),
  ['u', 'flip units'] as const,
  ['n', 'night shift'] as const,
  ['/', 'find a machine or bearing'] as const,
  ['?', 'these keys'] as const,
  ['Esc', 'close a panel'] as const,
])
</script>

<template>
  <aside class="help" role="dialog" aria-label="Keys" data-test="keys">
    <h2>Keys</h2>
    <dl>
      <template v-for="[key, what] in keys" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
    <p class="quiet">Fields take either system of units: 3 in, 210 F, 900 lbf, 3 thou.</p>
    <button ref="close" type="button" class="close" @click="emit('close')">Close</button>
  </aside>
</template>

<style scoped>
.help {
  position: fixed;
  right: 18px;
  bottom: 58px;
  z-index: 10;
  width: 320px;
  padding: 16px 18px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  background: var(--sheet);
}

dl {
  display: grid;
  grid-template-columns: 76px 1fr;
  gap: 7px 10px;
  margin: 12px 0;
}

dd {
  margin: 0;
}

.close {
  margin-top: 10px;
  padding: 6px 12px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  background: none;
  cursor: pointer;
}
</style>
