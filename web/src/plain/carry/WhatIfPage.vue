<script setup lang="ts">
import { plainWhatIfs } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { usePlainBench } from '../use-plain-bench.ts'

/** Load, speed, oil, clearance and heat changed one at a time: what each makes of film, heat and wear. */
defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = usePlainBench()
const format = useFormat()
const cases = computed(() => plainWhatIfs(bench.inputs.value, bench.machine.value))
const onFilm = computed(() => bench.assessment.value.outcomes.carry.onFilm)
/** Bars stand on a scale of the largest. */
const valueOf = (one: (typeof cases.value)[number]) => (onFilm.value ? one.filmUm : one.lifeH)
const most = computed(() => Math.max(...cases.value.map((one) => valueOf(one) ?? 0), 1e-9))
const share = (one: (typeof cases.value)[number]) => `${(100 * (valueOf(one) ?? 0)) / most.value}%`
const designUm = computed(() => bench.assessment.value.outcomes.carry.balance?.value?.designMinimumUm ?? null)
</script>

<template>
  <div v-if="cases.length" class="cases" data-test="plain-what-if">
    <div v-for="one in cases" :key="one.key" class="case" :data-case="one.key">
      <span class="label">{{ format.sentence(one.label) }}</span>
      <span class="track">
        <span class="bar" :class="{ now: one.key === 'now' }" :style="{ width: share(one) }" />
        <span v-if="onFilm && designUm !== null" class="wanted" :style="{ left: `${(100 * designUm) / most}%` }" />
      </span>
      <strong v-if="onFilm" class="value">
        {{ one.filmUm === null ? 'none' : format.digits(one.filmUm, 'deviation') }}
      </strong>
      <strong v-else class="value">
        {{ one.lifeH === null ? 'over its limit' : format.digits(one.lifeH, 'duration', { figures: 2 }) }}
      </strong>
      <span v-if="onFilm" class="quiet heat">
        {{ one.filmC === null ? '' : `${format.digits(one.filmC, 'temperature')} ${format.unit('temperature')}` }}
      </span>
    </div>
    <p class="quiet">
      <template v-if="onFilm">
        Least film, {{ format.unit('deviation') }}, and how warm it runs; the line is what dirt and alignment want.
      </template>
      <template v-else>Hours until it is worn.</template>
    </p>
  </div>
  <p v-else class="quiet">Give sizes, load, speed and lubrication first: then each change shows what it costs.</p>
</template>

<style scoped>
.cases {
  display: grid;
  gap: 9px;
}

.case {
  display: grid;
  grid-template-columns: 150px 1fr 74px 66px;
  align-items: center;
  gap: 10px;
}

.track {
  position: relative;
  height: 18px;
}

.bar {
  display: block;
  height: 18px;
  min-width: 2px;
  border: 1.5px solid var(--frost);
  background: var(--frost-soft);
}

.bar.now {
  border-color: var(--ink);
  background: var(--sheet);
}

.wanted {
  position: absolute;
  top: -3px;
  height: 24px;
  border-left: 2px solid var(--watch);
}

.value {
  text-align: right;
}

.heat {
  text-align: right;
}
</style>
