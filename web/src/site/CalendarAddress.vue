<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { api } from '../api/client.ts'
import { shownWithYear } from '../shell/shown-time.ts'
import { useAsking } from '../shell/use-asking.ts'

/** A calendar of one's rounds and of what comes due, to subscribe to by an address nobody guesses. */
const { busy, trouble, asking } = useAsking()
const madeAt = ref<string | null>(null)
const address = ref('')
void asking(async () => {
  madeAt.value = (await api.calendar()).madeAt
})

const make = () =>
  asking(async () => {
    address.value = location.origin + (await api.makeCalendar()).path
    madeAt.value = new Date().toISOString()
  })
const drop = () =>
  asking(async () => {
    await api.dropCalendar()
    address.value = ''
    madeAt.value = null
  })
</script>

<template>
  <section class="calendar">
    <h2>Your calendar</h2>
    <p class="quiet">
      Your rounds, and what comes due week by week, in the calendar of your telephone or desk: subscribe to an address
      of your own. Whoever has the address can read it.
    </p>
    <p v-if="address" class="address" data-test="calendar-address">{{ address }}</p>
    <p v-if="address" class="quiet">It is shown this once: copy it now.</p>
    <p v-else-if="madeAt" class="quiet" data-test="calendar-made">An address was made {{ shownWithYear(madeAt) }}.</p>
    <p v-if="trouble" class="error" role="alert">
      <strong>{{ trouble.message }}.</strong> {{ trouble.fix }}
    </p>
    <p class="ways">
      <Button
        :label="madeAt ? 'Another address' : 'Make an address'"
        severity="secondary"
        variant="outlined"
        :disabled="busy"
        data-test="make-calendar"
        @click="make"
      />
      <button v-if="madeAt" type="button" class="link" :disabled="busy" data-test="drop-calendar" @click="drop">
        End it: the address is good no more
      </button>
    </p>
  </section>
</template>

<style scoped>
.calendar {
  display: grid;
  gap: 14px;
}

.address {
  padding: 10px 12px;
  border: 1px solid var(--hair);
  background: var(--sheet);
  overflow-wrap: anywhere;
  user-select: all;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 18px;
}
</style>
