<script setup lang="ts">
import { computed } from 'vue'
import VerdictMark from '../figures/VerdictMark.vue'
import { shownDay } from '../shell/shown-time.ts'
import { useShelf } from './use-shelf.ts'

/** What is missing on the shelf for work that is planned; nothing while all is there, or while nobody keeps a shelf. */
const { shelf, says } = useShelf()
const missing = computed(() => (shelf.value?.lines.length ? (says.value?.missing ?? []) : []))
const whenOf = (day: string | null | undefined) => (day ? `, ${shownDay(day)}` : '')
</script>

<template>
  <section v-if="missing.length" aria-label="Missing on the shelf" data-test="missing-line">
    <h2>Missing on the shelf</h2>
    <ul>
      <li v-for="one in missing" :key="one.designation">
        <RouterLink :to="{ name: 'shelf' }">
          <VerdictMark state="watch" />
          <span>
            <strong>{{ one.designation }}</strong>
            <span class="quiet">
              {{ one.held === 0 ? 'none' : `only ${one.held}` }} for {{ one.jobs[0]?.tag }} job {{ one.jobs[0]?.number
              }}{{ whenOf(one.jobs[0]?.plannedFor) }}</span
            >
          </span>
        </RouterLink>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

a {
  display: grid;
  grid-template-columns: 24px 1fr;
  align-items: start;
  padding: 8px 0;
  border-top: 1px solid var(--hair);
  text-decoration: none;
}

a:hover strong {
  text-decoration: underline;
}

a .quiet {
  display: block;
}
</style>
