<script setup lang="ts">
import { firstFillOf } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import LensSheet from '../LensSheet.vue'
import { choices, notStated } from '../options.ts'
import { lubricationWords, mountHousingWords } from '@yardfrost/core'
import { useBench } from '../use-bench.ts'

/** How it is filled before it first runs: what goes where, how much, in which order. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.grease)
const fill = computed(() => firstFillOf(bench.effective.value, bench.assessment.value.outcomes.grease))
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <ChoiceField path="grease.lubrication" :options="choices(lubricationWords)" />
        <ChoiceField path="mount.housing" :options="[notStated, ...choices(mountHousingWords)]" />
      </div>
    </template>
    <template #figures>
      <FigureLine
        v-if="lens.figures['fill']"
        answer
        name="fill"
        :figure="lens.figures['fill']"
        @working="emit('working', $event)"
      />
      <ol class="steps" data-test="fill-steps">
        <li v-for="line in fill.does" :key="line">{{ format.sentence(line) }}</li>
      </ol>
    </template>
  </LensSheet>
</template>

<style scoped>
.steps {
  display: grid;
  gap: 6px;
  margin: 8px 0 0;
  padding-left: 22px;
}
</style>
