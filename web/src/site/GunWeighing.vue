<script setup lang="ts">
import {
  addDays,
  calibrateGun,
  formatInput,
  InputError,
  parseQuantity,
  unitSymbol,
  type GreaseGun,
  type GunCalibration,
} from '@yardfrost/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, reactive, ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import { useSettings } from '../shell/settings.ts'
import { today } from '../shell/today.ts'

/** A gun on the scale: sets of strokes, what they weighed, whether it is worn; what it gives is taken from them. */
const { gun } = defineProps<{ gun: GreaseGun }>()
const emit = defineEmits<{ taken: [changes: Partial<GreaseGun>] }>()
const format = useFormat()
const settings = useSettings()
const open = ref(false)
/** A gun is weighed again after half a year. */
const againDays = 182
const setStrokes = 10

interface Row {
  strokes: string
  grams: string
}
const rows = reactive<Row[]>([])
const trouble = ref<{ message: string; fix: string } | null>(null)
const begin = () => {
  open.value = !open.value
  if (rows.length === 0) rows.push({ strokes: String(setStrokes), grams: '' })
}

const shots = computed(() =>
  rows.flatMap(({ strokes, grams }) => {
    try {
      const weighed = parseQuantity(grams, 'grams', settings.units, 'What they weighed')
      const count = Math.round(Number(strokes))
      return weighed !== null && weighed > 0 && count >= 1 && count <= 200 ? [{ strokes: count, grams: weighed }] : []
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      return []
    }
  }),
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

async function weigh(row: Row) {
  trouble.value = null
  try {
    const { grams } = await api.takeWeight({ gunId: gun.id, strokes: Math.max(1, Math.round(Number(row.strokes)) || setStrokes), ratedG: gun.gramsPerStroke }) // prettier-ignore
    row.grams = formatInput(grams, 'grams', settings.units)
    if (row === rows.at(-1) && rows.length < 6) rows.push({ strokes: row.strokes, grams: '' })
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    trouble.value = error
  }
}
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
      <div v-for="(row, index) in rows" :key="index" class="row">
        <InputText v-model="row.strokes" inputmode="numeric" :aria-label="`Strokes of set ${index + 1}`" />
        <span>strokes weigh</span>
        <InputText
          v-model="row.grams"
          inputmode="decimal"
          :aria-label="`Weight of set ${index + 1}`"
          :data-test="`grams-${index}`"
        />
        <span>{{ unitSymbol('grams', settings.units) }}</span>
        <Button
          size="small"
          severity="secondary"
          variant="outlined"
          label="Read the scale"
          :data-test="`scale-${index}`"
          @click="weigh(row)"
        />
      </div>
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
          :disabled="found.verdict === 'worn'"
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
  grid-template-columns: 70px auto 110px auto auto;
  align-items: center;
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
