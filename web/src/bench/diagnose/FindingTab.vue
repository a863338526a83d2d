<script setup lang="ts">
import type { FindingDetail } from '@yardfrost/contract'
import { FindingEntry, makeFinding, percentWords } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, ref, shallowRef } from 'vue'
import { api } from '../../api/client.ts'
import { newId } from '../../field/new-id.ts'
import { useOutbox } from '../../field/use-outbox.ts'
import { damage } from '../../references.ts'
import { causeWords } from '../../log/life-words.ts'
import { useSession } from '../../shell/session.ts'
import { shownTime } from '../../shell/shown-time.ts'
import { useLoading } from '../../shell/use-loading.ts'
import LensSheet from '../LensSheet.vue'
import { useBench } from '../use-bench.ts'
import { useSendPhotos } from '../use-bench-photos.ts'
import SignList from './SignList.vue'

/** What a person decides of what was seen, and why; kept as it stands, with the ranking of the day. */
const emit = defineEmits<{ field: [path: string]; working: [figure: string] }>()
const bench = useBench()
const session = useSession()
const lens = computed(() => bench.assessment.value.lenses.diagnose)
const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const ranking = computed(() => outcome.value.ranking)

const offered = 3
const first = computed(() => ranking.value?.causes.slice(0, offered) ?? [])
const chosen = ref<string | null>(null)
const cause = computed(() => chosen.value ?? first.value[0]?.cause ?? '')
const why = ref('')
const findings = shallowRef<FindingDetail[]>([])
const { failure, load } = useLoading(async () => {
  findings.value = await api.findings(bench.id)
})
const clearance = computed(() => ({
  found: bench.bearing.value?.decoded.clearanceClass ?? null,
  calledFor: bench.inputs.value.bearing.requiredClearance,
}))
const { send } = useSendPhotos()
/** Without a network it waits on this device. */
const outbox = useOutbox({
  owner: { workId: `findings-${bench.id}`, accountId: session.account?.id ?? '' },
  schema: FindingEntry,
  prepare: send,
  send: async (entries) => {
    for (const entry of entries) await api.addFinding(bench.id, entry)
    void load()
    return []
  },
  signedOut: session.expire,
})
const { waiting, refused, away } = outbox
outbox.resume()

/** What would be kept now: pressing twice keeps one. */
const toKeep = computed(() => JSON.stringify([bench.inputs.value.diagnose, chosen.value, why.value]))
const kept = ref('')
function keep() {
  const finding = makeFinding(bench.effective.value, outcome.value)
  if (!finding) return
  const decided = cause.value === '' ? null : cause.value
  outbox.add({ id: newId(), at: new Date().toISOString(), cause: decided, why: why.value, finding })
  why.value = ''
  chosen.value = null
  kept.value = toKeep.value
}
</script>

<template>
  <LensSheet :lens="lens" @field="emit('field', $event)">
    <template #inputs>
      <p v-if="!ranking" class="quiet">Nothing was seen yet: paint and point first, then decide.</p>
      <form v-else class="keep" data-test="keep-finding" @submit.prevent="keep">
        <fieldset>
          <legend class="label">What it was</legend>
          <label v-for="one in first" :key="one.cause">
            <input v-model="chosen" type="radio" name="cause" :value="one.cause" :checked="cause === one.cause" />
            <span
              >{{ one.title }} <span class="quiet">{{ percentWords(one.probability) }}</span></span
            >
          </label>
          <label>
            <input v-model="chosen" type="radio" name="cause" value="" />
            <span>left open</span>
          </label>
          <label class="other">
            <span class="label">or another</span>
            <select v-model="chosen" data-test="finding-cause">
              <option v-for="one in damage.causes" :key="one.cause" :value="one.cause">{{ one.title }}</option>
            </select>
          </label>
        </fieldset>
        <p v-if="clearance.calledFor" :class="{ apart: clearance.found !== clearance.calledFor }">
          Clearance found {{ clearance.found ?? 'unread' }}, called for {{ clearance.calledFor }}
        </p>
        <label class="label" for="finding-why">Why, in your words</label>
        <textarea id="finding-why" v-model="why" rows="3" maxlength="600" data-test="finding-why" />
        <p v-for="one in refused" :key="one.entry.id" class="error" role="alert" data-test="finding-refused">
          {{ one.message }}. {{ one.fix }}
          <button type="button" class="link" @click="outbox.markRead(one.entry.id)">read</button>
        </p>
        <Button
          v-if="session.maySave"
          type="submit"
          :label="kept === toKeep ? 'Kept' : 'Keep as a finding'"
          :disabled="kept === toKeep"
          data-test="keep"
        />
      </form>
      <SignList />
    </template>
    <template #figures>
      <h2>Findings here</h2>
      <p v-if="failure" class="quiet">Those that were kept before cannot be read now.</p>
      <p v-else-if="findings.length + waiting.length === 0" class="quiet">None yet.</p>
      <p v-for="one in waiting" :key="one.id" data-test="finding-waits">
        {{ one.cause === null ? 'left open' : causeWords(one.cause) }}
        <span class="quiet">{{ away ? 'waits on this device for the network' : 'is being sent' }}</span>
      </p>
      <p v-for="one in findings" :key="one.id">
        <RouterLink :to="{ name: 'finding', params: { id: one.id } }" data-test="kept-finding">
          {{ shownTime(one.at) }}: {{ one.cause === null ? 'left open' : causeWords(one.cause) }}
        </RouterLink>
        <span v-if="one.by" class="quiet by">{{ one.by }}</span>
      </p>
    </template>
  </LensSheet>
</template>

<style scoped>
.keep {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}

fieldset {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 2px;
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
}

fieldset label {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 36px;
}

input[type='radio'] {
  width: 20px;
  height: 20px;
  accent-color: var(--spruce);
}

select,
textarea {
  border: 1px solid var(--hair);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
}

select {
  flex: 1;
  width: 100%;
  min-width: 0;
  min-height: 36px;
}

textarea {
  padding: 6px 8px;
}

.by {
  margin-left: 8px;
}

.apart {
  color: var(--stop);
  font-weight: 650;
}
</style>
