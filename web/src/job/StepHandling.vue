<script setup lang="ts">
import type { RollingDetail } from '@yardfrost/contract'
import { assessRolling, handlingFor, type HandlingKey, type HandlingStage } from '@yardfrost/core'
import { computed } from 'vue'
import HandlingList from '../drawing/handling/HandlingList.vue'
import { catalogue } from '../references.ts'

/** How the bearing of a position is handled at a step: how it is pushed, pulled and cleaned. */
const { detail, stage } = defineProps<{ detail: RollingDetail; stage: string }>()

const stages: readonly HandlingStage[] = ['take-off', 'mount', 'came-out']
const keys = computed((): HandlingKey[] => {
  const at = stages.find((one) => one === stage)
  if (!at) return []
  const { inputs, machine } = detail
  return handlingFor(at, assessRolling(inputs, machine, catalogue).outcomes.mount, machine.practices?.drift)
})
</script>

<template>
  <HandlingList :keys="keys" />
</template>
