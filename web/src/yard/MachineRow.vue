<script setup lang="ts">
import type { MachineSummary } from '@yardfrost/contract'
import { worstOf } from '@yardfrost/core'
import { computed } from 'vue'
import VerdictMark from '../figures/VerdictMark.vue'
import { useDrafts } from '../shell/use-drafts.ts'

/** One machine on a line: its state, tag and name, and its positions along a shaft, each with its bearing and state. */
const { machine } = defineProps<{ machine: MachineSummary }>()
const { has } = useDrafts()
const state = computed(() => worstOf(machine.positions.map((position) => position.state)))
</script>

<template>
  <li class="row">
    <RouterLink class="machine" :to="{ name: 'machine', params: { id: machine.id } }" :data-machine="machine.tag">
      <VerdictMark :state="state" />
      <span class="tag">{{ machine.tag }}</span>
      <span class="name">{{ machine.name }}</span>
      <span v-if="has('shaft', machine.id)" class="draft" data-test="draft">shaft draft</span>
    </RouterLink>
    <slot />
    <span class="shaft" aria-label="Positions">
      <RouterLink
        v-for="position in machine.positions"
        :key="position.id"
        class="seat"
        :class="position.state"
        :to="{ name: 'position', params: { id: position.id } }"
        :title="`${position.name}: ${position.designation ?? 'no bearing entered'}`"
        :data-position="`${machine.tag} ${position.name}`"
      >
        <VerdictMark :state="position.state" :size="15" />
        <span class="bearing">{{ position.designation ?? position.name }}</span>
        <span v-if="has('position', position.id)" class="draft" data-test="draft">draft</span>
      </RouterLink>
    </span>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(230px, 290px) 1fr;
  align-items: center;
  gap: 12px;
  min-height: 44px;
  border-top: 1px solid var(--hair);
  /* A site has thousands: what is off the screen is not laid out. */
  content-visibility: auto;
  contain-intrinsic-size: auto 45px;
}

a {
  text-decoration: none;
}

.machine {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
}

.machine:hover .name {
  text-decoration: underline;
}

.tag {
  font-weight: 700;
  min-width: 58px;
}

/* Positions hang on a shaft: one centre line through all of them. */
.shaft {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  min-height: 30px;
  padding: 5px 0;
  background: linear-gradient(
      90deg,
      var(--ink-2) 0 26px,
      transparent 26px 31px,
      var(--ink-2) 31px 36px,
      transparent 36px 41px
    )
    0 50% / 41px 1px repeat-x;
}

.seat {
  display: flex;
  align-items: center;
  gap: 7px;
  min-height: 34px;
  padding: 3px 10px 3px 8px;
  border: 1px solid var(--hair);
  background: var(--sheet);
}

.seat:hover {
  border-color: var(--ink);
}

.seat.stop {
  border-color: var(--stop);
}

.bearing {
  font: 16px var(--label);
}

.draft {
  padding: 0 6px;
  border: 1px dashed var(--ink-2);
  color: var(--ink-2);
  font: 14px var(--label);
}

@media (max-width: 640px) {
  .row {
    grid-template-columns: 1fr;
    gap: 0;
    padding-bottom: 8px;
  }
}
</style>
