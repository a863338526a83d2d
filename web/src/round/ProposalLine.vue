<script setup lang="ts">
import type { Proposals } from '@yardfrost/contract'
import { proposalOf, proposalWords } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed } from 'vue'
import { api } from '../api/client.ts'
import { useFormat } from '../figures/use-format.ts'
import { useSession } from '../shell/session.ts'
import { shownDay } from '../shell/shown-time.ts'
import { today } from '../shell/today.ts'
import { useAsking } from '../shell/use-asking.ts'
import { pointName } from './words.ts'

/** What a point should learn from what came out: a person takes it, or leaves the interval as it is. */
const { one } = defineProps<{ one: Proposals[number] }>()
const emit = defineEmits<{ settled: [] }>()
const format = useFormat()
const session = useSession()
const proposal = computed(() => proposalOf(one.point.kind, one.point.work, one.point.own, one.seen))
const words = computed(() => (proposal.value ? format.sentence(proposalWords(proposal.value)) : ''))
const { trouble, asking } = useAsking()

const settle = (takes: boolean) =>
  asking(async () => {
    const found = proposal.value
    if (!found) return
    const { id, version, own, lastDone } = one.point
    const learned = takes && found.verdict !== 'keep'
    const reason = `${words.value.split(':')[0] ?? ''} on ${found.day}`
    await api.savePoint(id, {
      version,
      lastDone,
      own: {
        ...own,
        // What came out up to now has been judged.
        settledOn: found.day > today() ? found.day : today(),
        ...(learned ? { intervalH: found.toH, from: 'learned' as const, reason } : {}),
      },
    })
    emit('settled')
  })
</script>

<template>
  <li v-if="proposal" class="proposal" :data-proposal="pointName(one.point)">
    <strong>{{ pointName(one.point) }}</strong>
    <span class="quiet">{{ shownDay(proposal.day) }}</span>
    <p>{{ words }}</p>
    <p v-if="session.maySave" class="actions">
      <Button
        size="small"
        :label="proposal.verdict === 'keep' ? 'Looked into' : 'Take it'"
        data-test="take-proposal"
        @click="settle(true)"
      />
      <Button
        v-if="proposal.verdict !== 'keep'"
        size="small"
        severity="secondary"
        variant="outlined"
        label="Leave it as it is"
        data-test="leave-proposal"
        @click="settle(false)"
      />
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
  </li>
</template>

<style scoped>
.proposal {
  padding: 8px 0;
  border-top: 1px solid var(--hair);
}

p {
  margin: 4px 0;
}

.quiet {
  padding-left: 8px;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

.trouble {
  color: var(--stop);
}
</style>
