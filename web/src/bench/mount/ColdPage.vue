<script setup lang="ts">
import { coldSteps, coolants, coolantWords, partWords } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import ChillClock from '../../heat/ChillClock.vue'
import LensSheet from '../LensSheet.vue'
import { choices, notStated } from '../options.ts'
import { useBench } from '../use-bench.ts'
import { useChillEvent } from './use-chill-event.ts'

/** Going in cold: whether it does, how long it lies in the coolant, how long it stays small enough, and the clock of it. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.mount)
const cold = computed(() => bench.assessment.value.outcomes.mount.cold)
const chosen = computed(() => cold.value.chosen)
const parts = choices(partWords)
const coolantOptions = [notStated, ...coolants.map((value) => ({ value, label: coolantWords[value] }))]
const part = computed(() => bench.inputs.value.mount.chillPart)
const fitNote = computed(() => {
  const { piece } = cold.value
  if (bench.inputs.value.mount.chillTightUm !== null || !piece) return ''
  return `${format.inline({ kind: 'number', number: piece.interferenceUm }, 'deviation')} by Seat`
})
const event = useChillEvent(bench.id)
const times = computed(() =>
  chosen.value && chosen.value.chill.verdict !== 'no-chill'
    ? { lowS: chosen.value.soak.lowS, highS: chosen.value.soak.highS, windowS: chosen.value.thaw.windowS }
    : null,
)
const goes = computed(() => (chosen.value?.chill.gapUm ?? -1) >= 0 && chosen.value?.chill.verdict !== 'not-permitted')
const um = (value: number) => format.digits(value, 'deviation')
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <ChoiceField path="mount.chillPart" :options="parts" />
        <ChoiceField path="mount.coolant" :options="coolantOptions" />
        <template v-if="part !== 'bearing'">
          <QuantityField
            path="mount.chillOdMm"
            :note="part === 'shaft' && bench.bearing.value ? 'as the bore if empty' : ''"
          />
          <QuantityField path="mount.chillBoreMm" />
          <QuantityField path="mount.chillLengthMm" />
        </template>
        <QuantityField path="mount.chillTightUm" :note="fitNote" />
        <QuantityField path="mount.roomC" />
      </div>
    </template>
    <template #figures>
      <template v-if="lens.figures['coldGap']">
        <FigureLine
          v-for="name in ['coldGap', 'coldTime', 'coldLeft'].filter((one) => lens.figures[one])"
          :key="name"
          :answer="name === 'coldGap'"
          :name="name"
          :figure="lens.figures[name]!"
          @working="emit('working', $event)"
        />
      </template>
      <table v-if="cold.by.length" class="by" data-test="coolants">
        <tbody>
          <tr v-for="one in cold.by" :key="one.coolant" :class="{ here: one.coolant === cold.coolant }">
            <th scope="row">{{ coolantWords[one.coolant] }}</th>
            <td>shrinks {{ um(one.chill.shrinkUm) }}</td>
            <td>
              {{
                one.chill.verdict === 'not-permitted'
                  ? 'not for a whole bearing'
                  : one.chill.gapUm < 0
                    ? `${um(-one.chill.gapUm)} too little`
                    : `${um(one.chill.gapUm)} of room`
              }}
            </td>
            <td class="unit">{{ format.unit('deviation') }}</td>
          </tr>
        </tbody>
      </table>
      <ChillClock v-if="times && goes" v-model="event" :times="times" />
      <p v-if="!cold.coolant" class="quiet">
        Choose what lies there to chill it with; warming the housing is often the safer way.
      </p>
    </template>
    <template #after>
      <section v-if="chosen && goes" class="steps" data-test="cold-steps">
        <ol>
          <li v-for="line in coldSteps(cold.part, chosen)" :key="line">{{ format.sentence(line) }}</li>
        </ol>
      </section>
    </template>
  </LensSheet>
</template>

<style scoped>
.by {
  width: 100%;
  margin: 6px 0;
}

.by th,
.by td {
  padding: 4px 0;
  border-top: 1px solid var(--hair);
  font-weight: 400;
}

.by th {
  text-align: left;
}

.by td {
  text-align: right;
}

.by .unit {
  width: 30px;
  color: var(--ink-2);
  font-size: 14px;
}

.by .here th,
.by .here td {
  font-weight: 700;
}

.steps ol {
  display: grid;
  gap: 6px;
  padding-left: 20px;
}
</style>
