<script setup lang="ts">
import { computed } from 'vue'
import { useShelf } from './use-shelf.ts'
import { conditionWords } from './words.ts'

/** What lies on the shelf of the number a job calls for, to take one of it for the job. */
const { calledFor, jobId, mayTake } = defineProps<{ calledFor: string; jobId: string; mayTake: boolean }>()
const { shelf, failure, busy, trouble, linesOf, move } = useShelf()
const lines = computed(() => linesOf(calledFor))
const held = computed(() => lines.value.filter(({ count }) => count > 0))
const wanted = computed(() => shelf.value?.wanted.filter((one) => one.jobId === jobId) ?? [])
const taken = computed(() => wanted.value.length > 0 && wanted.value.every((one) => one.taken))
</script>

<template>
  <section class="from" aria-label="On the shelf" data-test="from-shelf">
    <p v-if="failure" class="quiet">{{ failure.message }}: the shelf is not seen.</p>
    <template v-else-if="shelf">
      <p v-if="taken" data-test="shelf-taken-for"><strong>Taken from the shelf</strong> for this job.</p>
      <p v-else-if="held.length === 0" data-test="shelf-none">
        <strong>Not on the shelf.</strong>
        <span class="quiet">{{
          lines.length > 0 ? ' The last one was taken.' : ` Nothing there says ${calledFor}.`
        }}</span>
      </p>
      <ul v-else>
        <li v-for="line in held" :key="line.id">
          <span>
            <strong>{{ line.count }}</strong> in {{ line.place }}
            <span class="quiet">{{ line.designation }}, {{ conditionWords[line.condition] }}</span>
          </span>
          <button
            v-if="mayTake"
            type="button"
            class="link"
            :disabled="busy"
            :data-take="line.place"
            @click="move(line, 'out', 1, jobId)"
          >
            Take one
          </button>
        </li>
      </ul>
      <p v-if="trouble" class="error" role="alert">{{ trouble.message }}. {{ trouble.fix }}</p>
    </template>
  </section>
</template>

<style scoped>
.from {
  padding: 4px 0;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 14px;
  min-height: 44px;
  align-items: center;
}
</style>
