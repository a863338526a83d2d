<script setup lang="ts">
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import PositionTrends from '../../trend/PositionTrends.vue'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import CauseList from './CauseList.vue'
import SignList from './SignList.vue'

/** Before it fails: what is hot, loud or shaking, and where it is going. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.diagnose)
const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const frequencies = ['bpfo', 'bpfi', 'bsf', 'ftf']
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <CauseList v-if="outcome.ranking" :ranking="outcome.ranking" :labels="outcome.signLabels" />
      <SignList />
    </template>
    <template #figures>
      <PositionTrends :position-id="bench.id" />
      <template v-for="name in frequencies" :key="name">
        <FigureLine
          v-if="lens.figures[name]"
          :name="name"
          :figure="lens.figures[name]!"
          @working="emit('working', $event)"
        />
      </template>
    </template>
  </LensSheet>
</template>
