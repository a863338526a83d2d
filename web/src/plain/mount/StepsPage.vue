<script setup lang="ts">
import { plainSteps } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import PlainFigures from '../PlainFigures.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** How it comes out, goes in, is finished, blued and closed; the same steps that a job is made of. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const format = useFormat()
const steps = computed(() => plainSteps(bench.inputs.value, bench.assessment.value.outcomes))
</script>

<template>
  <PlainFigures
    :figures="bench.assessment.value.lenses.mount.figures"
    answer="way"
    :names="['press', 'slides', 'wanted', 'torque']"
    @working="$emit('working', $event)"
  />
  <section v-for="step in steps" :key="step.stage" class="step" :data-stage="step.stage">
    <h3>{{ step.title }}</h3>
    <ol>
      <li v-for="line in step.does" :key="line">{{ format.sentence(line) }}</li>
    </ol>
    <p v-for="caution in step.cautions" :key="caution" class="caution">{{ caution }}</p>
  </section>
</template>

<style scoped>
.step {
  padding-top: 6px;
}

h3 {
  margin: 0;
  font: 650 17px var(--label);
}

ol {
  margin: 4px 0;
  padding-left: 20px;
}

.caution {
  color: var(--watch);
}
</style>
