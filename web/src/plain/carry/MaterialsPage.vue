<script setup lang="ts">
import { lifeWords, materialWords, type PlainMaterial } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import VerdictMark from '../../figures/VerdictMark.vue'
import { usePlainBench } from '../use-plain-bench.ts'

/** Every material for this duty, best first, by its limits and its wear; those that are out with their reason. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const format = useFormat()
const bush = computed(() => bench.assessment.value.outcomes.carry.bush?.value ?? null)
/** Limits of what rubs are no verdict on what a film carries. */
const onFilm = computed(() => bench.assessment.value.outcomes.carry.balance?.value?.regime === 'full-film')
const words = (name: string) => materialWords[name as PlainMaterial]
const state = { ok: 'go', marginal: 'watch', 'over-limit': 'stop' } as const
const by = { pressure: 'pressure', velocity: 'speed', pv: 'pressure × speed' } as const
const out = {
  lubrication: 'not made for this lubrication',
  temperature: 'too hot for it',
  food: 'not beside food',
  shock: 'breaks under these blows',
  dirt: 'ground away by this dirt',
} as const
</script>

<template>
  <template v-if="bush">
    <p class="quiet">By pressure, speed and wear where it rubs. A journal that runs on a film is judged by its film.</p>
    <table data-test="materials">
      <thead>
        <tr>
          <th scope="col"></th>
          <th scope="col">material</th>
          <th scope="col" class="number">of its limit</th>
          <th scope="col" class="number">worn after</th>
          <th scope="col"></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in bush.ranked" :key="one.material" :data-material="one.material">
          <td><VerdictMark v-if="!onFilm" :state="state[one.verdict]" :size="16" /></td>
          <th scope="row">{{ words(one.material) }}</th>
          <td class="number">
            {{ format.digits(100 * one.utilisation, 'percent', { figures: 2 }) }} %
            <span class="quiet">{{ by[one.limitedBy] }}</span>
          </td>
          <td class="number">{{ one.lifeH === null ? '' : format.sentence(lifeWords(one.lifeH)) }}</td>
          <td>
            <button
              v-if="bench.inputs.value.bearing.material !== one.material"
              type="button"
              class="link"
              :data-take="one.material"
              @click="bench.setAt('bearing.material', one.material)"
            >
              take it
            </button>
            <span v-else class="quiet">this one</span>
          </td>
        </tr>
        <tr v-for="one in bush.excluded" :key="one.material" class="out" :data-material="one.material">
          <td><VerdictMark state="stop" :size="16" /></td>
          <th scope="row">{{ words(one.material) }}</th>
          <td colspan="3" class="quiet">{{ out[one.reason] }}</td>
        </tr>
      </tbody>
    </table>
  </template>
  <p v-else class="quiet">
    Give sizes, load, speed and lubrication first: then every material is ranked for this duty.
  </p>
</template>

<style scoped>
table {
  width: 100%;
}

th,
td {
  padding: 5px 8px 5px 0;
  border-bottom: 1px solid var(--hair);
  text-align: left;
  vertical-align: baseline;
}

thead th {
  font: 15px var(--label);
  color: var(--ink-2);
}

.number {
  text-align: right;
  white-space: nowrap;
}

.number .quiet {
  display: block;
  font-size: 13px;
}

.out th {
  font-weight: 400;
  color: var(--ink-2);
}
</style>
