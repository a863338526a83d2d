<script setup lang="ts">
import { contaminationWords, dirtWords, lubricationOfPlain, moistureWords, supplyWords } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { choices, notStated } from '../../form/choices.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import PlainFigures from '../PlainFigures.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** Grade by the film it makes here, the way it comes, level and change; grease by its interval. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const format = useFormat()
const oil = computed(() => bench.inputs.value.oil)
const oiled = computed(() => oil.value.lubrication === 'oil-fed')
const outcome = computed(() => bench.assessment.value.outcomes.oil)
const lens = computed(() => bench.assessment.value.lenses.oil)
const lubrications = [notStated, ...choices(lubricationOfPlain)]
const supplies = choices(supplyWords)
const rings = [
  { value: 1, label: 'one' },
  { value: 2, label: 'two' },
]
const turns = [notStated, ...choices({ turns: 'turns', jerks: 'turns by jerks', stands: 'stands' })]
const dust = choices(contaminationWords)
const wet = choices(moistureWords)
const dirts = choices(dirtWords)
const designUm = computed(() => bench.assessment.value.outcomes.carry.balance?.value?.designMinimumUm ?? 0)
const most = computed(() => Math.max(...outcome.value.grades.map(({ filmUm }) => filmUm), 1e-9))
</script>

<template>
  <div class="fields">
    <ChoiceField path="oil.lubrication" :options="lubrications" />
    <template v-if="oiled">
      <ChoiceField path="oil.supply" :options="supplies" />
      <QuantityField path="oil.nu40Cst" />
      <QuantityField path="oil.viscosityIndex" note="95" />
    </template>
    <QuantityField v-if="oil.lubrication === 'grease'" path="oil.gramsPerStroke" />
    <ChoiceField v-if="!oiled" path="oil.dirt" :options="dirts" />
  </div>
  <PlainFigures
    :figures="lens.figures"
    :answer="lens.headline"
    :names="['quantity', 'change', 'dip', 'ringFlow', 'cold']"
    @working="$emit('working', $event)"
  />
  <section v-if="outcome.grades.length" class="grades" aria-label="Grades" data-test="grades">
    <h3 class="label">Least film by grade, {{ format.unit('deviation') }}; the line is what dirt and alignment want</h3>
    <div v-for="one in outcome.grades" :key="one.vg" class="grade" :data-vg="one.vg">
      <span :class="{ chosen: one.vg === outcome.chosen?.vg }">VG {{ one.vg }}</span>
      <span class="track">
        <span class="bar" :style="{ width: `${(100 * one.filmUm) / most}%` }" />
        <span class="wanted" :style="{ left: `${Math.min(100, (100 * designUm) / most)}%` }" />
      </span>
      <strong>{{ format.digits(one.filmUm, 'deviation') }}</strong>
      <span class="quiet">{{ format.digits(one.filmC, 'temperature') }} {{ format.unit('temperature') }}</span>
    </div>
  </section>
  <div v-if="oiled" class="fields">
    <template v-if="oil.supply === 'ring'">
      <QuantityField path="oil.ringMm" />
      <ChoiceField path="oil.ringCount" :options="rings" />
      <QuantityField path="oil.dipMm" />
      <ChoiceField path="oil.ringTurns" :options="turns" />
    </template>
    <QuantityField path="oil.coldStartC" />
    <ChoiceField path="oil.contamination" :options="dust" />
    <ChoiceField path="oil.moisture" :options="wet" />
  </div>
  <p v-if="oil.lubrication === 'dry'" class="quiet">
    No oil, no grease: either spoils a bearing that is made to run dry. A sintered bush is soaked in warm oil before it
    goes in, and again when it squeals.
  </p>
  <p v-else-if="oil.lubrication !== null" class="quiet">
    Grooves lie outside the loaded part, short of the ends, edges rounded; oil comes in a quarter to half a turn before
    the load.
  </p>
</template>

<style src="../../form/fields.css"></style>
<style scoped>
.grades {
  display: grid;
  gap: 4px;
}

.grade {
  display: grid;
  grid-template-columns: 64px 1fr 50px 60px;
  align-items: center;
  gap: 10px;
}

.chosen {
  font-weight: 700;
}

.track {
  position: relative;
  height: 13px;
}

.bar {
  display: block;
  height: 13px;
  min-width: 2px;
  border: 1.5px solid var(--frost);
  background: var(--frost-soft);
}

.wanted {
  position: absolute;
  top: -3px;
  height: 19px;
  border-left: 2px solid var(--watch);
}

strong,
.grade .quiet {
  text-align: right;
}
</style>
