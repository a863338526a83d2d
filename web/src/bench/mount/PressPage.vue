<script setup lang="ts">
import { holdingWords, offSteps, pressSteps, torqueWords } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import LensSheet from '../LensSheet.vue'
import { choices, notStated } from '../options.ts'
import { useBench } from '../use-bench.ts'

/** Pressing on, tightening and pulling off: tools, forces, tubes and torques. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.mount)
const force = computed(() => bench.assessment.value.outcomes.mount.force)
const holdings = [notStated, ...choices(holdingWords)]
const shown = computed(() => ['pressForce', 'offForce', 'nutTorque'].filter((name) => lens.value.figures[name]))
const torque = (value: number) => format.digits(value, 'torque', { figures: 2 })
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <ChoiceField path="mount.holding" :options="holdings" />
      </div>
    </template>
    <template #figures>
      <FigureLine
        v-for="(name, index) in shown"
        :key="name"
        :answer="index === 0"
        :name="name"
        :figure="lens.figures[name]!"
        @working="emit('working', $event)"
      />
      <p v-if="!force" class="quiet">Put a bearing on the bench first.</p>
      <p v-else-if="!force.pressN" class="quiet" data-test="no-press">
        Nothing is pressed here: the ring slides on, is driven up its taper, or its fit is not known yet.
      </p>
    </template>
    <template v-if="force" #after>
      <section v-if="force.pressN" class="steps" data-test="press-steps">
        <h3>On</h3>
        <ol>
          <li v-for="line in pressSteps(force, bench.machine.value.practices?.drift ?? undefined)" :key="line">
            {{ format.sentence(line) }}
          </li>
        </ol>
        <h3>Off again</h3>
        <ol>
          <li v-for="line in offSteps(force)" :key="line">{{ format.sentence(line) }}</li>
        </ol>
      </section>
      <section class="steps" data-test="torques">
        <h3>Tightening: {{ holdingWords[force.holding] }}</h3>
        <p>{{ torqueWords[force.holding] }}</p>
        <table>
          <thead>
            <tr>
              <th scope="col">{{ force.holding === 'set-screws' ? 'set screw' : 'bolt 8.8, oiled' }}</th>
              <th scope="col" class="number">{{ format.unit('torque') }}</th>
              <th v-if="force.holding !== 'set-screws'" scope="col" class="number">into cast iron</th>
            </tr>
          </thead>
          <tbody v-if="force.holding === 'set-screws'">
            <tr v-for="one in force.setScrews" :key="one.threadMm">
              <th scope="row">M{{ one.threadMm }}</th>
              <td class="number">{{ torque(one.torqueNm) }}</td>
            </tr>
          </tbody>
          <tbody v-else>
            <tr v-for="one in force.bolts" :key="one.threadMm">
              <th scope="row">M{{ one.threadMm }}</th>
              <td class="number">{{ torque(one.torqueNm) }}</td>
              <td class="number">{{ torque(one.castNm) }}</td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">
          General practice at a friction of 0.12, where the maker gives none. The maker’s value comes first.
        </p>
      </section>
    </template>
  </LensSheet>
</template>

<style scoped>
.steps {
  display: grid;
  gap: 6px;
}

.steps ol {
  display: grid;
  gap: 6px;
  margin: 0;
  padding-left: 20px;
}

table th {
  font-weight: 400;
  text-align: left;
}

table tr {
  border-top: 1px solid var(--hair);
}

table .number {
  text-align: right;
}
</style>
