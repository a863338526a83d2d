<script setup lang="ts">
import { bearingTypeNames, clearanceClasses } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../ChoiceField.vue'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import DesignationField from './DesignationField.vue'
import SizeSearch from './SizeSearch.vue'

const emit = defineEmits<{ working: [figure: string]; field: [path: string] }>()
const bench = useBench()
const format = useFormat()
const lens = computed(() => bench.assessment.value.lenses.identify)

const clearanceOptions = [
  { value: null, label: 'not stated' },
  ...clearanceClasses.map((name) => ({ value: name, label: name === 'CN' ? 'CN, normal, no suffix' : name })),
]

const sized = (mm: number) =>
  format.inline({ kind: 'number', number: mm }, 'length', { decimals: Number.isInteger(mm) ? 0 : 2 })
const bearing = computed(() => bench.bearing.value)
const evidence = computed(
  () =>
    lens.value.figures['designation']?.givens.filter(({ from, label }) => from !== 'typed' && label !== 'series') ?? [],
)
</script>

<template>
  <LensSheet :lens="lens" question="What is it, and is it what the machine calls for?" @field="emit('field', $event)">
    <template #inputs>
      <div class="fields">
        <DesignationField />
        <ChoiceField path="bearing.requiredClearance" :options="clearanceOptions" />
      </div>
      <SizeSearch />
    </template>
    <template v-if="bearing" #figures>
      <p class="type">{{ bearingTypeNames[bearing.row.type] }} bearing, series {{ bearing.row.series }}</p>
      <dl class="size" data-test="size">
        <div>
          <dt class="label">bore</dt>
          <dd>{{ sized(bearing.row.boreMm) }}</dd>
        </div>
        <div>
          <dt class="label">outside</dt>
          <dd>{{ sized(bearing.row.odMm) }}</dd>
        </div>
        <div>
          <dt class="label">width</dt>
          <dd>{{ sized(bearing.row.assemblyWidthMm ?? bearing.row.widthMm) }}</dd>
        </div>
      </dl>
      <FigureLine
        v-for="name in ['clearance', 'interior', 'mass']"
        :key="name"
        :figure="lens.figures[name]!"
        :name="name"
        @working="emit('working', $event)"
      />
      <ul class="evidence" aria-label="What the number says">
        <li v-for="(one, index) in evidence" :key="index" :class="{ assumed: one.from.startsWith('assumed') }">
          <span class="label">{{ one.label }}</span>
          <span>{{ one.value.kind === 'text' ? one.value.text : '' }}</span>
          <span class="quiet">{{ one.from }}</span>
        </li>
      </ul>
    </template>
  </LensSheet>
</template>

<style src="../fields.css"></style>
<style scoped>
.type {
  padding-top: 6px;
  font-weight: 600;
}

.size {
  display: flex;
  gap: 28px;
  margin: 6px 0;
}

dt {
  font-size: 15px;
}

dd {
  margin: 0;
  font-size: 22px;
  font-weight: 700;
}

.evidence {
  display: grid;
  gap: 2px;
  margin: 8px 0 0;
  padding: 8px 0 0;
  border-top: 1px solid var(--hair);
  list-style: none;
}

.evidence li {
  display: grid;
  grid-template-columns: 84px 1fr auto;
  gap: 10px;
  font-size: 14px;
}

.assumed span:nth-child(2) {
  color: var(--ink-2);
}
</style>
