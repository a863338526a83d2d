<script setup lang="ts">
import { fieldSchema, RollingPosition, settingOf, type FieldMeta, type PutRight, type Ranking } from '@yardfrost/core'
import { computed } from 'vue'

/** What to put right, now, at the refit and on the machine; each can become a step, a question or a changed setting. */
const taken = defineModel<PutRight[]>({ required: true })
const { cause } = defineProps<{ cause: Ranking['causes'][number] }>()
defineEmits<{ field: [path: string] }>()

const times = { immediate: 'now', refit: 'at refit', machine: 'machine' } as const
const setting = computed(() => settingOf(cause.cause))
const settingTitle = computed(() => {
  const meta = setting.value && fieldSchema(RollingPosition, setting.value.split('.'))?.meta()
  return (meta as FieldMeta | undefined)?.title ?? ''
})
const isTaken = (when: PutRight['when'], as: PutRight['as']) =>
  taken.value.some((one) => one.cause === cause.cause && one.when === when && one.as === as)
function press(when: PutRight['when'], as: PutRight['as'], does: string) {
  const rest = taken.value.filter((one) => one.cause !== cause.cause || one.when !== when || one.as !== as)
  taken.value = isTaken(when, as) ? rest : [...rest, { cause: cause.cause, when, as, does }]
}
</script>

<template>
  <section class="put-right" aria-label="Put right" data-test="put-right">
    <h2>Put right</h2>
    <div v-for="one in cause.fix" :key="one.when" class="one" :data-remedy="one.when">
      <span class="label">{{ times[one.when] }}</span>
      <div>
        <p>{{ one.do }}</p>
        <p class="deeds">
          <button
            type="button"
            class="link"
            :aria-pressed="isTaken(one.when, 'step')"
            :data-step="one.when"
            @click="press(one.when, 'step', one.do)"
          >
            {{ isTaken(one.when, 'step') ? 'a step of the next job: take it out' : 'make it a step of the next job' }}
          </button>
          <button
            type="button"
            class="link"
            :aria-pressed="isTaken(one.when, 'question')"
            :data-question="one.when"
            @click="press(one.when, 'question', one.do)"
          >
            {{ isTaken(one.when, 'question') ? 'asked on arrival: take it out' : 'ask it on arrival' }}
          </button>
        </p>
      </div>
    </div>
    <p v-if="setting" class="setting">
      <button type="button" class="link" data-test="setting" @click="$emit('field', setting)">
        Change the setting: {{ settingTitle }}
      </button>
    </p>
  </section>
</template>

<style scoped>
.one {
  display: grid;
  grid-template-columns: 62px 1fr;
  gap: 10px;
  padding: 4px 0;
}

.deeds {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}

.deeds .link,
.setting .link {
  min-height: 30px;
  color: var(--ink-2);
  font: 15px var(--label);
}

.deeds [aria-pressed='true'] {
  color: var(--ink);
  font-weight: 650;
}

.setting {
  padding-left: 72px;
}
</style>
