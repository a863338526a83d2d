<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { chillSays, leftS, sinceS, type ChillEvent, type ChillTimes } from './chill-says.ts'
import { clockWords } from './heat-says.ts'

/** The clock of a chilled part: how long it has lain in the coolant, and once it is out how long it still goes in. */
const { times } = defineProps<{ times: ChillTimes }>()
const event = defineModel<ChillEvent | null>({ required: true })

const now = ref(Date.now())
useIntervalFn(() => {
  now.value = Date.now()
}, 250)
const tell = (what: ChillEvent['what']) => {
  now.value = Date.now()
  event.value = { what, at: now.value }
}
const left = computed(() => leftS(event.value, times, now.value))
const says = computed(() => chillSays(event.value, times, now.value))
</script>

<template>
  <section class="clock" aria-label="Chill clock" data-test="chill-clock">
    <p class="says" role="status" data-test="chill-says">{{ says }}</p>
    <p v-if="event?.what === 'in'" class="time">
      <span class="label">In the coolant</span>
      <strong class="frost" data-test="chill-in">{{ clockWords(sinceS(event, now)) }}</strong>
    </p>
    <p v-if="left !== null" class="time">
      <span class="label">Until it seizes</span>
      <strong :class="left > 0 ? 'frost' : 'stopped'" data-test="chill-left">{{ clockWords(left) }}</strong>
    </p>
    <div class="buttons">
      <template v-if="event?.what === 'in'">
        <button type="button" class="primary" data-test="chill-take-out" @click="tell('out')">Taken out</button>
        <button type="button" data-test="chill-start-again" @click="event = null">Not put in</button>
      </template>
      <template v-else-if="event?.what === 'out'">
        <button type="button" class="primary" data-test="chill-home" @click="tell('home')">It is home</button>
        <button type="button" data-test="chill-stuck" @click="tell('stuck')">It stopped short</button>
        <button type="button" data-test="chill-back" @click="tell('in')">Back into the coolant</button>
      </template>
      <button v-else type="button" class="primary" data-test="chill-put-in" @click="tell('in')">
        {{ event ? 'Put it in again' : 'Put in' }}
      </button>
    </div>
  </section>
</template>

<style scoped src="./clock.css"></style>
<style scoped>
.clock {
  display: grid;
  gap: 10px;
  padding: 10px 0;
  border-top: 1px solid var(--hair);
}

.says {
  font: 700 20px var(--text);
}

.time {
  display: grid;
}

.time strong {
  font-size: 54px;
  line-height: 1;
}
</style>
