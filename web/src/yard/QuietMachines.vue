<script setup lang="ts">
import type { MachineSummary } from '@yardfrost/contract'
import { useDrafts } from '../shell/use-drafts.ts'

/** Machines of an area as their bearings, a ring each: filled where one asks for hands. Each leads to its machine. */
defineProps<{ name: string; machines: readonly MachineSummary[] }>()
const { has } = useDrafts()
const isDrafted = (machine: MachineSummary) =>
  has('shaft', machine.id) || machine.positions.some(({ id }) => has('position', id))
const told = ({ name, positions }: MachineSummary) =>
  `${name}: ${positions.map((one) => `${one.name.toLowerCase()} ${one.state === 'open' ? 'not complete' : one.state}`).join(', ')}`
</script>

<template>
  <section class="area">
    <h3>{{ name }}</h3>
    <ul>
      <li v-for="machine in machines" :key="machine.id">
        <RouterLink
          :to="{ name: 'machine', params: { id: machine.id } }"
          :title="told(machine)"
          :data-machine="machine.tag"
        >
          <span class="tag">{{ machine.tag }}</span>
          <span class="visually-hidden">{{ told(machine) }}</span>
          <span v-for="position in machine.positions" :key="position.id" class="ring" :class="position.state" />
          <span v-if="isDrafted(machine)" class="draft" data-test="draft">draft</span>
        </RouterLink>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.area {
  padding: 4px 0;
  border-top: 1px solid var(--hair);
}

h3 {
  margin: 2px 0;
  font: 500 15px var(--label);
  color: var(--ink-2);
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  /* A site has thousands: what is off the screen is not laid out. */
  content-visibility: auto;
  contain-intrinsic-size: auto 96px auto 44px;
}

a {
  /* What only a reader hears stays within the line. */
  position: relative;
  display: inline-flex;
  align-items: center;
  gap: 4px;
  min-height: 44px;
  padding: 0 6px;
  border-radius: 4px;
  color: inherit;
  text-decoration: none;
}

a:hover {
  background: var(--paper);
}

.tag {
  padding-right: 2px;
  font-size: 15px;
}

.ring {
  width: 12px;
  height: 12px;
  border: 1.8px solid var(--go);
  border-radius: 50%;
}

.ring.open {
  border-style: dotted;
  border-color: var(--ink-2);
}

.ring.watch {
  border-color: var(--watch);
  background: linear-gradient(to top, var(--watch) 50%, transparent 50%);
}

.ring.stop {
  border-color: var(--stop);
  background: var(--stop);
}

.draft {
  font-size: 13px;
  color: var(--ink-2);
}
</style>
