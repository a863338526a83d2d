<script setup lang="ts">
import { findBearing, hasShown } from '@yardfrost/core'
import { computed } from 'vue'
import RingsUnrolled from '../../damage/RingsUnrolled.vue'
import { catalogue, signLabel } from '../../references.ts'
import { shownDay } from '../../shell/shown-time.ts'
import { useBench } from '../use-bench.ts'
import { facingWords, lyingWords } from './ends-words.ts'

/** The bearings of one machine side by side, as they came out. */
const bench = useBench()
const shown = computed(() => {
  const { diagnose, seat, bearing } = bench.inputs.value
  const here = { ...diagnose, id: null, position: bench.machine.value.position ?? '', designation: bearing.designation, loadCase: seat.loadCase, at: null } // prettier-ignore
  return [here, ...(bench.machine.value.ends ?? [])].map((end) => {
    const found = findBearing(end.designation, catalogue)
    return { ...end, bearing: found, lies: lyingWords(end, found?.interior.rows ?? 1), empty: !hasShown(end) }
  })
})
</script>

<template>
  <div class="ends" data-test="ends">
    <article v-for="end in shown" :key="end.position" :data-end="end.position">
      <h2>{{ end.position }}{{ end.id ? '' : ', here' }}</h2>
      <p class="label">
        {{ end.designation || 'unread' }}{{ end.at ? `, finding of ${shownDay(end.at.slice(0, 10))}` : ''
        }}{{ end.upperFaces ? `; upper edge faced ${facingWords[end.upperFaces]}` : '' }}
      </p>
      <RingsUnrolled
        v-if="end.bearing && end.bands.length + end.marks.length > 0"
        :bearing="end.bearing"
        :load-case="end.loadCase"
        :bands="end.bands"
        :marks="end.marks"
        :label="`Raceways of ${end.position} unrolled`"
      />
      <p v-if="end.lies" data-test="lies">{{ end.lies }}</p>
      <p v-if="end.seen.length" class="quiet">{{ end.seen.map(signLabel).join('; ') }}</p>
      <p v-if="end.empty" class="quiet">
        Nothing was seen of it yet.
        <RouterLink v-if="end.id" :to="{ name: 'position', params: { id: end.id, lens: 'diagnose' } }"
          >To its bench</RouterLink
        >
      </p>
    </article>
  </div>
</template>

<style scoped>
.ends {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(340px, 1fr));
  align-items: start;
  gap: 18px 28px;
  padding: 8px 22px 16px;
}

article {
  display: grid;
  gap: 4px;
  min-width: 0;
}
</style>
