<script setup lang="ts">
import { loadsApart } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import { useBench } from './use-bench.ts'

/** Whether loads, ends and growth come from the shaft line or are typed here, how far apart both are, and the way from one to the other. */
const bench = useBench()
const format = useFormat()
const shaft = computed(() => ({ name: 'shaft', params: { id: bench.detail.value?.machine.id ?? '' } }))
const apart = computed(() => loadsApart(bench.inputs.value, bench.machine.value))
const newtons = (value: number) => format.inline({ kind: 'number', number: value }, 'force')
const stands = computed(() => bench.inputs.value.load.typedStands)
</script>

<template>
  <p class="source" data-test="load-source">
    <template v-if="bench.fed.value">
      <strong><slot /></strong>, from the <RouterLink :to="shaft">shaft line</RouterLink>.
      <button type="button" class="link" data-test="type-loads" @click="bench.setAt('load.from', 'typed')">
        type it here
      </button>
    </template>
    <template v-else>
      <span v-if="apart" class="apart" data-test="loads-apart">
        Typed {{ newtons(apart.typed.radialN) }} radial, {{ newtons(apart.typed.axialN) }} axial; the
        <RouterLink :to="shaft">shaft line</RouterLink> makes it {{ newtons(apart.line.radialN) }} radial,
        {{ newtons(apart.line.axialN) }} axial.
      </span>
      <button type="button" class="link" data-test="take-loads" @click="bench.setAt('load.from', 'shaft-line')">
        {{ apart ? 'Take the shaft line’s' : 'Take it from the shaft line' }}
      </button>
      <button
        v-if="apart && !stands"
        type="button"
        class="link"
        data-test="keep-typed"
        @click="bench.setAt('load.typedStands', true)"
      >
        What is typed stands
      </button>
    </template>
  </p>
</template>

<style scoped>
.source {
  padding: 2px 0;
}

.apart {
  display: block;
}

.link + .link {
  margin-left: 16px;
}
</style>
