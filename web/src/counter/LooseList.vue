<script setup lang="ts">
import type { LooseBearing } from '@yardfrost/contract'
import { ref } from 'vue'
import { api } from '../api/client.ts'
import SectionThumb from '../drawing/SectionThumb.vue'
import { sectionOf } from '../drawing/section-of.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import LoadFailure from '../shell/LoadFailure.vue'
import { shownTime } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'

/** Bearings that lie on benches of their own, to open again. */
const loose = ref<LooseBearing[] | null>(null)
const { failure, load } = useLoading(async () => {
  loose.value = await api.loose()
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <section v-else-if="loose" aria-label="On benches of their own" data-test="loose">
    <h2>On benches of their own</h2>
    <p v-if="loose.length === 0" class="quiet">
      None. A bearing without a machine can be taken to a bench with every lens, kept under a name, and put on a machine
      later: for a price, a question on the phone, a lesson.
    </p>
    <ul v-else>
      <li v-for="one in loose" :key="one.id">
        <RouterLink :to="{ name: 'position', params: { id: one.id } }" :data-loose="one.name">
          <SectionThumb small :section="sectionOf(one.designation)" />
          <span>
            <strong>{{ one.name }}</strong>
            <span class="quiet">{{ one.designation ?? 'no number yet' }}</span>
            <span class="quiet">{{ shownTime(one.savedAt) }}{{ one.savedBy ? `, ${one.savedBy}` : '' }}</span>
          </span>
          <VerdictMark :state="one.state" word />
        </RouterLink>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
  gap: 0 40px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

a {
  display: grid;
  grid-template-columns: auto 1fr auto;
  align-items: center;
  gap: 14px;
  min-height: 64px;
  padding: 6px 4px;
  border-top: 1px solid var(--hair);
  text-decoration: none;
}

a:hover {
  background: var(--sheet);
}

a > span {
  display: grid;
}
</style>
