<script setup lang="ts">
import { padCautions, padSteps, surfaces, surfaceWords, toolWords } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import QuantityField from '../../form/QuantityField.vue'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'

/** Heating on a small pad or a hot plate: how it lies, how long, what a thermometer shows of it, how soon it has to be home. */
const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.mount)
const pad = computed(() => bench.assessment.value.outcomes.mount.pad)
const heaters = (['pad', 'hot-plate'] as const).map((value) => ({ value, label: toolWords[value] }))
const usual = computed(() =>
  pad.value?.assumed ? `${format.inline({ kind: 'number', number: pad.value.powerW }, 'watts')} usual` : '',
)
const degrees = (celsius: number) => format.digits(celsius, 'temperature')
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <ChoiceField path="mount.padTool" :options="heaters" />
        <QuantityField path="mount.padW" :note="usual" />
      </div>
    </template>
    <template #figures>
      <template v-if="pad">
        <FigureLine
          v-for="(name, index) in ['padTime', 'padHome', 'padShows']"
          :key="name"
          :answer="index === 0"
          :name="name"
          :figure="lens.figures[name]!"
          @working="emit('working', $event)"
        />
        <table class="shows" data-test="infrared-at-aim">
          <caption class="label">
            At the aim of
            {{
              degrees(pad.aimC)
            }}
            {{
              format.unit('temperature')
            }}
            an infrared thermometer set to 0.95 shows
          </caption>
          <tbody>
            <tr v-for="surface in surfaces" :key="surface" :data-surface="surface">
              <th scope="row">{{ surfaceWords[surface] }}</th>
              <td>{{ degrees(pad.shows[surface].lowC) }} … {{ degrees(pad.shows[surface].highC) }}</td>
              <td>{{ format.unit('temperature') }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="pad.tooHeavy" class="error" role="alert">
          {{
            format.sentence(
              'Too heavy for a pad: it heats one side and not through. Take an induction heater or an oven.',
            )
          }}
        </p>
      </template>
      <p v-else class="quiet" data-test="no-pad">
        Nothing to heat: the ring slides on, is pressed or driven up, or its fit is not known yet. Way and steps says
        which.
      </p>
    </template>
    <template #after>
      <section v-if="pad" class="steps" data-test="pad-steps">
        <ol>
          <li v-for="line in padSteps(pad)" :key="line">{{ format.sentence(line) }}</li>
        </ol>
        <p class="caution">{{ padCautions[pad.heater] }}</p>
      </section>
    </template>
  </LensSheet>
</template>

<style scoped>
.shows {
  width: 100%;
  margin-top: 8px;
}

.shows caption {
  padding-bottom: 4px;
  text-align: left;
}

.shows th {
  font-weight: 400;
  text-align: left;
}

.shows td {
  padding: 4px 0 4px 8px;
  font-size: 19px;
  font-weight: 700;
  text-align: right;
}

.shows td:last-child {
  width: 34px;
  color: var(--ink-2);
  font-size: 14px;
  font-weight: 400;
}

.shows tr {
  border-top: 1px solid var(--hair);
}

.steps ol {
  display: grid;
  gap: 6px;
  padding-left: 20px;
}

.caution {
  padding: 8px 12px;
  border-left: 3px solid var(--watch);
}
</style>
