<script setup lang="ts">
import { computed } from 'vue'
import { conflictLines, mergeChosen } from '../figures/conflict-lines.ts'
import type { Choice } from '../figures/conflict.ts'
import ConflictTable from '../figures/ConflictTable.vue'
import { useInputWords } from '../figures/use-input-words.ts'
import type { AnyBench } from './any-bench.ts'

/** Two versions of a position. */
const { bench } = defineProps<{ bench: AnyBench }>()
const told = useInputWords()
const theirs = computed(() => bench.conflict.value)
const lines = computed(() =>
  theirs.value
    ? conflictLines(bench.base.value, bench.inputs.value, theirs.value.inputs).map((line) => ({
        ...line,
        mineWords: told(line.from, line),
        theirsWords: told(line.to, line),
      }))
    : [],
)
function save(chosen: Map<string, Choice>) {
  if (theirs.value) void bench.settle({ merged: mergeChosen(bench.inputs.value, theirs.value.inputs, chosen) })
}
</script>

<template>
  <ConflictTable
    v-if="theirs"
    what="position"
    :saved-by="theirs.savedBy"
    :lines="lines"
    @save="save"
    @theirs="bench.settle('theirs')"
  />
</template>
