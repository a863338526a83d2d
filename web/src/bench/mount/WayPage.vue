<script setup lang="ts">
import { handlingFor, heatingTools, holdingWords, mountHousingWords, mountingMethods, toolWords } from '@yardfrost/core'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import HandlingList from '../../drawing/handling/HandlingList.vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import VerdictMark from '../../figures/VerdictMark.vue'
import ChoiceField from '../../form/ChoiceField.vue'
import LensSheet from '../LensSheet.vue'
import { choices, notStated } from '../options.ts'
import { useBench } from '../use-bench.ts'
import { useMountSteps } from './use-mount-steps.ts'

/** The way of mounting with every other one struck out for its reason, and the steps off, on, locked and closed. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.mount)
const method = computed(() => lens.value.figures['method'])
const others = computed(() => mountingMethods(bench.effective.value, bench.assessment.value.outcomes.mount))
const holdingOptions = [notStated, ...choices(holdingWords)]
const housingOptions = [notStated, ...choices(mountHousingWords)]
const tools = computed({
  // What the shop has, until this position says otherwise.
  get: () => bench.effective.value.mount.tools,
  set: (next) => bench.setAt('mount.tools', next),
})
/** Beside taking off and mounting, how the ring is handled. */
const handlingOf = (stage: string) =>
  stage === 'take-off' || stage === 'mount'
    ? handlingFor(stage, bench.assessment.value.outcomes.mount, bench.machine.value.practices?.drift)
    : []
const { stepOf } = useMountSteps(bench)
const shown = computed(() => ['take-off', 'mount', 'lock', 'close'].flatMap((key) => stepOf(key) ?? []))
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <ChoiceField path="mount.holding" :options="holdingOptions" />
        <ChoiceField path="mount.housing" :options="housingOptions" />
      </div>
      <fieldset class="tools">
        <legend class="label">In the shop</legend>
        <label v-for="tool in heatingTools" :key="tool">
          <Checkbox v-model="tools" :value="tool" :pt="{ input: { 'data-tool': tool } }" /> {{ toolWords[tool] }}
        </label>
      </fieldset>
    </template>
    <template #figures>
      <FigureLine v-if="method" answer name="method" :figure="method" @working="emit('working', $event)" />
      <ul class="ways" data-test="ways">
        <li v-for="one in others" :key="one.label" :class="one.verdict" :data-way="one.label">
          <VerdictMark :state="one.verdict" :size="16" />
          <span>
            <component :is="one.verdict === 'stop' ? 's' : 'span'">{{ one.label }}</component><template
              v-if="!one.inShop && one.verdict !== 'stop'"
              >, not in this shop</template
            >:
            <span class="quiet">{{ format.sentence(one.reason) }}</span>
          </span>
        </li>
      </ul>
    </template>
    <template #after>
      <section v-for="step in shown" :key="step.key" class="steps">
        <h3>{{ step.title }}</h3>
        <ol>
          <li v-for="line in step.does" :key="line">{{ format.sentence(line) }}</li>
        </ol>
        <p v-for="caution in step.cautions" :key="caution" class="caution">{{ caution }}</p>
        <HandlingList :keys="handlingOf(step.stage)" />
      </section>
    </template>
  </LensSheet>
</template>

<style src="../../form/fields.css"></style>
<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 8px 0 0;
  padding: 0;
  border: 0;
}

.tools label {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 32px;
}

.ways {
  display: grid;
  gap: 6px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

.ways li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 8px;
}

.steps {
  padding-top: 10px;
}

h3 {
  margin: 0;
  font: 650 17px var(--label);
}

.steps ol {
  margin: 4px 0;
  padding-left: 20px;
}

.caution {
  color: var(--watch);
}
</style>
