<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { api, ApiFailure } from '../api/client.ts'

/** An area of the register; who may write gives it another name, or another place in the walk. */
const { name, mayWrite } = defineProps<{ name: string; mayWrite: boolean }>()
const emit = defineEmits<{ changed: [] }>()

/** All areas in walking order while this one is being changed; null while it is not. */
const walk = ref<string[] | null>(null)
const text = ref(name)
const failure = ref<ApiFailure | null>(null)
const place = computed(() => walk.value?.indexOf(name) ?? -1)

async function attemptTo(work: () => Promise<unknown>): Promise<boolean> {
  failure.value = null
  try {
    await work()
    return true
  } catch (error) {
    if (!(error instanceof ApiFailure)) throw error
    failure.value = error
    return false
  }
}
async function begin() {
  text.value = name
  await attemptTo(async () => {
    walk.value = await api.areas()
  })
}
async function rename() {
  const to = text.value.trim()
  if (to !== name && !(await attemptTo(() => api.renameArea({ from: name, to })))) return
  walk.value = null
  emit('changed')
}
async function move(by: 1 | -1) {
  if (!walk.value) return
  const areas = walk.value.filter((one) => one !== name)
  areas.splice(place.value + by, 0, name)
  if (!(await attemptTo(() => api.walkAreas({ areas })))) return
  walk.value = areas
  emit('changed')
}
</script>

<template>
  <header class="area" :data-area="name">
    <form v-if="walk" @submit.prevent="rename">
      <InputText v-model="text" :aria-label="`Name of ${name}`" maxlength="60" autofocus data-test="area-name" />
      <Button type="submit" label="Keep" size="small" :disabled="text.trim() === ''" data-test="keep-area" />
      <button type="button" class="link" :disabled="place <= 0" data-test="area-earlier" @click="move(-1)">
        earlier in the walk
      </button>
      <button type="button" class="link" :disabled="place === walk.length - 1" data-test="area-later" @click="move(1)">
        later
      </button>
      <button type="button" class="link" @click="walk = null">leave it</button>
    </form>
    <template v-else>
      <h2>{{ name }}</h2>
      <button
        v-if="mayWrite"
        type="button"
        class="link"
        :aria-label="`Change area ${name}`"
        data-test="change-area"
        @click="begin"
      >
        change
      </button>
    </template>
    <p v-if="failure" class="error" role="alert" data-test="area-trouble">
      <strong>{{ failure.message }}.</strong> {{ failure.fix }}
    </p>
  </header>
</template>

<style scoped>
.area {
  position: sticky;
  top: 0;
  z-index: 1;
  padding: 12px 0 4px;
  background: var(--paper);
}

.area,
form {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 6px 16px;
}

.link {
  color: var(--ink-2);
}

.link:disabled {
  opacity: 0.4;
  cursor: default;
}
</style>
