<script setup lang="ts">
import { bearingTypeNames, findBearing, makersWord } from '@yardfrost/core'
import { computed } from 'vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ChoiceField from '../../form/ChoiceField.vue'
import { clearanceOptions } from '../options.ts'
import { catalogue } from '../../references.ts'
import { useBench } from '../use-bench.ts'
import WhichEndHolds from '../WhichEndHolds.vue'
import DesignationField from './DesignationField.vue'
import MarkingPhotos from './MarkingPhotos.vue'
import SizeSearch from './SizeSearch.vue'

/** The number on the box, what it says, what to order instead, and what else has the same size. */
const emit = defineEmits<{ working: [figure: string] }>()
const bench = useBench()
const format = useFormat()
const figures = computed(() => bench.assessment.value.lenses.identify.figures)

const sized = (mm: number) =>
  format.inline({ kind: 'number', number: mm }, 'length', { decimals: Number.isInteger(mm) ? 0 : 2 })
const bearing = computed(() => bench.bearing.value)
const outcome = computed(() => bench.assessment.value.outcomes.identify)
/** What the number says, without what was typed and what stands above already. */
const evidence = computed(() => figures.value['designation']?.givens.slice(2) ?? [])
/** What a maker's list says of this very bearing. */
const maker = computed(() => {
  const listed = makersWord(bench.inputs.value, bench.machine.value)
  if (!listed) return null
  const { dynamicN, staticN, limitingRpm, massKg, clearanceMinUm, clearanceMaxUm, list, number } = listed
  const said = (label: string, value: number | null, quantity: 'force' | 'speed' | 'mass') =>
    value === null ? [] : [`${label} ${format.inline({ kind: 'number', number: value }, quantity)}`]
  const told = [
    ...said('C', dynamicN, 'force'),
    ...said('C0', staticN, 'force'),
    ...said('limiting speed', limitingRpm, 'speed'),
    ...said('mass', massKg, 'mass'),
    ...(clearanceMinUm === null || clearanceMaxUm === null
      ? []
      : [`clearance ${format.inline({ kind: 'range', from: clearanceMinUm, to: clearanceMaxUm }, 'deviation')}`]),
  ]
  return { list, number, told: told.join(', ') }
})
const toOrder = computed(() => outcome.value.toOrder ?? '')
const present = computed(() => bearing.value?.decoded.normal ?? '')
const sameSize = computed(() => outcome.value.sameSize)
const typeOf = (designation: string) => {
  const found = findBearing(designation, catalogue)
  return found ? bearingTypeNames[found.row.type] : ''
}
</script>

<template>
  <div class="fields">
    <DesignationField />
    <ChoiceField path="bearing.requiredClearance" :options="clearanceOptions" />
  </div>
  <SizeSearch />
  <MarkingPhotos v-if="bench.inputs.value.identify.photos.length > 0" />
  <div v-if="bearing" class="found">
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
    <p v-if="toOrder && toOrder !== present" class="order">
      To order <strong data-test="to-order">{{ toOrder }}</strong>
      <button type="button" class="link" data-test="put-order" @click="bench.putOn(toOrder)">
        put it on the bench
      </button>
    </p>
    <FigureLine
      v-for="name in ['clearance', 'interior', 'mass']"
      :key="name"
      :figure="figures[name]!"
      :name="name"
      @working="emit('working', $event)"
    />
    <p v-if="maker" class="maker" data-test="maker">
      {{ maker.list }} has {{ maker.number }}:
      {{ maker.told }}
    </p>
    <ul class="evidence" aria-label="What the number says">
      <li v-for="(one, index) in evidence" :key="index" :class="{ assumed: one.assumed }">
        <span class="label">{{ one.label }}</span>
        <span>{{ one.value.kind === 'text' ? one.value.text : '' }}</span>
        <span class="quiet">{{ one.from }}</span>
      </li>
    </ul>
    <details v-if="sameSize.length" class="same">
      <summary>
        {{ sameSize.length }} {{ sameSize.length === 1 ? 'other' : 'others' }} of this size, and what changes
      </summary>
      <ul>
        <li v-for="one in sameSize" :key="one.designation">
          <button type="button" class="link" @click="bench.putOn(one.designation)">{{ one.designation }}</button>
          <span class="quiet">{{ one.changes || typeOf(one.designation) }}</span>
        </li>
      </ul>
      <WhichEndHolds />
    </details>
  </div>
</template>

<style src="../../form/fields.css"></style>
<style scoped>
.found {
  padding-top: 6px;
  border-top: 1px solid var(--hair);
}

.type {
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

.order {
  padding: 6px 0;
}

.order strong {
  font-size: 19px;
}

.link {
  padding: 2px 4px;
}

.evidence,
.same ul {
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

summary {
  margin-top: 8px;
  cursor: pointer;
}

.same li {
  display: grid;
  grid-template-columns: 110px 1fr;
  font-size: 14px;
}

.same .link {
  text-align: left;
}
</style>
