<script setup lang="ts">
import type { MachineDetail } from '@yardfrost/contract'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '../api/client.ts'
import MachineInput from '../register/MachineInput.vue'
import { useSession } from '../shell/session.ts'
import { useAsking } from '../shell/use-asking.ts'
import { useBench } from './use-bench.ts'

/** Of a bearing without a machine: what it is called, and the machine it goes on in the end. */
const bench = useBench()
const session = useSession()
const router = useRouter()
const { busy, trouble, asking } = useAsking()

const name = ref(bench.detail.value?.name ?? '')
async function rename() {
  const next = name.value.trim()
  const now = bench.detail.value
  if (!now || next === now.name) return
  if (next === '') name.value = now.name
  else if (await asking(() => api.renameLoose(bench.id, next))) bench.detail.value = { ...now, name: next }
}

/** What is open below the bar. */
const open = ref<'place' | 'take-off' | null>(null)
const machine = ref<MachineDetail | null>(null)
const position = ref('')
async function place() {
  const to = machine.value
  if (!to) return
  // What was typed goes along: it is saved where it lies, and then the whole is moved.
  if (bench.dirty.value && !(await bench.save())) return
  await asking(() => api.placeLoose(bench.id, { machineId: to.id, name: position.value.trim() }))
  if (!trouble.value) await bench.load()
}
async function takeOff() {
  if (!(await asking(() => api.takeOffLoose(bench.id)))) return
  bench.discard()
  await router.push({ name: 'counter' })
}
</script>

<template>
  <section class="loose" aria-label="On a bench of its own" data-test="loose-bar">
    <label class="label" for="loose-name">On a bench of its own, called</label>
    <InputText
      id="loose-name"
      v-model="name"
      class="name"
      maxlength="80"
      :disabled="!session.maySave"
      data-test="loose-name"
      @change="rename"
    />
    <template v-if="session.maySave">
      <Button
        label="Put it on a machine"
        size="small"
        severity="secondary"
        variant="outlined"
        :aria-expanded="open === 'place'"
        data-test="to-machine"
        @click="open = open === 'place' ? null : 'place'"
      />
      <button type="button" class="link" data-test="take-off" @click="open = open === 'take-off' ? null : 'take-off'">
        Take it off
      </button>
    </template>
    <form v-if="open === 'place'" class="place" @submit.prevent="place">
      <label class="label" for="loose-machine">Machine</label>
      <MachineInput id="loose-machine" v-model="machine" test="loose-machine" />
      <label class="label" for="loose-position">As position</label>
      <InputText
        id="loose-position"
        v-model="position"
        maxlength="80"
        placeholder="for example drive end"
        data-test="loose-position"
      />
      <Button
        type="submit"
        label="Put it there"
        size="small"
        :disabled="busy || !machine || position.trim() === ''"
        data-test="place-it"
      />
    </form>
    <p v-if="open === 'take-off'" class="place" role="alertdialog" aria-label="Take it off its bench?">
      <span
        ><strong>Take it off its bench?</strong> It leaves the counter; what was kept of it stays in the files.</span
      >
      <Button label="Take it off" size="small" :disabled="busy" data-test="take-off-yes" @click="takeOff" />
      <Button label="Leave it" size="small" variant="text" autofocus @click="open = null" />
    </p>
    <p v-if="trouble" class="error" role="alert" data-test="loose-trouble">{{ trouble.message }}. {{ trouble.fix }}</p>
  </section>
</template>

<style scoped>
.loose {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  padding: 8px 22px;
  border-bottom: 1px solid var(--hair);
  background: var(--sheet);
}

.name {
  width: 320px;
  font-weight: 650;
}

.place {
  display: flex;
  flex-wrap: wrap;
  flex-basis: 100%;
  align-items: center;
  gap: 8px 14px;
}

.error {
  flex-basis: 100%;
}
</style>
