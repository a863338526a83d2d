<script setup lang="ts">
import type { MachineDetail } from '@yardfrost/contract'
import AutoComplete from 'primevue/autocomplete'
import { ref, useTemplateRef, watch } from 'vue'
import { useRouter, type RouteLocationRaw } from 'vue-router'
import { api, ApiFailure } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import { useSettings } from './settings.ts'

interface Found {
  label: string
  detail: string
  to: RouteLocationRaw
}

interface Hit extends Found {
  /** What was typed when it was found. */
  query: string
}

const router = useRouter()
const settings = useSettings()
const format = useFormat()
const text = ref<string | Hit>('')
/** What stands in the field, or stood there when a hit was taken. */
let typed = ''
const hits = ref<Hit[]>([])
const box = useTemplateRef<{ $el: HTMLElement }>('box')

const mostHits = 12
/** So many sizes are shown however many machines there are. */
const fewestSizes = 3
const nothing = 'Nothing on this site has that in its name, and no table has it as a number or a size'
/** What is said where there is no hit. */
const empty = ref(nothing)

watch(
  text,
  (now) => {
    if (typeof now === 'string') typed = now
  },
  { flush: 'sync' },
)

async function find({ query }: { query: string }) {
  const found = await hitsFor(query)
  // An answer to fewer letters may come after the one to more.
  if (query === typed) hits.value = found
}

/** Machines and positions whose tag, name or bearing holds every word that was typed, then numbers and sizes. */
async function hitsFor(query: string): Promise<Hit[]> {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean)
  let machines: MachineDetail[] = []
  empty.value = nothing
  try {
    machines = (await api.searchRegister({ q: query.slice(0, 100), limit: mostHits })).machines
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    empty.value = `${error.message}. ${error.fix}`
  }
  const all = machines.flatMap((machine): (Found & { text: string })[] => [
    {
      label: `${machine.tag} ${machine.name}`,
      detail: machine.area,
      to: { name: 'machine', params: { id: machine.id } },
      text: `${machine.tag} ${machine.name} ${machine.area}`.toLowerCase(),
    },
    ...machine.positions.map((position) => ({
      label: `${machine.tag} ${machine.name}, ${position.name.toLowerCase()}`,
      detail: position.designation ?? 'no bearing entered',
      to: { name: 'position', params: { id: position.id } },
      text: `${machine.tag} ${machine.name} ${position.name} ${position.designation ?? ''}`.toLowerCase(),
    })),
  ])
  const here = all.filter(({ text: line }) => words.every((word) => line.includes(word))).slice(0, mostHits)
  const sizes = await sizesOf(query)
  return [...here, ...sizes.slice(0, Math.max(fewestSizes, mostHits - here.length))].map((hit) => ({ ...hit, query }))
}

/** A number or a size of the tables, to be taken to the counter. */
async function sizesOf(query: string): Promise<Found[]> {
  if (!/\d/.test(query)) return []
  // The tables come when somebody looks a number up, and not with the first page.
  const { onCounter } = await import('../counter/on-counter.ts')
  return onCounter(query, settings.units, format, mostHits).map(({ number, tells }) => ({
    label: number,
    detail: `${tells}, to the counter`,
    to: { name: 'counter', query: { here: number } },
  }))
}

async function open({ value }: { value: Hit }) {
  text.value = ''
  await router.push(value.to)
}

/** Enter may come before the answer to the last letters, and opens the first of it all the same. */
async function openTyped() {
  if (!typed.trim() || hits.value[0]?.query === typed) return
  const [first] = await hitsFor(typed)
  if (first) await open({ value: first })
}

defineExpose({ focus: () => box.value?.$el.querySelector('input')?.focus() })
</script>

<template>
  <AutoComplete
    ref="box"
    v-model="text"
    class="search"
    :suggestions="hits"
    option-label="label"
    placeholder="Find a machine or bearing"
    :delay="150"
    :min-length="1"
    :empty-search-message="empty"
    auto-option-focus
    aria-label="Find a machine or bearing"
    :pt="{ pcInputText: { root: { 'data-test': 'search' } } }"
    @complete="find"
    @option-select="open"
    @keydown.enter="openTyped"
  >
    <template #option="{ option }">
      <span class="hit">
        {{ option.label }} <span class="quiet">{{ option.detail }}</span>
      </span>
    </template>
  </AutoComplete>
  <kbd class="key" aria-hidden="true">/</kbd>
</template>

<style scoped>
.search {
  width: 210px;
  --p-autocomplete-color: var(--on-band);
  --p-autocomplete-placeholder-color: color-mix(in srgb, var(--on-band) 75%, transparent);
  --p-inputtext-color: var(--on-band);
  --p-inputtext-border-color: color-mix(in srgb, var(--on-band) 45%, transparent);
  --p-inputtext-hover-border-color: var(--on-band);
  --p-inputtext-focus-border-color: var(--on-band);
  --p-inputtext-placeholder-color: color-mix(in srgb, var(--on-band) 75%, transparent);
}

.search :deep(input) {
  width: 100%;
  font-size: 14px;
}

.key {
  margin-left: -38px;
}

.hit {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  width: 100%;
}

@media (max-width: 1340px) {
  .search {
    width: 170px;
  }

  .key {
    display: none;
  }
}
</style>
