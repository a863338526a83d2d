<script setup lang="ts">
import { computed } from 'vue'
import type { Choice } from '../figures/conflict.ts'
import ConflictTable from '../figures/ConflictTable.vue'
import { useInputWords } from '../figures/use-input-words.ts'
import { mergeShafts, shaftConflictLines, type ShaftConflictLine } from './shaft-conflict.ts'
import { optionWord } from './part-words.ts'
import { useShaft } from './use-shaft.ts'

/** Two versions of a shaft line. */
const shaft = useShaft()
const told = useInputWords()
const theirs = computed(() => shaft.conflict.value?.shaft ?? null)

function words(value: unknown, { path, title, quantity }: ShaftConflictLine): string {
  if (value === undefined) return 'not there'
  if (typeof value === 'string') return optionWord(path.split('.').at(-1) ?? '', value)
  if (Array.isArray(value)) return value.length === 1 ? 'one' : String(value.length)
  if (typeof value === 'object' && value !== null && 'answer' in value) return String(value.answer)
  return told(value, { path, title, quantity, from: value, to: value })
}
const lines = computed(() =>
  theirs.value && shaft.line.value
    ? shaftConflictLines(shaft.base.value, shaft.line.value, theirs.value).map((line) => ({
        ...line,
        mineWords: words(line.mine, line),
        theirsWords: words(line.theirs, line),
      }))
    : [],
)
function save(chosen: Map<string, Choice>) {
  if (theirs.value && shaft.line.value)
    void shaft.settle({ merged: mergeShafts(shaft.line.value, theirs.value, chosen) })
}
</script>

<template>
  <ConflictTable
    v-if="theirs"
    what="shaft line"
    :saved-by="null"
    :lines="lines"
    @save="save"
    @theirs="shaft.settle('theirs')"
  />
</template>
