<script setup lang="ts">
import { lookingWords, wayToLook, type Ranking } from '@yardfrost/core'
import { computed } from 'vue'
import LookDrawing from '../../drawing/signs/LookDrawing.vue'
import SignDrawing from '../../drawing/signs/SignDrawing.vue'
import type { Rolls } from '../../drawing/signs/index.ts'
import { signNamed } from '../../references.ts'

/** What to look at next, what tells most first, with how to look and what it would look like. */
const { ranking, rolls } = defineProps<{ ranking: Ranking; rolls: Rolls }>()
defineEmits<{ answer: [sign: string, found: boolean] }>()

const most = 3
const questions = computed(() =>
  ranking.nextQuestions.slice(0, most).map(({ sign, question }) => {
    const known = signNamed(sign)
    return { sign, question, way: known ? wayToLook(known) : ('lamp' as const) }
  }),
)
</script>

<template>
  <section v-if="questions.length" class="looks" aria-label="Look next" data-test="questions">
    <h2>Look next</h2>
    <div v-for="{ sign, question, way } in questions" :key="sign" class="look">
      <LookDrawing :way="way" :size="38" />
      <SignDrawing :sign="sign" :rolls="rolls" :size="46" />
      <p>
        {{ question }}
        <span class="label">{{ lookingWords[way] }}</span>
      </p>
      <button type="button" :data-yes="sign" @click="$emit('answer', sign, true)">yes</button>
      <button type="button" :data-no="sign" @click="$emit('answer', sign, false)">no</button>
    </div>
  </section>
</template>

<style scoped>
.look {
  display: grid;
  grid-template-columns: 38px 46px 1fr auto auto;
  align-items: center;
  gap: 8px;
  padding: 6px 0;
}

.look .label {
  display: block;
  font-size: 14px;
}

button {
  min-width: 48px;
  min-height: 44px;
  border: 1px solid var(--ink-2);
  border-radius: 5px;
  background: var(--sheet);
  font-weight: 650;
  cursor: pointer;
}
</style>
