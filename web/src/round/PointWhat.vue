<script setup lang="ts">
import type { RoundGun } from '@yardfrost/contract'
import type { OilInBath, PointWork } from '@yardfrost/core'
import { computed } from 'vue'
import OilBathSheet from '../drawing/OilBathSheet.vue'
import { useFormat } from '../figures/use-format.ts'
import HousingDrawing from './HousingDrawing.vue'
import type { PointInHand } from './use-round.ts'
import { pointKindWords } from './words.ts'

/** What is given at a point and where: the strokes of the gun in hand, huge, beside the housing; or the bath, to scale. */
const { shown, guns, gun, inHand, strokes, oil } = defineProps<{
  shown: PointInHand
  guns: readonly RoundGun[]
  /** Name of the gun that was chosen, and whether it is one of the shop. */
  gun: string
  inHand: boolean
  strokes: number | null
  /** How its oil stands, where it has a bath. */
  oil: (OilInBath & { bath: NonNullable<PointWork['bath']> }) | null
}>()
const emit = defineEmits<{ gun: [name: string] }>()
const format = useFormat()
const point = computed(() => shown.point)
const isGrease = computed(() => point.value.kind === 'grease')
</script>

<template>
  <div class="what">
    <div class="amount">
      <template v-if="isGrease">
        <label class="label" for="gun">Give it{{ guns.length ? ', with' : '' }}</label>
        <select
          v-if="guns.length"
          id="gun"
          :value="gun"
          data-test="gun"
          @change="emit('gun', ($event.target as HTMLSelectElement).value)"
        >
          <option v-if="!inHand" value="">{{ point.work.gun?.name ?? 'choose the gun' }}</option>
          <option v-for="one in guns" :key="one.name" :value="one.name">
            {{ one.name }}{{ one.lubricant ? `, ${one.lubricant}` : '' }}
          </option>
        </select>
        <strong class="strokes" data-test="strokes">{{
          strokes ?? (shown.plan.quantityG === null ? '?' : format.digits(shown.plan.quantityG, 'gunStroke'))
        }}</strong>
        <span class="grams">
          <template v-if="strokes !== null && shown.plan.quantityG !== null">
            strokes, {{ format.inline({ kind: 'number', number: shown.plan.quantityG }, 'gunStroke') }}
          </template>
          <template v-else>{{ format.unit('gunStroke') }}: no gun was weighed</template>
        </span>
      </template>
      <template v-else>
        <strong class="strokes words">{{ pointKindWords[point.kind] }}</strong>
        <span v-if="point.work.levelMm !== null" class="grams">
          oil {{ format.rough(point.work.levelMm) }} below the shaft centre
        </span>
      </template>
    </div>
    <OilBathSheet
      v-if="oil"
      :bath="oil.bath"
      :tolerance-mm="oil.toleranceMm"
      :over-mm="shown.progress.readings.level ?? null"
      :oiler="point.own.oiler"
    />
    <HousingDrawing
      v-else
      :housing="point.work.housing"
      :kind="point.kind"
      :port="point.work.port"
      :drain="point.own.drain"
    />
  </div>
</template>

<style scoped>
.what {
  display: grid;
  grid-template-columns: minmax(190px, 1fr) minmax(240px, 1.5fr);
  align-items: center;
  gap: 12px;
}

.amount {
  display: grid;
  gap: 2px;
}

.amount select {
  min-height: 56px;
  max-width: 240px;
  padding: 0 8px;
  border: 1.6px solid var(--ink-2);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: 17px;
}

.strokes {
  font-size: 112px;
  line-height: 1;
  font-weight: 700;
}

.strokes.words {
  font-size: 44px;
}

.grams {
  font-size: 28px;
  font-weight: 600;
}

@media (width < 700px) {
  .what {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
