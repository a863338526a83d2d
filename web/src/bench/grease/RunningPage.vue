<script setup lang="ts">
import { airWords, lubricationWords, shaftEndWords, standsInWords } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import PracticeList from '../../figures/PracticeList.vue'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import LensSheet from '../LensSheet.vue'
import { choices, notStated } from '../options.ts'
import { useBench } from '../use-bench.ts'

/** How warm it should run in this place, what makes the heat, and how far what was measured lies over it. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const lens = computed(() => bench.assessment.value.lenses.grease)
const figures = computed(() => lens.value.figures)
const stands = computed(() => bench.inputs.value.grease.standsIn !== null)
const hot = computed(() => bench.inputs.value.grease.hotShaftC !== null)
const shown = ['excess', 'friction', 'settles', 'flooded', 'thermal']
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <ChoiceField path="grease.standsIn" :options="[notStated, ...choices(standsInWords)]" />
        <QuantityField path="grease.roomC" />
        <ChoiceField path="grease.lubrication" :options="choices(lubricationWords)" />
        <QuantityField path="grease.nu40Cst" />
        <QuantityField path="grease.runningC" note="as measured" />
        <ChoiceField path="grease.air" :options="choices(airWords)" />
        <ChoiceField path="grease.shaftEnd" :options="choices(shaftEndWords)" />
        <QuantityField path="grease.hotShaftC" note="where heat comes along it" />
        <QuantityField v-if="hot" path="grease.hotShaftMm" note="twice the bore" />
      </div>
    </template>
    <template #figures>
      <FigureLine
        v-if="figures['expected']"
        answer
        name="expected"
        :figure="figures['expected']"
        @working="emit('working', $event)"
      />
      <p v-else-if="!stands" class="quiet" data-test="running-open">
        Say what it stands in, and how warm the room is: then it tells how warm this housing should run, and whether it
        runs warmer.
      </p>
      <template v-for="name in shown" :key="name">
        <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]" @working="emit('working', $event)" />
        <PracticeList v-if="name === 'friction' && figures[name]" :figure="figures[name]" />
      </template>
    </template>
  </LensSheet>
</template>
