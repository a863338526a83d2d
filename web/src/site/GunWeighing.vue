<script setup lang="ts">
import { addDays, calibrateGun, quantity, type GreaseGun, type GunCalibration } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, reactive, ref } from 'vue'
import { z } from 'zod'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import QuantityField from '../form/QuantityField.vue'
import ThingForm from '../form/ThingForm.vue'
import VerdictMark from '../figures/VerdictMark.vue'
import { today } from '../shell/today.ts'
import { useAsking } from '../shell/use-asking.ts'

/** A gun on the scale: sets of strokes, what they weighed, whether it is worn; what it gives is taken from them. */
const { gun } = defineProps<{ gun: GreaseGun }>()
const emit = defineEmits<{ taken: [changes: Partial<GreaseGun>] }>()
const format = useFormat()
const open = ref(false)
/** A gun is weighed again after half a year. */
const againDays = 182
const setStrokes = 10

/** One set on the scale. */
const GunSet = z.object({
  strokes: quantity(z.number().min(1).max(200), 'Strokes', 'ratio', ''),
  grams: quantity(z.number().gt(0).max(5000), 'They weigh', 'grams', 'g'),
})
type GunSet = z.output<typeof GunSet>
const rows = reactive<GunSet[]>([])
const unreadable = reactive(new Map<string, string>())
const { trouble, asking } = useAsking()
const begin = () => {
  open.value = !open.value
  if (rows.length === 0) rows.push({ strokes: setStrokes, grams: null })
}

const shots = computed(() =>
  rows.flatMap(({ strokes, grams }) =>
    strokes === null || grams === null ? [] : [{ strokes: Math.round(strokes), grams }],
  ),
)
const found = computed((): GunCalibration | null =>
  shots.value.length === 0 ? null : calibrateGun({ shots: shots.value, ratedGramsPerStroke: gun.gramsPerStroke }),
)
const state = computed(() =>
  found.value?.verdict === 'worn'
    ? 'stop'
    : found.value?.verdict === 'watch'
      ? 'watch'
      : found.value?.verdict === 'ok'
        ? 'go'
        : 'open',
)
/** What the weighing says of the gun, in one sentence. */
const words = computed(() => {
  if (!found.value) return 'Ten strokes on the scale, three times: the first may have air in it.'
  const { verdict, ratio, spreadPercent, remarks } = found.value
  const parts = [
    verdict === 'worn'
      ? 'Worn: it gives too little, or an uneven amount. Look at ring and check ball before it is used again.'
      : verdict === 'watch'
        ? 'Look at it: less than it gave, or uneven.'
        : verdict === 'ok'
          ? 'As it should be.'
          : 'Too few sets to tell.',
    ratio === null ? '' : `${format.digits(ratio * 100, 'percent', { figures: 2 })} % of what it gave.`,
    spreadPercent === null ? '' : `Sets differ by ${format.digits(spreadPercent, 'percent', { figures: 2 })} %.`,
    remarks.includes('prime-first') ? 'The first set had air in it and is left out.' : '',
    remarks.includes('above-rated') ? 'More than it gave: another gun, or the scale.' : '',
  ]
  return parts.filter(Boolean).join(' ')
})

const weigh = (row: GunSet) =>
  asking(async () => {
    const strokes = Math.round(row.strokes ?? setStrokes)
    row.grams = (await api.takeWeight({ gunId: gun.id, strokes, ratedG: gun.gramsPerStroke })).grams
    if (row === rows.at(-1) && rows.length < 6) rows.push({ strokes: row.strokes, grams: null })
  })
function take() {
  if (!found.value) return
  const weighedOn = today()
  const gramsPerStroke = Number(found.value.gramsPerStroke.toPrecision(3))
  emit('taken', { gramsPerStroke, weighedOn, nextWeighing: addDays(weighedOn, againDays) })
  open.value = false
  rows.splice(0)
}
</script>

<template>
  <div class="weighing">
    <button type="button" class="link" :aria-expanded="open" :data-test="`weigh-${gun.name}`" @click="begin">
      {{ open ? 'Put it away' : 'Weigh it' }}
    </button>
    <template v-if="open">
      <ThingForm
        v-for="(row, index) in rows"
        :key="index"
        :schema="GunSet"
        :value="row"
        :path="`weigh.${gun.name}.${index}`"
        :unreadable="unreadable"
        @change="Object.assign(row, $event)"
      >
        <div class="row">
          <QuantityField path="strokes" />
          <QuantityField path="grams" />
          <Button
            size="small"
            severity="secondary"
            variant="outlined"
            label="Read the scale"
            :data-test="`scale-${index}`"
            @click="weigh(row)"
          />
        </div>
      </ThingForm>
      <p v-if="trouble" class="error" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
      <p data-test="weighed"><VerdictMark :state="state" /> {{ words }}</p>
      <p v-if="found" class="ways">
        <strong
          >{{ format.inline({ kind: 'number', number: found.gramsPerStroke }, 'gunStroke', { figures: 3 }) }} a
          stroke</strong
        >
        <Button
          size="small"
          label="Take it"
          :disabled="found.verdict === 'worn' || unreadable.size > 0"
          data-test="take-weight"
          @click="take"
        />
      </p>
    </template>
  </div>
</template>

<style scoped>
.weighing {
  display: grid;
  grid-column: 1 / -1;
  justify-items: start;
  gap: 8px;
}

.row {
  display: grid;
  grid-template-columns: 110px 150px auto;
  align-items: end;
  gap: 10px;
}

p {
  margin: 0;
}

.ways {
  display: flex;
  align-items: center;
  gap: 16px;
}
</style>
