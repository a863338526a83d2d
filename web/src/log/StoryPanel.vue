<script setup lang="ts">
import type { FittedStory } from '@yardfrost/contract'
import { outWords } from '@yardfrost/core'
import { shownDay, shownTime } from '../shell/shown-time.ts'
import { causeWords, hoursWords } from './life-words.ts'

/** One bearing's story: what it was, when it went in and out, by which job, why, what was found. */
defineProps<{ story: FittedStory }>()
defineEmits<{ close: [] }>()
const from = { job: 'by its job', typed: 'typed from an old book', file: 'from a file' } as const
</script>

<template>
  <article class="story" data-test="story">
    <header>
      <h2>{{ story.machine.tag }} {{ story.position.name.toLowerCase() }}</h2>
      <button type="button" class="link" data-test="close-story" @click="$emit('close')">close</button>
    </header>
    <p class="name">{{ story.bearing.designation }}</p>
    <dl>
      <dt>went in</dt>
      <dd>
        {{ shownDay(story.bearing.fittedOn) }},
        <RouterLink v-if="story.fittedJob" :to="{ name: 'job', params: { id: story.fittedJob.id } }"
          >job {{ story.fittedJob.number }}</RouterLink
        >
        <!-- prettier-ignore -->
        <template v-else>{{ from[story.bearing.source] }}{{ story.enteredBy ? `, ${story.enteredBy}` : '' }}</template>
      </dd>
      <template v-if="story.bearing.batch"
        ><dt>batch</dt>
        <dd>{{ story.bearing.batch }}</dd></template
      >
      <dt>{{ story.bearing.outOn ? 'came out' : 'runs' }}</dt>
      <dd>
        <template v-if="story.bearing.outOn">
          {{ shownDay(story.bearing.outOn)
          }}<template v-if="story.outJob"
            >,
            <RouterLink :to="{ name: 'job', params: { id: story.outJob.id } }"
              >job {{ story.outJob.number }}</RouterLink
            ></template
          >
          <!-- prettier-ignore -->
        </template>
        <template v-else>until today</template>
      </dd>
      <dt>it ran</dt>
      <dd>{{ hoursWords(story.bearing.hoursH) }}</dd>
      <template v-if="story.bearing.ended">
        <dt>why out</dt>
        <dd>
          {{ outWords[story.bearing.ended]
          }}<template v-if="story.bearing.ended !== 'sound'">: {{ causeWords(story.bearing.cause) }}</template>
        </dd>
        <!-- prettier-ignore -->
      </template>
      <template v-if="story.bearing.note"
        ><dt>note</dt>
        <dd>{{ story.bearing.note }}</dd></template
      >
    </dl>
    <section v-if="story.findings.length" aria-label="Findings">
      <h2>What was found</h2>
      <p v-for="one in story.findings" :key="one.id">
        <RouterLink :to="{ name: 'finding', params: { id: one.id } }" data-test="to-finding">
          {{ shownTime(one.at) }}: {{ causeWords(one.cause) }}
        </RouterLink>
        <span class="quiet"> {{ one.by ?? '' }}</span>
      </p>
    </section>
    <p>
      <RouterLink :to="{ name: 'position', params: { id: story.position.id, lens: 'diagnose' } }"
        >To its bench</RouterLink
      >
    </p>
  </article>
</template>

<style scoped>
.story {
  display: grid;
  gap: 10px;
}

header {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
}

.name {
  font-size: 30px;
  font-weight: 700;
}

dl {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 6px 12px;
  margin: 0;
}

dt {
  color: var(--ink-2);
  font: 15px var(--label);
}

dd {
  margin: 0;
}
</style>
