<script setup lang="ts">
import { heatTarget, type SignedEntry } from '@yardfrost/core'
import { computed, ref } from 'vue'
import HeatClock from '../../heat/HeatClock.vue'
import { useSession } from '../../shell/session.ts'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'

/** The heat clock without a job: the same run, kept on this page only. */
const emit = defineEmits<{ field: [path: string] }>()
const bench = useBench()
const session = useSession()
const target = computed(() => heatTarget(bench.assessment.value.outcomes.mount))
/** The server heats what is saved: what stands only on this page first has to be. */
const unsaved = computed(() => bench.dirty.value)
const lens = computed(() => bench.assessment.value.lenses.mount)

const heat = ref<Extract<SignedEntry, { kind: 'heat' }> | null>(null)
function take(event: 'lifted' | 'home' | 'short', rings: { innerC: number; outerC: number; seconds: number }) {
  heat.value = {
    schema: 1,
    id: bench.id,
    step: 'mount',
    at: new Date().toISOString(),
    kind: 'heat',
    by: '',
    event,
    ...rings,
  }
}
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #figures>
      <HeatClock
        v-if="target"
        :target="target"
        :order="{ positionId: bench.id }"
        :piece="bench.id"
        :heat="heat"
        :disabled="!session.maySave || unsaved"
        @heat="take"
      />
      <p v-if="target && unsaved" class="quiet" data-test="save-first">
        The heater is told what is saved: save this position first.
      </p>
      <p v-if="!target" data-test="no-clock">
        Nothing to heat: the ring slides on, is pressed or driven up, or its fit is not known yet. Way and steps says
        which.
      </p>
    </template>
  </LensSheet>
</template>
