<script setup lang="ts">
import { axialWayWords, bearingTypeNames, capital, compareTypes } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import { choices } from '../options.ts'
import { useBench } from '../use-bench.ts'
import PlainOrRolling from './PlainOrRolling.vue'

/** Every type held against this duty: what it is good at, and why it is out. */
const bench = useBench()
const format = useFormat()
const types = computed(() => compareTypes(bench.effective.value, bench.bearing.value?.interior.pitchDiameterMm ?? null))
const abilities = [
  ['radial', 'radial'],
  ['axialOneWay', 'axial one way'],
  ['axialBothWays', 'both ways'],
  ['speed', 'speed'],
  ['growthInside', 'growth inside'],
  ['space', 'little room'],
  ['stiffness', 'stiff'],
  ['shock', 'blows'],
  ['quiet', 'quiet'],
  ['separable', 'from one side'],
] as const
const grades = ['none', 'fair', 'good', 'very good']
const degrees = (value: number) => format.digits(value, 'angle', { decimals: value < 0.1 ? 2 : 1 })
</script>

<template>
  <div class="fields">
    <QuantityField path="load.misalignDeg" />
    <ChoiceField path="load.axialWay" :options="choices(axialWayWords)" />
  </div>
  <div class="scroll">
    <table data-test="types">
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">type</span></th>
          <th v-for="[key, label] in abilities" :key="key" scope="col">
            <span class="lean">{{ label }}</span>
          </th>
          <th scope="col"><span class="lean">out of line</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="one in types" :key="one.type">
          <tr :class="{ barred: one.barred, here: one.type === bench.bearing.value?.row.type }" :data-type="one.type">
            <th scope="row">{{ capital(one.type === 'plain' ? 'plain bearing' : bearingTypeNames[one.type]) }}</th>
            <td v-for="[key] in abilities" :key="key" :aria-label="grades[one.abilities[key]]">
              <span v-for="dot in one.abilities[key]" :key="dot" class="dot" />
              <span v-if="one.abilities[key] === 0" class="none">–</span>
            </td>
            <td class="angle">{{ degrees(one.abilities.misalignDeg) }}°</td>
          </tr>
          <tr v-if="one.barred" class="reason">
            <td :colspan="abilities.length + 2">{{ format.sentence(one.barred) }}</td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
  <PlainOrRolling />
  <p class="quiet">
    <RouterLink
      class="link"
      :to="{ name: 'position', params: { id: bench.id, lens: 'carry' } }"
      data-test="to-contact"
      @click="bench.turnTo('carry', 'contact')"
      >See how ball, roller and barrel touch.</RouterLink
    >
    General guidance for single bearings of usual design; the type on the bench is in bold. One to three dots: fair,
    good, very good.
  </p>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

table {
  width: 100%;
  font-size: 14px;
}

thead th {
  height: 92px;
  padding: 0;
  vertical-align: bottom;
  font: 14px var(--label);
  color: var(--ink-2);
}

.lean {
  display: inline-block;
  width: 22px;
  transform: translateX(8px) rotate(-58deg);
  transform-origin: left bottom;
  text-align: left;
  white-space: nowrap;
}

tbody th {
  padding: 4px 6px 4px 0;
  white-space: nowrap;
}

tbody td {
  min-width: 22px;
  padding: 4px 1px;
  white-space: nowrap;
}

tbody tr:not(.reason) {
  border-top: 1px solid var(--hair);
}

.here th {
  font-weight: 700;
}

.barred th {
  text-decoration: line-through;
  color: var(--ink-2);
}

.reason td {
  padding: 0 0 5px;
  color: var(--stop);
  white-space: normal;
}

.dot {
  display: inline-block;
  width: 5px;
  height: 5px;
  margin-right: 1px;
  border-radius: 50%;
  background: var(--ink);
}

.barred .dot {
  background: none;
  border: 1px solid var(--ink-2);
}

.none,
.angle {
  color: var(--ink-2);
}
</style>
