<script setup lang="ts">
import type { Figure } from '@yardfrost/core'
import { useEventListener } from '@vueuse/core'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useFormat } from './use-format.ts'

/** The working of a figure: formula, given values with where they come from, source, limits. */
const { figures, selected } = defineProps<{ figures: Record<string, Figure>; selected: string }>()
const emit = defineEmits<{ close: []; select: [name: string] }>()

const format = useFormat()
const figure = computed(() => figures[selected] ?? Object.values(figures)[0])
const shown = computed(() => (figure.value ? format.figure(figure.value) : null))
const top = useTemplateRef('top')
onMounted(() => top.value?.focus())
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') emit('close')
})

type Render = (tex: string, display: boolean) => string
const render = ref<Render | null>(null)
onMounted(async () => {
  // Formula setting weighs as much as the rest of the page, so it comes when a working is first opened.
  const [{ default: katex }] = await Promise.all([import('katex'), import('katex/dist/katex.min.css')])
  render.value = (tex, display) =>
    katex.renderToString(tex, { displayMode: display, throwOnError: false, output: 'html' })
})

const formula = ref('')
watch(
  [figure, render],
  () => {
    formula.value = figure.value && render.value ? render.value(figure.value.formula, true) : ''
  },
  { immediate: true },
)
const symbol = (tex: string) => (tex && render.value ? render.value(tex, false) : '')
</script>

<template>
  <section v-if="figure" class="working" aria-label="Working" data-test="working">
    <header>
      <h2 ref="top" tabindex="-1">Working</h2>
      <button type="button" class="close" data-test="close-working" @click="emit('close')">Close <kbd>w</kbd></button>
    </header>
    <div class="pick" role="tablist" aria-label="Figures of this lens">
      <button
        v-for="(one, name) in figures"
        :key="name"
        type="button"
        role="tab"
        :aria-selected="name === selected"
        @click="emit('select', String(name))"
      >
        {{ one.label }}
      </button>
    </div>
    <p class="label">{{ figure.label }}<template v-if="figure.estimate">, estimate</template></p>
    <p v-if="shown" class="value">
      <span class="digits" data-test="working-digits">{{ shown.digits }}</span>
      <span v-if="shown.unit" class="unit">{{ shown.unit }}</span>
    </p>
    <p v-else-if="figure.missing?.length" class="absent">
      Still needs {{ figure.missing.map(({ label }) => label).join(', ') }}.
    </p>
    <p v-else-if="figure.refusal" class="absent">{{ figure.refusal.message }}. {{ figure.refusal.fix }}</p>
    <!-- eslint-disable-next-line vue/no-v-html -- KaTeX output of formulas that ship with core -->
    <div class="formula" role="img" :aria-label="figure.formula" v-html="formula" />
    <table v-if="figure.givens.length">
      <thead>
        <tr>
          <th scope="col">given</th>
          <th scope="col"></th>
          <th scope="col" class="number">value</th>
          <th scope="col">from</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(given, index) in figure.givens" :key="index">
          <td>{{ given.label }}</td>
          <!-- eslint-disable-next-line vue/no-v-html -- KaTeX output of symbols that ship with core -->
          <td class="symbol" v-html="symbol(given.symbol)" />
          <td class="number" :class="{ words: given.value.kind === 'text' }">
            {{ format.sentence(format.inline(given.value, given.quantity, given.precision)) }}
          </td>
          <td class="quiet">{{ format.sentence(given.from) }}</td>
        </tr>
      </tbody>
    </table>
    <dl>
      <dt class="label">Source</dt>
      <dd>{{ figure.source }}</dd>
      <template v-if="figure.validity">
        <dt class="label">Holds for</dt>
        <dd>{{ figure.validity }}</dd>
      </template>
      <template v-if="figure.practice">
        <dt class="label">Practice</dt>
        <dd>{{ figure.practice }}</dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.working {
  display: grid;
  align-content: start;
  gap: 8px;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

h2:focus {
  outline: none;
}

.close,
.pick button {
  padding: 4px 9px;
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  font: 14px var(--label);
  cursor: pointer;
}

.pick {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  padding-bottom: 10px;
  border-bottom: 1px solid var(--hair);
}

.pick [aria-selected='true'] {
  border-color: var(--spruce);
  background: var(--spruce);
  color: var(--on-spruce);
}

.digits {
  font-size: 34px;
  font-weight: 700;
}

.unit {
  margin-left: 6px;
  font-size: 18px;
  color: var(--ink-2);
}

.formula {
  overflow-x: auto;
  padding: 6px 0;
  font-size: 17px;
  min-height: 52px;
}

.formula :deep(.katex-display) {
  margin: 6px 0;
  text-align: left;
}

.formula :deep(.katex-display > .katex) {
  text-align: left;
}

table {
  width: 100%;
}

th {
  font: 15px var(--label);
  color: var(--ink-2);
}

th,
td {
  padding: 5px 10px 5px 0;
  border-bottom: 1px solid var(--hair);
  vertical-align: baseline;
}

.number {
  font-weight: 600;
  white-space: nowrap;
}

.words {
  text-align: left;
  font-weight: 400;
  white-space: normal;
}

.symbol {
  white-space: nowrap;
}

td.quiet {
  font-size: 14px;
}

dl {
  display: grid;
  grid-template-columns: 76px 1fr;
  gap: 6px 10px;
  margin: 6px 0 0;
}

dd {
  margin: 0;
}

.absent {
  color: var(--ink-2);
  font-size: 17px;
}
</style>
