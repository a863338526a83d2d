<script setup lang="ts">
import { ringBehind } from '@yardfrost/core'
import { computed, ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import type { HeaterTrouble } from './use-heater.ts'

/** What an infrared thermometer makes of bright steel, and what is behind its reading. */
const { piece, roomC } = defineProps<{ piece: string; roomC: number }>()
const emit = defineEmits<{ trouble: [trouble: HeaterTrouble | null] }>()
const format = useFormat()
const degrees = (celsius: number) => format.digits(celsius, 'temperature')

/** What the thermometer shows of it; null until somebody points it. */
const pointed = ref<number | null>(null)
async function point() {
  emit('trouble', null)
  try {
    pointed.value = await api.pointThermometer({ piece, roomC: Math.min(60, Math.max(-20, roomC)) })
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    emit('trouble', error)
  }
}
/** Bright ground steel, on a thermometer set to 0.95. */
const brightSteel = 0.15
const behind = computed(() => (pointed.value === null ? null : ringBehind(pointed.value, roomC, brightSteel)))
</script>

<template>
  <p class="quiet">
    Read with a contact probe, and demagnetise before it leaves the heater. An infrared thermometer reads far too little
    off bright steel: it sees an emissivity of {{ brightSteel }} and is set to 0.95.
    <button type="button" class="point" data-test="point" @click="point">Point it at the ring</button>
  </p>
  <p v-if="pointed !== null && behind !== null" role="status" data-test="infrared">
    It shows <strong>{{ degrees(pointed) }} {{ format.unit('temperature') }}</strong
    >; the ring behind that is at about <strong>{{ degrees(behind) }} {{ format.unit('temperature') }}</strong
    >. Black tape or a matt mark on the ring makes it honest.
  </p>
</template>

<style scoped>
.point {
  min-height: 44px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  text-decoration: underline;
  cursor: pointer;
}
</style>
