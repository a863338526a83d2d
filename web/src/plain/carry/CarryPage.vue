<script setup lang="ts">
import {
  airWords,
  dirtWords,
  lubricationOfPlain,
  shockWords,
  sideWords,
  sleeveHousingWords,
  supplyWords,
} from '@yardfrost/core'
import { computed } from 'vue'
import { choices, notStated } from '../../form/choices.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import PlainFigures from '../PlainFigures.vue'
import PlainLoadSource from './PlainLoadSource.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** The duty, and what carries it: a film with its heat, or a bush that wears. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const carry = computed(() => bench.assessment.value.outcomes.carry)
const oiled = computed(() => bench.inputs.value.oil.lubrication === 'oil-fed')
const swings = computed(() => bench.inputs.value.load.swingDeg !== null || bench.inputs.value.load.speedRpm === null)
const lubrications = [notStated, ...choices(lubricationOfPlain)]
const sides = choices(sideWords)
const shocks = choices(shockWords)
const dirts = choices(dirtWords)
const supplies = choices(supplyWords)
const housings = choices(sleeveHousingWords)
const airs = choices(airWords)
const turning = choices({ stands: 'stands', turns: 'turns with the shaft' })
</script>

<template>
  <PlainLoadSource v-if="bench.onShaft.value" />
  <div class="fields">
    <template v-if="!bench.fed.value">
      <QuantityField path="load.radialN" />
      <QuantityField path="load.axialN" />
      <QuantityField v-if="bench.inputs.value.load.swingDeg === null" path="load.speedRpm" />
      <QuantityField v-if="swings" path="load.swingDeg" />
      <QuantityField v-if="bench.inputs.value.load.swingDeg !== null" path="load.swingsPerMin" />
    </template>
    <ChoiceField path="oil.lubrication" :options="lubrications" />
    <template v-if="oiled">
      <ChoiceField path="oil.supply" :options="supplies" />
      <QuantityField path="oil.nu40Cst" />
      <template v-if="bench.inputs.value.oil.supply === 'feed'">
        <QuantityField path="oil.inletC" />
        <QuantityField path="oil.feedLPerMin" />
      </template>
    </template>
    <QuantityField path="oil.roomC" />
  </div>
  <div class="results">
    <PlainFigures
      :figures="bench.assessment.value.lenses.carry.figures"
      :answer="carry.onFilm ? 'film' : 'life'"
      :names="[
        'filmC',
        'lambda',
        'utilisation',
        'pressure',
        'velocity',
        'pv',
        'power',
        'liftOff',
        'life',
        'wanted',
        'sideFlow',
        'eccentricity',
      ]"
      @working="$emit('working', $event)"
    />
  </div>
  <div class="fields">
    <ChoiceField path="load.towards" :options="sides" />
    <ChoiceField path="load.turning" :options="turning" />
    <ChoiceField path="load.shock" :options="shocks" />
    <ChoiceField path="oil.dirt" :options="dirts" />
    <QuantityField path="load.startsPerDay" />
    <QuantityField path="load.wantedLifeH" />
    <template v-if="oiled">
      <ChoiceField path="oil.standsIn" :options="housings" />
      <ChoiceField path="oil.air" :options="airs" />
    </template>
    <QuantityField path="oil.housingC" />
    <QuantityField path="oil.metalC" />
  </div>
</template>

<style src="../../form/fields.css"></style>
<style scoped>
.results {
  padding-top: 4px;
  border-top: 1px solid var(--hair);
}
</style>
